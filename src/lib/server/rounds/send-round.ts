import { and, asc, eq, isNull } from 'drizzle-orm';
import { remindersFor } from '../../core/triage';
import { sendWithin } from '../assessments/send-assessment';
import { isoDay } from '../clock';
import { alwaysContinue, type ShouldContinue } from '../jobs/should-continue';
import { schema, type Db } from '../db/client';
import { isConnectionError } from '../db/connection-error';
import { isRetryable } from '../db/transaction';
import { DomainError } from '../domain-error';
import { publishChange } from '../live/changes';
import { describeError, log } from '../log';
import { organisationZone } from '../organisation/organisation-zone';
import { readSettings } from '../organisation-settings/read-settings';
import { personPlaceOf, type OrganisationDays } from '../people/person-place';
import { readRules } from '../rules/read-rules';
import { ownTextsOf } from '../texts/read-own-text';
import { roundWords } from './round-words';

const { people, roundPeople, rounds } = schema;

/** People whose emails are written in one transaction: few, so that a stop loses and repeats nothing. */
const BATCH = 25;

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
	let written = 0;
	const sending = await db
		.select()
		.from(rounds)
		.where(and(eq(rounds.state, 'sending'), isNull(rounds.pausedAt)))
		.orderBy(asc(rounds.createdAt));
	for (const round of sending) {
		if (isoDay(clock(), round.timeZone) < round.startsOn) continue;
		while (shallGoOn()) {
			const n = await sendBatch(db, round.id, clock());
			if (n === 0) break;
			written += n;
		}
	}
	return written;
}

async function sendBatch(db: Db, id: string, now: Date): Promise<number> {
	return db.transaction(async (tx) => {
		// As it is now: someone may have paused it or corrected its text since the batch before. Not locked, or two processes at the end
		// of a round would wait for each other.
		const [round] = await tx.select().from(rounds).where(eq(rounds.id, id));
		if (round?.state !== 'sending' || round.pausedAt !== null) return 0;
		const batch = await tx
			.select({ personId: roundPeople.personId, person: people, organisationZone })
			.from(roundPeople)
			.innerJoin(people, eq(people.id, roundPeople.personId))
			.where(and(eq(roundPeople.roundId, round.id), eq(roundPeople.state, 'waiting')))
			.orderBy(asc(roundPeople.personId))
			.limit(BATCH)
			// The person first, as in every act.
			.for('no key update', { of: [people, roundPeople], skipLocked: true });
		const { settings: daysOff } = await readSettings(tx, 'days-off');
		for (const { personId, person, organisationZone: zone } of batch) {
			const days = { organisationZone: zone, daysOff };
			const mine = and(eq(roundPeople.roundId, round.id), eq(roundPeople.personId, personId));
			try {
				// In a savepoint: a failure for one leaves the others, and the following rounds, as they are.
				await tx.transaction((part) => sendToOne(part, round, { person, days }, now));
			} catch (error) {
				if (isRetryable(error) || isConnectionError(error)) throw error;
				// Someone left since the round was started, or something of theirs can't be stored: skipped, and listed on the round's
				// page.
				if (!(error instanceof DomainError))
					log({ level: 'error', event: 'round-person', ...describeError(error) });
				await tx.update(roundPeople).set({ state: 'skipped' }).where(mine);
			}
		}
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

/** Writes the email of one person of a round. */
async function sendToOne(
	tx: Db,
	round: Round,
	{ person, days }: { readonly person: typeof people.$inferSelect; readonly days: OrganisationDays },
	now: Date
): Promise<void> {
	const { id } = await sendWithin(
		tx,
		{ kind: 'system' },
		{
			personId: person.id,
			way: round.way,
			route: round.route,
			rhythm: round.rhythm,
			roundId: round.id,
			checklistVersion: round.checklistVersion,
			words: async (_, reader, from) => roundWords(round, reader, from, await ownTextsOf(tx, 'round'))
		},
		now
	);
	const { dayOf, calendar } = personPlaceOf(person, days);
	const { rules } = await readRules(tx);
	const [first] = remindersFor(dayOf(now), rules.policy, calendar);
	await tx
		.update(roundPeople)
		.set({ state: 'sent', assessmentId: id, remindOn: first?.on ?? null })
		.where(and(eq(roundPeople.roundId, round.id), eq(roundPeople.personId, person.id)));
}
