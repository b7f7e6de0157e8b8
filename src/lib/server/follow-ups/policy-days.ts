import { and, eq, isNull } from 'drizzle-orm';
import type { CivilDate } from '../../core/calendar';
import { schema, type Db } from '../db/client';
import type { FollowUpKind } from '../../core/triage';
import { addToChain } from './add-to-chain';

const { followUps } = schema;

/** The day of the open follow-up of each kind, as it stands after somebody may have moved it; null where none is open. */
export type PolicyDays = Record<FollowUpKind, string | null>;

/**
 * Sees to it that the days which the policy gives stand among the follow-ups. One that was moved by hand stays where it was put as
 * long as the policy means the same day; with another day it is a new one.
 *
 * Cost: one read, and a write where a day has changed.
 */
export async function syncPolicyDays(
	tx: Db,
	personId: string,
	wanted: Readonly<Record<Exclude<FollowUpKind, 'look'>, CivilDate | null>>,
	now: Date
): Promise<PolicyDays> {
	const open = await tx
		.select()
		.from(followUps)
		.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
	const days: PolicyDays = {
		look: open.find(({ kind }) => kind === 'look')?.due ?? null,
		'check-in': null,
		recheck: null
	};
	for (const kind of ['check-in', 'recheck'] as const) {
		const day = wanted[kind];
		const row = open.find((one) => one.kind === kind);
		if (row && row.policyDay === day) {
			days[kind] = row.due;
			continue;
		}
		// Never asked: what was asked is finished, and is not asked for the same day again.
		if (row) await tx.delete(followUps).where(eq(followUps.id, row.id));
		if (!day || (await wasAsked(tx, personId, kind, day))) continue;
		await addToChain(tx, { personId, kind, due: day, policyDay: day, reason: '' }, now);
		days[kind] = day;
	}
	return days;
}

/** Whether a person was asked already for a day of the policy; served by follow_ups_person_idx. */
async function wasAsked(tx: Db, personId: string, kind: FollowUpKind, policyDay: string): Promise<boolean> {
	const asked = await tx.$count(
		followUps,
		and(eq(followUps.personId, personId), eq(followUps.kind, kind), eq(followUps.policyDay, policyDay))
	);
	return asked > 0;
}
