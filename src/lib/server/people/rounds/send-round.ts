import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { remindersFor } from '../../../core/cases/triage/follow-up-dates';
import { sendToAll } from '../../questionnaire/assessments/send-assessment';
import { reassessCases } from '../../cases/case-assessments/reassess-cases';
import { isoDay } from '../../platform/clock';
import { alwaysContinue, type ShouldContinue } from '../../platform/jobs/should-continue';
import { schema, type Db } from '../../platform/db/client';
import { isConnectionError } from '../../platform/db/connection-error';
import { inSavepoint, inTransaction, isRetryable } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { queueJob } from '../../platform/jobs/queue-job';
import { publishChange } from '../../platform/live/changes';
import { publishThrottled } from '../../platform/live/publish-throttled';
import { describeError, log } from '../../platform/log';
import { lockPeople } from '../lock-person';
import { readRules } from '../../platform/rules/read-rules';
import { ownTextsOf } from '../../platform/texts/read-own-text';
import { roundWords } from './round-words';

const { people, roundPeople, rounds } = schema;

/** People whose emails are written in one transaction: few, so that a stop loses and repeats nothing. */
const BATCH = 50;

/** The audit log is sealed after so many emails of a round: a second's work, a few times a minute. */
const SEALED_EVERY = 1000;

/**
 * Writes the emails of started rounds, batch by batch; a round with nobody left is open. Several processes may do so at once: each locks
 * the people it takes.
 * @returns number of emails written
 */
export async function sendRoundBatches(
	db: Db,
	clock: () => Date,
	shallGoOn: ShouldContinue = alwaysContinue
): Promise<number> {
	const sending = await db
		.select()
		.from(rounds)
		// One that was reopened waits until its people are ready.
		.where(and(eq(rounds.state, 'sending'), isNull(rounds.pausedAt), isNull(rounds.pendingChange)))
		.orderBy(asc(rounds.createdAt));
	const work = async (changed: () => Promise<void>) => {
		let written = 0;
		for (const round of sending) {
			if (isoDay(clock(), round.timeZone) < round.startsOn) continue;
			while (shallGoOn()) {
				const n = await sendBatch(db, round.id, clock());
				if (n === 0) break;
				// There may be many more: another process helps.
				if (written === 0 && n === BATCH) await queueJob(db, 'rounds');
				if (Math.floor((written + n) / SEALED_EVERY) > Math.floor(written / SEALED_EVERY))
					await queueJob(db, 'audit-log');
				written += n;
				await changed();
			}
		}
		return written;
	};
	return publishThrottled(() => publishChange(db, 'desk'), work);
}

async function sendBatch(db: Db, id: string, now: Date): Promise<number> {
	return inTransaction(db, async (tx) => {
		// As it is now: someone may have paused it or corrected its text since the batch before. Not locked, or two processes at the end
		// of a round would wait for each other.
		const [round] = await tx.select().from(rounds).where(eq(rounds.id, id));
		if (round?.state !== 'sending' || round.pausedAt !== null || round.pendingChange !== null) return 0;
		const batch = await tx
			.select({ personId: roundPeople.personId })
			.from(roundPeople)
			.innerJoin(people, eq(people.id, roundPeople.personId))
			.where(and(eq(roundPeople.roundId, round.id), eq(roundPeople.state, 'waiting')))
			.orderBy(asc(roundPeople.personId))
			.limit(BATCH)
			// The person first, as in every act.
			.for('no key update', { of: [people, roundPeople], skipLocked: true });
		if (batch.length > 0)
			await sendBatchTo(
				tx,
				round,
				batch.map(({ personId }) => personId),
				now
			);
		if (batch.length === 0) {
			const [left] = await tx
				.select({ personId: roundPeople.personId })
				.from(roundPeople)
				.where(and(eq(roundPeople.roundId, round.id), eq(roundPeople.state, 'waiting')))
				.limit(1);
			if (!left)
				await tx
					.update(rounds)
					.set({ state: 'open' })
					.where(and(eq(rounds.id, round.id), eq(rounds.state, 'sending')));
		}
		await publishChange(tx, `round:${round.id}`);
		return batch.length;
	});
}

type Round = typeof rounds.$inferSelect;

/** Whether an error means that the whole batch is to be tried again, later or elsewhere. */
const isPassing = (error: unknown) => isRetryable(error) || isConnectionError(error);

/** Writes the emails of a batch: together, and where that fails for one of them, one by one. */
async function sendBatchTo(tx: Db, round: Round, personIds: readonly string[], now: Date): Promise<void> {
	try {
		await inSavepoint(tx, (part) => sendTogether(part, round, personIds, now));
		return;
	} catch (error) {
		if (isPassing(error)) throw error;
	}
	for (const personId of personIds)
		try {
			// In a savepoint: a failure for one leaves the others, and the following rounds, as they are.
			await inSavepoint(tx, (part) => sendTogether(part, round, [personId], now));
		} catch (error) {
			if (isPassing(error)) throw error;
			// Someone left since the round was started, or something of theirs can't be stored: skipped, and listed on the round's page.
			if (!(error instanceof DomainError))
				log({ level: 'error', event: 'round-person', ...describeError(error) });
			await tx
				.update(roundPeople)
				.set({ state: 'skipped' })
				.where(and(eq(roundPeople.roundId, round.id), eq(roundPeople.personId, personId)));
		}
}

/** Writes the emails of some people of a round, and assesses their cases. Cost: some three dozen statements for all. */
async function sendTogether(tx: Db, round: Round, personIds: readonly string[], now: Date): Promise<void> {
	const locked = await lockPeople(tx, personIds);
	if (locked.length < personIds.length) throw new DomainError('not-found', 'personGone');
	const own = await ownTextsOf(tx, 'round');
	const { rules } = await readRules(tx);
	const sent = await sendToAll(
		tx,
		{ kind: 'system' },
		locked,
		{
			sittingStyle: round.sittingStyle,
			questionnaireMode: round.questionnaireMode,
			breakSchedule: round.breakSchedule,
			roundId: round.id,
			checklistVersion: round.checklistVersion,
			words: (_, reader, from) => Promise.resolve(roundWords(round, reader, from, own))
		},
		now
	);
	const reminders = locked.map(
		({ place }) => remindersFor(place.dayOf(now), rules.policy, place.calendar)[0]?.on ?? null
	);
	await tx.execute(sql`
		update round_people r set state = 'sent', assessment_id = s.assessment_id, remind_on = s.remind_on
		from unnest(${sql.param(locked.map(({ id }) => id))}::uuid[], ${sql.param(locked.map(({ id }) => sent.get(id)?.id))}::uuid[],
			${sql.param(reminders)}::date[]) s(person_id, assessment_id, remind_on)
		where r.round_id = ${round.id} and r.person_id = s.person_id`);
	await reassessCases(tx, locked, now);
}
