import { and, desc, eq, isNotNull, lt } from 'drizzle-orm';
import { acceptedDay, weekdayOf } from '../../core/platform/calendar/civil-date';
import type { BreakSchedule, StandingShare } from '../../core/breaks/break-schedules';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import type { OpenAssessment } from '../questionnaire/assessments/open-assessment';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { readSettings } from '../platform/organisation-settings/read-settings';

const { breakSettings, breakWeeks } = schema;

/** Saves a person's own break schedule and share of standing; null for the schedule set for them. */
export async function chooseBreakSchedule(
	db: Db,
	{ actor }: OpenAssessment,
	wanted: { breakSchedule: BreakSchedule | null; share: StandingShare }
): Promise<void> {
	const { settings } = await readSettings(db, 'choices');
	if (wanted.breakSchedule !== null && !settings.breakSchedules.includes(wanted.breakSchedule)) {
		const [own] = await db
			.select({ breakSchedule: breakSettings.breakSchedule })
			.from(breakSettings)
			.where(eq(breakSettings.personId, actor.personId));
		if (own?.breakSchedule !== wanted.breakSchedule) throw new DomainError('conflict', 'notOffered');
	}
	await db
		.insert(breakSettings)
		.values({ personId: actor.personId, ...wanted })
		.onConflictDoUpdate({ target: breakSettings.personId, set: wanted });
}

/** Starts sharing weekly totals with the coordinators, or stops: shared totals are then deleted. */
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

/** Breaks of a week, as counted on the person's device. */
export interface BreakWeek {
	/** Its Monday, ISO. */
	readonly week: string;
	readonly planned: number;
	readonly taken: number;
}

const MONDAY = 1;

/**
 * Saves the weekly totals of someone who shares them; the newest count of a week replaces an older one. Nothing is stored for anyone who
 * does not share.
 */
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
		// A trend is read from a year; older weeks are of no use.
		const yearAgo = new Date(Date.parse(`${monday}T00:00:00Z`) - 371 * 86_400_000).toISOString().slice(0, 10);
		await tx.delete(breakWeeks).where(and(eq(breakWeeks.personId, personId), lt(breakWeeks.week, yearAgo)));
	});
}

/** A person's breaks for their coordinator: their choice, and their weeks if they share them. */
export function breaksOf(db: Db, actor: Actor, personId: string) {
	requirePermission(actor, 'cases:read');
	return ownBreaks(db, personId);
}

/** Weeks shown: people can remember two months. */
const WEEKS_SHOWN = 8;

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
	return {
		chosenBreakSchedule: chosen?.breakSchedule ?? null,
		isShared: (chosen?.sharedAt ?? null) !== null,
		weeks
	};
}
