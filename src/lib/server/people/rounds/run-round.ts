import { eq, sql } from 'drizzle-orm';
import { forecastRound } from '../../../core/workforce/round-forecast/forecast-round';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { checklistVersionToSend } from '../../questionnaire/checklists/read-checklists';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { earlierDelays } from './round-delays';
import { lockRound } from './lock-round';
import { isAwaitingAnswer } from './remind-unanswered';
import { matchingPeople } from './round-selection';
import { queueJob } from '../../platform/jobs/queue-job';

const { cases, people, roundPeople, rounds } = schema;

/**
 * Starts sending a round: its people are fixed now, in one statement, and the queue writes their emails in batches from the first day on.
 * @param expected the number of people shown; refused where it has changed, so that nobody writes to more people than they saw
 */
export async function startRound(
	db: Db,
	actor: Actor,
	{ id, version, expected }: { id: string; version: number; expected: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	// Kept with the round, to be compared with what comes.
	const forecast = forecastRound(await earlierDelays(db, now), expected);
	await inTransaction(db, async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'draft') throw new DomainError('conflict', 'roundSentAlready');
		const put = await tx.execute(sql`
			insert into ${roundPeople} (round_id, person_id)
			select ${id}::uuid, ${people.id} from ${people} join ${cases} on ${cases.personId} = ${people.id}
			where ${matchingPeople(round.filter, now)}`);
		const n = put.rowCount ?? 0;
		if (n !== expected) throw new DomainError('conflict', { code: 'otherCount', facts: { n, expected } });
		if (n === 0) throw new DomainError('conflict', 'nobodyMatches');
		await tx
			.update(rounds)
			.set({
				state: 'sending',
				sentAt: now,
				forecast,
				// What was published since the draft was made.
				checklistVersion: await checklistVersionToSend(tx),
				version: round.version + 1
			})
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-sent', detail: { round: id, people: n } });
		await queueJob(tx, 'rounds');
	});
}

/**
 * Closes a round: no more emails of it, from this moment. Links keep working, and late answers are counted separately. What that means for
 * each of its people, the queue does in batches (`round-changes.ts`).
 * @param callSilent whether people who have not answered go on the call list
 */
export async function closeRound(
	db: Db,
	actor: Actor,
	{ id, version, callSilent }: { id: string; version: number; callSilent: boolean },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await inTransaction(db, async (tx) => {
		const round = await lockRound(tx, id, version);
		if (!isAwaitingAnswer(round)) throw new DomainError('conflict', 'closeOnlyOut');
		await tx
			.update(rounds)
			.set({
				state: 'closed',
				closedAt: now,
				pausedAt: null,
				pendingChange: callSilent ? 'close-and-call' : 'close',
				version: round.version + 1
			})
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-closed', detail: { round: id } });
		await publishChange(tx, `round:${id}`);
		await queueJob(tx, 'rounds');
	});
}

/**
 * Reopens a closed round: emails not written yet are sent, and people who have not answered leave the call list and are reminded again from
 * tomorrow on, as far as reminders are left. The queue does so in batches (`round-changes.ts`).
 */
export async function reopenRound(
	db: Db,
	actor: Actor,
	{ id, version }: { id: string; version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await inTransaction(db, async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'closed') throw new DomainError('conflict', 'openOnlyClosed');
		await tx
			.update(rounds)
			.set({
				state: 'sending',
				closedAt: null,
				pendingChange: 'reopen',
				version: round.version + 1,
				counts: null
			})
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-reopened', detail: { round: id } });
		await publishChange(tx, `round:${id}`);
		await queueJob(tx, 'rounds');
	});
}
