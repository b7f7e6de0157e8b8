import { and, asc, eq, inArray, isNull, lte, sql } from 'drizzle-orm';
import { nextReminderDay, remindersFor } from '../../../core/cases/triage/follow-up-dates';
import { minutesLeftOf } from '../../questionnaire/assessments/minutes-left';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { isoDay } from '../../platform/clock';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { organisationZone } from '../../platform/organisation/organisation-zone';
import { readSettings } from '../../platform/organisation-settings/read-settings';
import { alwaysContinue, type ShouldContinue } from '../../platform/jobs/should-continue';
import { writeEmail } from '../../platform/texts/write-email';
import { schema, type Db } from '../../platform/db/client';
import { inSavepoint, inTransaction } from '../../platform/db/transaction';
import { publishChange } from '../../platform/live/changes';
import { describeError, log } from '../../platform/log';
import { personPlaceOf, type OrganisationDays } from '../person-place';
import { readRules } from '../../platform/rules/read-rules';
import { queueLinkEmail } from '../../platform/email/queue-link-email';
import { readOrganisation } from '../../platform/organisation/read-organisation';
import { ownTextsOf } from '../../platform/texts/read-own-text';
import { roundWords } from './round-words';

const { assessments, people, roundPeople, rounds } = schema;

/** People reminded in one transaction. */
const BATCH = 25;

/** Progress of the pass over people who are due. */
interface Cursor {
	readonly remindOn: string;
	readonly personId: string;
	readonly roundId: string;
}

/**
 * Reminds people who have not answered within the policy's working days; after the last reminder they are on the call list. Each is locked
 * in the meantime, so several processes remind nobody twice; someone just answering is skipped.
 * @returns number of emails written
 */
export async function sendDueReminders(
	db: Db,
	now: Date,
	shallGoOn: ShouldContinue = alwaysContinue
): Promise<number> {
	let written = 0;
	let after: Cursor | null = null;
	do {
		const done: Batch = await remindBatch(db, after, now);
		written += done.emails;
		after = done.last;
	} while (after && shallGoOn());
	return written;
}

/** A person whose day has begun somewhere. */
interface Due extends OrganisationDays {
	readonly row: typeof roundPeople.$inferSelect;
	readonly person: typeof people.$inferSelect;
	readonly round: typeof rounds.$inferSelect;
	readonly assessment: typeof assessments.$inferSelect;
}

interface Batch {
	readonly emails: number;
	/** Where the next batch begins; null where nobody was left. */
	readonly last: Cursor | null;
}

async function remindBatch(db: Db, after: Cursor | null, now: Date): Promise<Batch> {
	return inTransaction(db, async (tx) => {
		// The day has begun somewhere on Earth: anyone whose own day has not is skipped below.
		const latest = isoDay(new Date(now.getTime() + 14 * 3_600_000), 'UTC');
		const place = sql`(${roundPeople.remindOn}, ${roundPeople.personId}, ${roundPeople.roundId})`;
		const due = await tx
			.select({
				row: roundPeople,
				person: people,
				round: rounds,
				assessment: assessments,
				organisationZone
			})
			.from(roundPeople)
			.innerJoin(people, eq(people.id, roundPeople.personId))
			.innerJoin(rounds, eq(rounds.id, roundPeople.roundId))
			.innerJoin(assessments, eq(assessments.id, roundPeople.assessmentId))
			.where(
				and(
					eq(roundPeople.state, 'sent'),
					isNull(rounds.pausedAt),
					// Those of a closed round lose their day in batches.
					inArray(rounds.state, ['open', 'sending']),
					lte(roundPeople.remindOn, latest),
					after
						? sql`${place} > (${after.remindOn}::date, ${after.personId}::uuid, ${after.roundId}::uuid)`
						: undefined
				)
			)
			.orderBy(asc(roundPeople.remindOn), asc(roundPeople.personId), asc(roundPeople.roundId))
			.limit(BATCH)
			// The person too, as every act on a case locks them first: two acts that lock in different orders would wait for each other.
			.for('no key update', { of: [roundPeople, people], skipLocked: true });
		const { settings: daysOff } = await readSettings(tx, 'days-off');
		let emails = 0;
		for (const one of due) {
			try {
				// Separately: a failure for one must not keep all others waiting for ever.
				emails += await inSavepoint(tx, (alone) => remindOne(alone, { ...one, daysOff }, now));
			} catch (error) {
				log({ level: 'error', event: 'reminder', ...describeError(error) });
			}
		}
		const last = due.at(-1)?.row;
		return { emails, last: last?.remindOn ? { ...last, remindOn: last.remindOn } : null };
	});
}

/**
 * One person of one round, locked.
 * @returns number of emails written
 */
async function remindOne(
	tx: Db,
	{ row, person, round, assessment, ...days }: Due,
	now: Date
): Promise<number> {
	const { dayOf, calendar } = personPlaceOf(person, days);
	if ((row.remindOn ?? '') > dayOf(now)) return 0;
	const { rules } = await readRules(tx);
	const all = remindersFor(dayOf(assessment.sentAt), rules.policy, calendar);
	const isCall =
		all[row.reminders]?.kind !== 'letter' || person.leftAt !== null || person.remindersStoppedAt !== null;
	await tx
		.update(roundPeople)
		.set(
			isCall
				? { remindOn: null, toCall: person.leftAt === null }
				: {
						reminders: row.reminders + 1,
						remindOn: nextReminderDay(all, row.reminders + 1, dayOf(now), calendar)
					}
		)
		.where(and(eq(roundPeople.roundId, row.roundId), eq(roundPeople.personId, row.personId)));
	const emails = isCall ? 0 : await writeReminder(tx, { person, round, assessment }, now);
	await reassessCase(tx, person.id, now);
	await publishChange(tx, `round:${round.id}`);
	return emails;
}

async function writeReminder(
	tx: Db,
	{ person, round, assessment }: Pick<Due, 'person' | 'round' | 'assessment'>,
	now: Date
): Promise<number> {
	const { subject } = roundWords(round, person, await readOrganisation(tx), await ownTextsOf(tx, 'round'));
	const details = { subject, minutesLeft: await minutesLeftOf(tx, assessment) };
	const words = await writeEmail(tx, 'reminder', person, undefined, details);
	if (!(await queueLinkEmail(tx, person, { roundId: round.id, ...words }, now))) return 0;
	await writeAuditLine(tx, { kind: 'system' }, { at: now, act: 'reminded', personId: person.id });
	return 1;
}
