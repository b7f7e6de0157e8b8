import { and, asc, eq, lte, sql } from 'drizzle-orm';
import { prefilledAnswers } from '../../../core/questionnaire/answers/prefilled-answers';
import { setUpAsMeasured } from '../../../core/workstation/checks/set-up';
import { currentCornerOf } from '../../../core/cases/case-assessment/current-corner';
import { remindersFor } from '../../../core/cases/triage/follow-up-dates';
import { sendWithin, type WordsOfInvitation } from '../../questionnaire/assessments/send-assessment';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { isoDay } from '../../platform/clock';
import { alwaysContinue, type ShouldContinue } from '../../platform/jobs/should-continue';
import { unansweredOf } from '../../questionnaire/assessments/unanswered';
import { writeEmail } from '../../platform/texts/write-email';
import { schema, type Db } from '../../platform/db/client';
import { POLICY_OUTCOMES } from '../../platform/db/schema/follow-ups';
import { inTransaction } from '../../platform/db/transaction';
import { openFollowUp } from '../follow-ups/set-follow-up';
import { reassessCase } from '../case-assessments/reassess-cases';
import { loadCaseRecord, type LoadedCaseRecord } from '../case-assessments/load-case-record';
import { describeError, log } from '../../platform/log';
import { mailQuotaOfToday, type DailyMailQuota } from '../../platform/email-hold/daily-limit';
import { lockPerson, type LockedPerson } from '../../people/lock-person';
import type { PlanInProgress } from '../../plan/plans/current-plan';
import { queueLinkEmail } from '../../platform/email/queue-link-email';
import { readRules, type RulesInForce } from '../../platform/rules/read-rules';

const { assessments, cases, checkIns, followUps, plans } = schema;

/** People processed at a time. */
const BATCH = 50;

const SYSTEM = { kind: 'system' } as const;

/** Progress of a pass over the people who are due. */
interface Cursor {
	readonly day: string;
	readonly personId: string;
}

type DayColumn = 'reassessOn' | 'mailOn';

/**
 * Goes through everyone whose day in a column has come, in the order of the days. Each is locked and processed separately, so several
 * processes do nothing twice and one failure holds nobody up. Anyone still to be assessed under the present rules is skipped until they
 * are. Cost: along cases_reassess_on_idx or cases_mail_on_idx, proportional to the people due.
 * @param work what to do for one person; false ends the pass
 */
async function forEachDue(
	db: Db,
	column: DayColumn,
	now: Date,
	shallGoOn: ShouldContinue,
	work: (tx: Db, personId: string) => Promise<boolean>
): Promise<void> {
	// The day has begun somewhere on Earth: `work` skips anyone whose own day has not.
	const latest = isoDay(new Date(now.getTime() + 14 * 3_600_000), 'UTC');
	const day = cases[column];
	let after: Cursor = { day: '0001-01-01', personId: '00000000-0000-0000-0000-000000000000' };
	while (shallGoOn()) {
		const { name } = await readRules(db);
		const due = await db
			.select({ personId: cases.personId, day })
			.from(cases)
			.where(
				and(
					lte(day, latest),
					eq(cases.rulesVersion, name),
					sql`(${day}, ${cases.personId}) > (${after.day}::date, ${after.personId}::uuid)`
				)
			)
			.orderBy(asc(day), asc(cases.personId))
			.limit(BATCH);
		for (const { personId } of due) {
			try {
				if (!(await inTransaction(db, (tx) => work(tx, personId)))) return;
			} catch (error) {
				log({ level: 'error', event: 'due', ...describeError(error) });
			}
		}
		const last = due.at(-1);
		if (!last?.day) return;
		after = { day: last.day, personId: last.personId };
	}
}

/**
 * Does what a day brings automatically: assesses again what time alone changes; then reminds of plans not started, sends check-ins, and
 * sends the next self-assessment, longest overdue first, as many as the daily limit allows.
 * @returns number of emails written
 */
export async function processDueCases(
	db: Db,
	now: Date,
	shallGoOn: ShouldContinue = alwaysContinue
): Promise<number> {
	await forEachDue(db, 'reassessOn', now, shallGoOn, async (tx, personId) => {
		const person = await whoseDayHasCome(tx, personId, 'reassessOn', now);
		if (person) await reassessCase(tx, personId, now);
		return true;
	});
	const mail = await mailQuotaOfToday(db, now);
	let emails = 0;
	await forEachDue(db, 'mailOn', now, shallGoOn, async (tx, personId) => {
		const sent = await writeWhatIsDue(tx, personId, mail, now);
		emails += sent.filter((one) => one === 'written').length;
		return !sent.includes('limited');
	});
	return emails;
}

/**
 * Everything due for one person today.
 * @returns number of emails written
 */
export async function processDueCase(db: Db, personId: string, now: Date): Promise<number> {
	const mail = await mailQuotaOfToday(db, now);
	return inTransaction(db, async (tx) => {
		const sent = await writeWhatIsDue(tx, personId, mail, now);
		if (sent.length === 0 && (await whoseDayHasCome(tx, personId, 'reassessOn', now)))
			await reassessCase(tx, personId, now);
		return sent.filter((one) => one === 'written').length;
	});
}

/** A person, locked, if their day in a column has come in their own time zone; null where it has not, or another process was quicker. */
async function whoseDayHasCome(
	tx: Db,
	personId: string,
	column: DayColumn,
	now: Date
): Promise<LockedPerson | null> {
	const person = await lockPerson(tx, personId);
	const [row] = await tx
		.select({ day: cases[column], rulesVersion: cases.rulesVersion })
		.from(cases)
		.where(eq(cases.personId, personId));
	if (!person || !row?.day || row.rulesVersion !== (await readRules(tx)).name) return null;
	return row.day <= person.place.dayOf(now) ? person : null;
}

/** What happened to an email that was due: written, no longer due, or held by the daily limit. */
type Sent = 'written' | 'not-due' | 'limited';

async function writeWhatIsDue(tx: Db, personId: string, mail: DailyMailQuota, now: Date): Promise<Sent[]> {
	const person = await whoseDayHasCome(tx, personId, 'mailOn', now);
	if (!person || person.leftAt) return [];
	const [read, { rules }] = [await loadCaseRecord(tx, person, now), await readRules(tx)];
	const sent: Sent[] = [];
	for (const send of [recallPlan, askHowItHolds, sendRecheck])
		sent.push(await send(tx, { person, read, mail, rules }, now));
	if (sent.some((one) => one !== 'limited')) await reassessCase(tx, personId, now);
	return sent;
}

interface Due {
	readonly person: LockedPerson;
	readonly read: LoadedCaseRecord;
	readonly mail: DailyMailQuota;
	readonly rules: RulesInForce['rules'];
}

/** Reminds a person, once, of a plan they have not started. */
async function recallPlan(tx: Db, { person, read, mail }: Due, now: Date): Promise<Sent> {
	const { plan } = read;
	if (
		!plan?.remindOn ||
		person.remindersStoppedAt ||
		plan.remindedAt ||
		plan.holdReason ||
		plan.remindOn > read.file.today
	)
		return 'not-due';
	if (!(await mail.take(tx))) return 'limited';
	await tx.update(plans).set({ remindedAt: now }).where(eq(plans.id, plan.id));
	const words = await writeEmail(tx, 'plan-reminder', person);
	if (!(await queueLinkEmail(tx, person, { page: '/plan', ...words }, now))) return 'not-due';
	await writeAuditLine(tx, SYSTEM, { at: now, act: 'plan-recalled', personId: person.id });
	return 'written';
}

/** Sends a check-in on its day. */
async function askHowItHolds(tx: Db, { person, read, mail, rules }: Due, now: Date): Promise<Sent> {
	const open = await openFollowUp(tx, person.id, 'check-in');
	const { today } = read.file;
	if (!read.plan || read.isAsked || !open || open.holdReason || open.due > today) return 'not-due';
	if (!(await mail.take(tx))) return 'limited';
	await tx
		.update(followUps)
		.set({ doneAt: now, outcome: POLICY_OUTCOMES.asked })
		.where(eq(followUps.id, open.id));
	const [first] = remindersFor(today, rules.policy, person.place.calendar);
	await tx.insert(checkIns).values({
		personId: person.id,
		assessmentId: read.plan.assessmentId,
		dueOn: open.policyDay ?? open.due,
		askedAt: now,
		remindOn: first?.on ?? null
	});
	const words = await writeEmail(tx, 'check-in', person);
	const isWritten = await queueLinkEmail(tx, person, { page: '/check-in', ...words }, now);
	await writeAuditLine(tx, SYSTEM, { at: now, act: 'check-in-asked', personId: person.id });
	return isWritten ? 'written' : 'not-due';
}

/**
 * Sends the next self-assessment, filled in with the last answers and what has changed since. Someone with an unanswered one is reminded of
 * that one instead: their link keeps working, with what they have typed.
 */
async function sendRecheck(tx: Db, { person, read, mail, rules }: Due, now: Date): Promise<Sent> {
	const open = await openFollowUp(tx, person.id, 'recheck');
	if (!open || open.holdReason || open.due > read.file.today) return 'not-due';
	if (!(await mail.take(tx))) return 'limited';
	await tx
		.update(followUps)
		.set({ doneAt: now, outcome: POLICY_OUTCOMES.asked })
		.where(eq(followUps.id, open.id));
	const unanswered = await unansweredOf(tx, person.id);
	const isWritten =
		unanswered === null || (await queueLinkEmail(tx, person, await writeEmail(tx, 'recheck', person), now));
	const assessmentId = unanswered ?? (await sendNext(tx, person, read, now));
	const [first] = remindersFor(read.file.today, rules.policy, person.place.calendar);
	await tx
		.insert(checkIns)
		.values({
			personId: person.id,
			assessmentId,
			kind: 'recheck',
			dueOn: open.policyDay ?? open.due,
			askedAt: now,
			remindOn: first?.on ?? null
		})
		// The last one still awaits its answer, and its reminders go on.
		.onConflictDoNothing();
	return isWritten ? 'written' : 'not-due';
}

async function sendNext(tx: Db, person: LockedPerson, read: LoadedCaseRecord, now: Date): Promise<string> {
	const known = read.plan ? await whatIsKnown(tx, read.plan, read) : {};
	const words: WordsOfInvitation = (db, reader, from) => writeEmail(db, 'recheck', reader, from);
	const sent = await sendWithin(tx, SYSTEM, { personId: person.id, words, ...known }, now);
	return sent.id;
}

/** The sitting style and answers of the newest self-assessment, with the heights as set since. */
async function whatIsKnown(tx: Db, kept: PlanInProgress, { file }: LoadedCaseRecord) {
	const [last] = await tx.select().from(assessments).where(eq(assessments.id, kept.assessmentId));
	if (!last?.workstation) return {};
	const standing = currentCornerOf(file, last.workstation);
	return {
		sittingStyle: last.sittingStyle,
		prefilled: prefilledAnswers(last.answers, standing?.setUp ?? setUpAsMeasured(last.workstation))
	};
}
