import { desc } from 'drizzle-orm';
import type { CivilDate } from '../../../core/platform/calendar/civil-date';
import type { FollowUpKind } from '../../../core/cases/triage/follow-up-kinds';
import { isAnyOf } from '../../platform/db/is-any-of';
import { schema, type Db } from '../../platform/db/client';
import type { HoldReason } from '../../platform/db/schema/columns';
import { emailDueDayAfter } from '../../platform/email-hold/email-due-day';

const { followUps } = schema;

/** Follow-ups that are sent automatically. */
type AskedKind = Exclude<FollowUpKind, 'look'>;

/** The day of the open follow-up of each kind, including moves by hand; null where none is open. */
export type PolicyDays = Record<FollowUpKind, string | null> & {
	/** Those that a coordinator must release first. */
	readonly held: readonly AskedKind[];
};

/** The days that the policy gives for a person; null where it gives none. */
export interface WantedDays {
	readonly personId: string;
	/** What they are computed again for, where neither people nor time have acted. */
	readonly holdReason: HoldReason | null;
	/** Above every version that a follow-up of theirs had. */
	readonly nextVersion: number;
	readonly days: Readonly<Record<AskedKind, CivilDate | null>>;
}

/** A follow-up, as far as policy days need it. */
type Row = Pick<
	typeof followUps.$inferSelect,
	'id' | 'personId' | 'kind' | 'due' | 'policyDay' | 'holdReason' | 'heldBefore' | 'createdAt' | 'doneAt'
>;

/** What must be written for one person. */
interface Changes {
	readonly days: PolicyDays;
	readonly outdated: readonly string[];
	readonly added: readonly (typeof followUps.$inferInsert)[];
}

/**
 * The changes for one person, given all their follow-ups, newest first. One that was moved by hand stays where it was put as long as the
 * policy gives the same day; for a different day there is a new one, after the last of its kind. What was sent is finished, and is not sent
 * for the same day again.
 */
function changesOf(
	{ personId, days: wanted, holdReason, nextVersion }: WantedDays,
	rows: readonly Row[],
	now: Date
): Changes {
	const openOf = (kind: FollowUpKind) => rows.find((row) => row.kind === kind && row.doneAt === null);
	const days = { look: openOf('look')?.due ?? null, 'check-in': null, recheck: null } as Record<
		FollowUpKind,
		string | null
	>;
	const held: AskedKind[] = [];
	const outdated: string[] = [];
	const added: (typeof followUps.$inferInsert)[] = [];
	for (const kind of ['check-in', 'recheck'] as const) {
		const day = wanted[kind];
		const open = openOf(kind);
		if (open && open.policyDay === day) {
			days[kind] = open.due;
			if (open.holdReason) held.push(kind);
			continue;
		}
		if (open) outdated.push(open.id);
		const before = rows.filter((row) => row.kind === kind && row !== open);
		if (!day || before.some(({ policyDay }) => policyDay === day)) continue;
		days[kind] = day;
		const last = {
			day: open?.policyDay ?? null,
			holdReason: open?.holdReason ?? null,
			heldBefore: open?.heldBefore ?? null
		};
		const mail = emailDueDayAfter(last, day, holdReason);
		if (mail.holdReason) held.push(kind);
		const after = before[0]?.id ?? null;
		added.push({
			personId,
			kind,
			due: day,
			policyDay: day,
			holdReason: mail.holdReason,
			heldBefore: mail.heldBefore,
			version: nextVersion,
			createdAt: now,
			after
		});
	}
	return { days: { ...days, held }, outdated, added };
}

/**
 * Makes the policy's days match the follow-ups. Cost: one read of these people's follow-ups by follow_ups_person_idx, and at most two
 * writes for all where a day has changed.
 * @returns the days that stand now, by person
 */
export async function syncPolicyDays(
	tx: Db,
	wanted: readonly WantedDays[],
	now: Date
): Promise<Map<string, PolicyDays>> {
	const ids = wanted.map(({ personId }) => personId);
	const rows = await tx
		.select({
			id: followUps.id,
			personId: followUps.personId,
			kind: followUps.kind,
			due: followUps.due,
			policyDay: followUps.policyDay,
			holdReason: followUps.holdReason,
			heldBefore: followUps.heldBefore,
			createdAt: followUps.createdAt,
			doneAt: followUps.doneAt
		})
		.from(followUps)
		.where(isAnyOf(followUps.personId, ids))
		.orderBy(desc(followUps.createdAt));
	const changes = wanted.map((of) => {
		const mine = rows.filter(({ personId }) => personId === of.personId);
		return { personId: of.personId, ...changesOf(of, mine, now) };
	});
	const outdated = changes.flatMap((change) => change.outdated);
	if (outdated.length > 0) await tx.delete(followUps).where(isAnyOf(followUps.id, outdated));
	const added = changes.flatMap((change) => change.added);
	if (added.length > 0) await tx.insert(followUps).values(added);
	return new Map(changes.map(({ personId, days }) => [personId, days]));
}
