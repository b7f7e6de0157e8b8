import { desc, inArray } from 'drizzle-orm';
import type { CivilDate } from '../../core/calendar';
import type { FollowUpKind } from '../../core/triage';
import { schema, type Db } from '../db/client';

const { followUps } = schema;

/** The day of the open follow-up of each kind, as it stands after somebody may have moved it; null where none is open. */
export type PolicyDays = Record<FollowUpKind, string | null>;

/** The days that the policy gives to one person; null where it gives none. */
export interface WantedDays {
	readonly personId: string;
	readonly days: Readonly<Record<Exclude<FollowUpKind, 'look'>, CivilDate | null>>;
}

/** A follow-up, as far as the days of the policy go. */
type Row = Pick<
	typeof followUps.$inferSelect,
	'id' | 'personId' | 'kind' | 'due' | 'policyDay' | 'createdAt' | 'doneAt'
>;

/** What has to be written for one person. */
interface Changes {
	readonly days: PolicyDays;
	readonly outdated: readonly string[];
	readonly added: readonly (typeof followUps.$inferInsert)[];
}

/**
 * The days of one person, given all their follow-ups, the newest first. One that was moved by hand stays where it was put as long as the
 * policy means the same day; with another day it is a new one, behind the last of its kind. What was asked is finished, and is not asked
 * for the same day again.
 */
function changesOf({ personId, days: wanted }: WantedDays, rows: readonly Row[], now: Date): Changes {
	const openOf = (kind: FollowUpKind) => rows.find((row) => row.kind === kind && row.doneAt === null);
	const days: PolicyDays = { look: openOf('look')?.due ?? null, 'check-in': null, recheck: null };
	const outdated: string[] = [];
	const added: (typeof followUps.$inferInsert)[] = [];
	for (const kind of ['check-in', 'recheck'] as const) {
		const day = wanted[kind];
		const open = openOf(kind);
		if (open && open.policyDay === day) {
			days[kind] = open.due;
			continue;
		}
		if (open) outdated.push(open.id);
		const before = rows.filter((row) => row.kind === kind && row !== open);
		if (!day || before.some(({ policyDay }) => policyDay === day)) continue;
		days[kind] = day;
		added.push({ personId, kind, due: day, policyDay: day, createdAt: now, after: before[0]?.id ?? null });
	}
	return { days, outdated, added };
}

/**
 * Sees to it that the days which the policy gives stand among the follow-ups.
 *
 * Cost: one read of these people's follow-ups by follow_ups_person_idx, and at most two writes for all where a day has changed.
 *
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
			createdAt: followUps.createdAt,
			doneAt: followUps.doneAt
		})
		.from(followUps)
		.where(inArray(followUps.personId, ids))
		.orderBy(desc(followUps.createdAt));
	const changes = wanted.map((of) => {
		const mine = rows.filter(({ personId }) => personId === of.personId);
		return { personId: of.personId, ...changesOf(of, mine, now) };
	});
	const outdated = changes.flatMap((change) => change.outdated);
	if (outdated.length > 0) await tx.delete(followUps).where(inArray(followUps.id, outdated));
	const added = changes.flatMap((change) => change.added);
	if (added.length > 0) await tx.insert(followUps).values(added);
	return new Map(changes.map(({ personId, days }) => [personId, days]));
}
