import { rolesWith } from '../../core/platform/access/permissions';
import { addWorkingDays } from '../../core/platform/calendar/working-days';
import type { LockedPerson } from '../people/lock-person';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import { mayBePostponed } from '../../core/cases/day-sheet';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, type DeskActInput } from '../platform/acts/desk-act';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';

const { cases, assessmentResults, messages, people, users } = schema;

/** Coordinators with active accounts, by name: those who can be assigned. */
export function coordinators(db: Db): Promise<{ id: string; name: string }[]> {
	return db
		.select({ id: users.id, name: users.name })
		.from(users)
		.where(and(inArray(users.role, rolesWith('cases:act')), isNull(users.closedAt)))
		.orderBy(users.name);
}

/** Assigns a coordinator to a person; null for nobody in particular. */
export async function setOwner(
	db: Db,
	actor: Actor,
	input: DeskActInput & { readonly ownerId: string | null; readonly batch?: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'cases:act');
	await runDeskAct(db, actor, { ...input, kind: 'owned' }, now, async ({ tx, rows, person }) => {
		if (input.ownerId !== null && !(await coordinators(tx)).some(({ id }) => id === input.ownerId))
			throw new DomainError('invalid', 'chooseCoordinator', '/owner');
		await rows.update(people, { ownerId: input.ownerId }, eq(people.id, person.id));
		await writeAuditLine(tx, actor, { at: now, act: 'owner-set', personId: person.id });
	});
}

/**
 * Postpones a case to a day, with the reason. It comes back on that day, or earlier with anything new; a case that needs an outcome or has
 * an unread message can't be postponed.
 * @param input.until the day; empty to end the postponement
 */
export async function postponeCase(
	db: Db,
	actor: Actor,
	input: DeskActInput & { readonly until: string; readonly reason: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'cases:act');
	await runDeskAct(db, actor, { ...input, kind: 'put-off' }, now, async ({ tx, rows, person }) => {
		const [of] = await tx
			.select({ level: cases.level, assessmentResult: assessmentResults.document })
			.from(cases)
			.leftJoin(assessmentResults, eq(assessmentResults.id, cases.assessmentResultId))
			.where(eq(cases.personId, person.id));
		const open = and(eq(messages.personId, person.id), messages.fromPerson, isNull(messages.answeredAt));
		const hasMessage = (await tx.$count(messages, open)) > 0;
		if (input.until !== '' && of && !mayBePostponed({ level: of.level, hasMessage }))
			throw new DomainError('conflict', 'cannotWait');
		if (input.until !== '' && input.until <= person.place.dayOf(now))
			throw new DomainError('invalid', 'chooseLaterDay', '/until');
		const reason = input.reason.trim();
		if (input.until !== '' && reason === '') throw new DomainError('invalid', 'sayWhyItWaits', '/reason');
		const reasons = of?.assessmentResult?.reasons.map(({ code }) => code) ?? [];
		const later =
			input.until === ''
				? { laterOn: null, laterReason: '', laterFor: [] }
				: { laterOn: input.until, laterReason: reason, laterFor: [...new Set(reasons)] };
		await rows.update(people, later, eq(people.id, person.id));
		await writeAuditLine(tx, actor, { at: now, act: 'put-off', personId: person.id });
	});
}

/** Working days offered for postponing. */
const LATER_DAYS = [1, 3, 5, 10] as const;

/** Days to which a case can be postponed, from the person's today. */
export const postponeDaysOf = ({ place }: LockedPerson, now: Date) =>
	LATER_DAYS.map((days) => addWorkingDays(place.dayOf(now), days, place.calendar));

/**
 * Until when and why a case is postponed; null where it is not.
 * @param today ISO date
 */
export const postponeOptionsOf = (
	{ laterOn, laterReason }: Pick<LockedPerson, 'laterOn' | 'laterReason'>,
	today: string
) => (laterOn !== null && laterOn > today ? { on: laterOn, reason: laterReason } : null);
