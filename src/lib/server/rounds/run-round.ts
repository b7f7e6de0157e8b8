import { and, eq, inArray, isNull, lt, sql } from 'drizzle-orm';
import { forecastRound } from '../../core/round-forecast';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { isoDay } from '../clock';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { checklistVersionToSend } from '../checklists/read-checklists';
import { DomainError } from '../domain-error';
import { publishChange } from '../live/changes';
import { roundProgressOf } from './round-news';
import { earlierDelays } from './round-delays';
import { lockRound } from './lock-round';
import { isAwaitingAnswer, reminderDaysNow } from './remind-unanswered';
import { matchingPeople } from './round-selection';

const { assessments, cases, people, roundPeople, rounds } = schema;

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
	await db.transaction(async (tx) => {
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
	});
}

/**
 * Closes a round: no more reminders. Links keep working, and late answers are counted separately. On request, people who have not answered
 * go on the call list: the queue assesses their cases.
 */
export async function closeRound(
	db: Db,
	actor: Actor,
	{ id, version, callSilent }: { id: string; version: number; callSilent: boolean },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (!isAwaitingAnswer(round)) throw new DomainError('conflict', 'closeOnlyOut');
		await tx.update(roundPeople).set({ remindOn: null }).where(eq(roundPeople.roundId, id));
		await tx
			.update(roundPeople)
			.set({ state: 'skipped' })
			.where(and(eq(roundPeople.roundId, id), eq(roundPeople.state, 'waiting')));
		if (callSilent) {
			await tx.update(roundPeople).set({ toCall: true }).where(silentOf(id));
			await judgeSoon(tx, id, now);
		}
		const counts = await roundProgressOf(tx, id);
		await tx
			.update(rounds)
			.set({ state: 'closed', closedAt: now, pausedAt: null, version: round.version + 1, counts })
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-closed', detail: { round: id } });
		await publishChange(tx, `round:${id}`);
	});
}

/**
 * Reopens a closed round: emails not written yet are sent, and people who have not answered leave the call list and are reminded again from
 * tomorrow on, as far as reminders are left.
 */
export async function reopenRound(
	db: Db,
	actor: Actor,
	{ id, version }: { id: string; version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'closed') throw new DomainError('conflict', 'openOnlyClosed');
		const tomorrow = isoDay(new Date(now.getTime() + DAY_MS), round.timeZone);
		const most = (await reminderDaysNow(tx)).length;
		// People who had every reminder were on the call list before, and stay there.
		await tx
			.update(roundPeople)
			.set({ toCall: false, remindOn: tomorrow })
			.where(and(silentOf(id), lt(roundPeople.reminders, most)));
		await tx
			.update(roundPeople)
			.set({ state: 'waiting' })
			.where(
				and(eq(roundPeople.roundId, id), eq(roundPeople.state, 'skipped'), isNull(roundPeople.assessmentId))
			);
		await judgeSoon(tx, id, now);
		await tx
			.update(rounds)
			.set({ state: 'sending', closedAt: null, version: round.version + 1, counts: null })
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-reopened', detail: { round: id } });
		await publishChange(tx, `round:${id}`);
	});
}

const DAY_MS = 86_400_000;

/** People who were sent an email of a round and have answered neither it nor one that replaced it. */
const silentOf = (id: string) =>
	and(
		eq(roundPeople.roundId, id),
		eq(roundPeople.state, 'sent'),
		sql`exists (select from ${assessments} a where a.id = ${roundPeople.assessmentId} and a.answered_at is null and a.revoked_at is null)`
	);

/** Has the cases of a round's people without answers assessed by the queue, in batches, on its next run. */
async function judgeSoon(tx: Db, id: string, now: Date): Promise<void> {
	const silent = tx.select({ id: roundPeople.personId }).from(roundPeople).where(silentOf(id));
	await tx
		.update(cases)
		.set({ judgeOn: isoDay(now, 'UTC') })
		.where(inArray(cases.personId, silent));
}
