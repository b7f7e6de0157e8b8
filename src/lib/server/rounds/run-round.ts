import { and, eq, sql } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { tellChange } from '../live/changes';
import { progressOf } from './follow-round';
import { lockRound } from './lock-round';
import { isOut } from './nudge';
import { matching } from './who-matches';

const { cases, people, roundPeople, rounds } = schema;

/**
 * Sends a round off: who it means is fixed now, in one statement, and the queue writes their letters in batches from the
 * first day on.
 *
 * @param expected how many people were shown; refused where it has changed, so that nobody writes to more than they saw
 */
export async function startRound(
	db: Db,
	actor: Actor,
	{ id, version, expected }: { id: string; version: number; expected: number },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'draft') throw new Fault('conflict', 'This round was sent already.');
		const put = await tx.execute(sql`
			insert into ${roundPeople} (round_id, person_id)
			select ${id}::uuid, ${people.id} from ${people} join ${cases} on ${cases.personId} = ${people.id}
			where ${matching(round.filter, now)}`);
		const n = put.rowCount ?? 0;
		if (n !== expected)
			throw new Fault(
				'conflict',
				`It would go to ${n} people now, not to ${expected}. Look again, then send it.`
			);
		if (n === 0) throw new Fault('conflict', 'Nobody matches: choose other teams.');
		await tx
			.update(rounds)
			.set({ state: 'sending', sentAt: now, version: round.version + 1 })
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-sent', detail: { round: id, people: n } });
	});
}

/** Closes a round: nobody is reminded any more. Links go on working, and late answers are counted beside it. */
export async function closeRound(
	db: Db,
	actor: Actor,
	{ id, version }: { id: string; version: number },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (!isOut(round)) throw new Fault('conflict', 'Only a round that is out can be closed.');
		await tx.update(roundPeople).set({ remindOn: null }).where(eq(roundPeople.roundId, id));
		await tx
			.update(roundPeople)
			.set({ state: 'skipped' })
			.where(and(eq(roundPeople.roundId, id), eq(roundPeople.state, 'waiting')));
		const counts = await progressOf(tx, id);
		await tx
			.update(rounds)
			.set({ state: 'closed', closedAt: now, version: round.version + 1, counts })
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-closed', detail: { round: id } });
		await tellChange(tx, `round:${id}`);
	});
}
