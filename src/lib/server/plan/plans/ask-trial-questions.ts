import { and, asc, eq, gt, lte, or } from 'drizzle-orm';
import { civilDateIn } from '../../../core/platform/calendar/time-zone';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { spotNumber } from '../../questionnaire/assessments/spots';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { mailQuotaOfToday, type DailyMailQuota } from '../../platform/email-hold/daily-limit';
import { queueLinkEmail } from '../../platform/email/queue-link-email';
import { alwaysContinue, type ShouldContinue } from '../../platform/jobs/should-continue';
import { describeError, log } from '../../platform/log';
import { lockPerson, type LockedPerson } from '../../people/lock-person';
import { writeEmail } from '../../platform/texts/write-email';
import { currentPlanOf } from './current-plan';
import { shownTrial } from './day-trials';
import { isAskedByEmail } from './trial-question-at';

const { assessments, cases } = schema;
const { id, personId, trialAskAt: at } = assessments;

/** Questions written before the next ones are looked up. */
const BATCH = 50;

type AssessmentRow = typeof assessments.$inferSelect;

/** Progress of a pass. */
interface Cursor {
	readonly at: Date;
	readonly id: string;
}

/** Before every question. */
const BEFORE_ALL: Cursor = { at: new Date(0), id: '00000000-0000-0000-0000-000000000000' };

/**
 * Asks everyone whose evening of a trial has come how the day was, by email; the question stands on the plan's page as well. Each is asked
 * in a transaction of its own, once, so several processes ask nobody twice and one failure holds nobody up. A question that the daily limit
 * holds back is asked later the same day, and not on another. Cost: along assessments_trial_ask_idx, proportional to the questions due.
 * @returns number of emails written
 */
export async function askTrialQuestions(
	db: Db,
	now: Date,
	shallGoOn: ShouldContinue = alwaysContinue
): Promise<number> {
	let quota: DailyMailQuota | undefined;
	let written = 0;
	let after = BEFORE_ALL;
	while (shallGoOn()) {
		const due = await db
			.select({ id, personId, at })
			.from(assessments)
			.where(and(lte(at, now), or(gt(at, after.at), and(eq(at, after.at), gt(id, after.id)))))
			.orderBy(asc(at), asc(id))
			.limit(BATCH);
		const last = due.at(-1);
		if (!last?.at) break;
		after = { at: last.at, id: last.id };
		const ofToday = (quota ??= await mailQuotaOfToday(db, now));
		for (const one of due) {
			try {
				if (await inTransaction(db, (tx) => askOne(tx, one, ofToday, now))) written += 1;
			} catch (error) {
				log({ level: 'error', event: 'trial-question', ...describeError(error) });
			}
		}
	}
	return written;
}

/** Whether a question is still to be asked: of a trial that goes on, with no emergency open. */
async function isToBeAsked(tx: Db, row: AssessmentRow, person: LockedPerson, now: Date): Promise<boolean> {
	if (!isAskedByEmail(person) || row.revokedAt !== null) return false;
	const plan = await currentPlanOf(tx, row.id);
	if (!plan || shownTrial(row, plan, person, now)?.stage?.part !== 'evening') return false;
	const [state] = await tx
		.select({ isStopped: cases.isStopped })
		.from(cases)
		.where(eq(cases.personId, person.id));
	return state?.isStopped !== true;
}

async function askOne(
	tx: Db,
	one: { readonly id: string; readonly personId: string },
	quota: DailyMailQuota,
	now: Date
): Promise<boolean> {
	const person = await lockPerson(tx, one.personId);
	const [row] = await tx.select().from(assessments).where(eq(id, one.id));
	// Answered, ended or asked since it was looked up.
	if (!person || !row?.trialAskAt || row.trialAskAt > now) return false;
	const isOfToday = civilDateIn(person.place.zone, row.trialAskAt) === person.place.dayOf(now);
	const isAsked = isOfToday && (await isToBeAsked(tx, row, person, now));
	if (isAsked && !(await quota.take(tx))) return false;
	await tx.update(assessments).set({ trialAskAt: null }).where(eq(id, one.id));
	if (!isAsked) return false;
	const words = await writeEmail(tx, 'trial-question', person);
	const spot = await spotNumber(tx, row);
	if (!(await queueLinkEmail(tx, person, { spot, page: '/plan', ...words }, now))) return false;
	await writeAuditLine(tx, { kind: 'system' }, { at: now, act: 'trial-asked', personId: person.id });
	return true;
}
