import { and, desc, eq, isNotNull, lt } from 'drizzle-orm';
import { acceptedDay, weekdayOf } from '../../core/calendar';
import type { BreakSchedule, StandingShare } from '../../core/breaks/break-schedules';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import type { OpenAssessment } from '../assessments/open-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';

const { breakSettings, breakWeeks } = schema;

/** Keeps how a person wants to break, and to share sitting and standing; null for the rhythm that was set for them. */
export async function chooseBreakSchedule(
	db: Db,
	{ actor }: OpenAssessment,
	wanted: { rhythm: BreakSchedule | null; share: StandingShare }
): Promise<void> {
	await db
		.insert(breakSettings)
		.values({ personId: actor.personId, ...wanted })
		.onConflictDoUpdate({ target: breakSettings.personId, set: wanted });
}

/** Shares weekly totals with the coordinators from now on, or no more: what was shared is removed then. */
export async function shareBreakWeeks(
	db: Db,
	{ actor }: OpenAssessment,
	isShared: boolean,
	now: Date
): Promise<void> {
	const { personId } = actor;
	await inTransaction(db, async (tx) => {
		const sharedAt = isShared ? now : null;
		await tx
			.insert(breakSettings)
			.values({ personId, sharedAt })
			.onConflictDoUpdate({ target: breakSettings.personId, set: { sharedAt } });
		if (!isShared) await tx.delete(breakWeeks).where(eq(breakWeeks.personId, personId));
		await writeAuditLine(tx, actor, {
			at: now,
			act: isShared ? 'breaks-shared' : 'breaks-not-shared',
			personId
		});
	});
}

/** Breaks of a week, as the person's device counted them. */
export interface BreakWeek {
	/** Its Monday, ISO. */
	readonly week: string;
	readonly planned: number;
	readonly taken: number;
}

const MONDAY = 1;

/** Keeps the totals of a week of someone who shares them; the newest count of a week stands. Nothing is kept of who does not share. */
export async function storeBreakWeek(
	db: Db,
	{ actor }: OpenAssessment,
	{ week, planned, taken }: BreakWeek
): Promise<void> {
	const monday = acceptedDay(week);
	if (monday === null || weekdayOf(monday) !== MONDAY) throw new DomainError('invalid', 'noSuchDay', '/week');
	const { personId } = actor;
	await inTransaction(db, async (tx) => {
		const [shares] = await tx
			.select({ id: breakSettings.personId })
			.from(breakSettings)
			.where(and(eq(breakSettings.personId, personId), isNotNull(breakSettings.sharedAt)))
			.for('update');
		if (!shares) throw new DomainError('conflict', 'notShared');
		const counted = { planned: Math.max(planned, taken), taken };
		await tx
			.insert(breakWeeks)
			.values({ personId, week: monday, ...counted })
			.onConflictDoUpdate({ target: [breakWeeks.personId, breakWeeks.week], set: counted });
		// A year is what a trend is read from; older weeks are of no use to anybody.
		const yearAgo = new Date(Date.parse(`${monday}T00:00:00Z`) - 371 * 86_400_000).toISOString().slice(0, 10);
		await tx.delete(breakWeeks).where(and(eq(breakWeeks.personId, personId), lt(breakWeeks.week, yearAgo)));
	});
}

/** How a person breaks, for their coordinator: what they chose, and their weeks if they share them. */
export function breaksOf(db: Db, actor: Actor, personId: string) {
	requirePermission(actor, 'cases:read');
	return ownBreaks(db, personId);
}

/** Weeks that are shown: two months are what someone can remember. */
const WEEKS_SHOWN = 8;

/** What is kept of how a person breaks. */
export async function ownBreaks(db: Db, personId: string) {
	const [[chosen], weeks] = await Promise.all([
		db.select().from(breakSettings).where(eq(breakSettings.personId, personId)),
		db
			.select({ week: breakWeeks.week, planned: breakWeeks.planned, taken: breakWeeks.taken })
			.from(breakWeeks)
			.where(eq(breakWeeks.personId, personId))
			.orderBy(desc(breakWeeks.week))
			.limit(WEEKS_SHOWN)
	]);
	return { ownRhythm: chosen?.rhythm ?? null, isShared: (chosen?.sharedAt ?? null) !== null, weeks };
}
