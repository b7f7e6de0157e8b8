import { and, asc, eq, lte, sql } from 'drizzle-orm';
import { prefilledAnswers } from '../../core/answers';
import { setUpAsItStands, thingStates } from '../../core/judgement';
import { RULES_IN_FORCE } from '../../core/rules';
import { remindersFor } from '../../core/triage';
import { checkInLetter, planReminderLetter, recheckLetter } from '../../messages/letters';
import { sendWithin } from '../assessments/send-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { isoDay } from '../clock';
import { always, type ShallGoOn } from '../jobs/shall-go-on';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { openFollowUp } from '../follow-ups/set-follow-up';
import { judgeAnew, judgementOf } from '../judgements/judge-anew';
import { readFile, type ReadFile } from '../judgements/read-file';
import { describeError, log } from '../log';
import { lockPerson, type LockedPerson } from '../people/lock-person';
import type { WorkedPlan } from '../plans/current-plan';
import { writeByLink } from '../post/write-by-link';

const { assessments, cases, checkIns, followUps, plans } = schema;

/** People looked at in one go. */
const BATCH = 50;

const SYSTEM = { kind: 'system' } as const;

/** Where a look over those that are due has come. */
interface Cursor {
	readonly dueOn: string;
	readonly personId: string;
}

/**
 * Does what a day brings by itself, for everyone whose day has come: recalls a plan that was not begun, asks how a plan that was carried
 * out holds, sends the next full look, and judges anew what time alone changes. Each person is locked and done alone, so several processes
 * do nothing twice and what fails for one keeps nobody waiting.
 *
 * Cost: along cases_due_idx, in proportion to those that are due.
 *
 * @returns letters written
 */
export async function doWhatIsDue(db: Db, now: Date, shallGoOn: ShallGoOn = always): Promise<number> {
	// The day has begun somewhere: whose own has not is passed over below.
	const latest = isoDay(new Date(now.getTime() + 14 * 3_600_000), 'UTC');
	let letters = 0;
	let after: Cursor = { dueOn: '0001-01-01', personId: '00000000-0000-0000-0000-000000000000' };
	for (;;) {
		const due = await db
			.select({ personId: cases.personId, dueOn: cases.dueOn })
			.from(cases)
			.where(
				and(
					lte(cases.dueOn, latest),
					sql`(${cases.dueOn}, ${cases.personId}) > (${after.dueOn}::date, ${after.personId}::uuid)`
				)
			)
			.orderBy(asc(cases.dueOn), asc(cases.personId))
			.limit(BATCH);
		for (const { personId } of due) {
			try {
				letters += await doWhatIsDueFor(db, personId, now);
			} catch (error) {
				log({ level: 'error', event: 'due', ...describeError(error) });
			}
		}
		const last = due.at(-1);
		if (!last?.dueOn || !shallGoOn()) return letters;
		after = { dueOn: last.dueOn, personId: last.personId };
	}
}

/** What is due for one person today. @returns letters written */
export function doWhatIsDueFor(db: Db, personId: string, now: Date): Promise<number> {
	return inTransaction(db, (tx) => doForOne(tx, personId, now));
}

async function doForOne(tx: Db, personId: string, now: Date): Promise<number> {
	const person = await lockPerson(tx, personId);
	const [row] = await tx.select({ dueOn: cases.dueOn }).from(cases).where(eq(cases.personId, personId));
	if (!person || !row?.dueOn || row.dueOn > person.place.dayOf(now)) return 0;
	const read = await readFile(tx, person, now);
	const letters = person.leftAt
		? 0
		: (await recallPlan(tx, person, read, now)) +
			(await askHowItHolds(tx, person, read, now)) +
			(await sendRecheck(tx, person, read, now));
	await judgeAnew(tx, personId, now);
	return letters;
}

/** Reminds a person, once, of a plan that they have not begun. */
async function recallPlan(tx: Db, person: LockedPerson, read: ReadFile, now: Date): Promise<number> {
	const remindOn = judgementOf(read, person).plan?.remindOn ?? null;
	if (!read.plan || read.plan.remindedAt || remindOn === null || remindOn > read.file.today) return 0;
	await tx.update(plans).set({ remindedAt: now }).where(eq(plans.id, read.plan.id));
	const words = planReminderLetter({ name: person.name });
	if (!(await writeByLink(tx, person, { page: '/plan', ...words }, now))) return 0;
	await writeAuditLine(tx, SYSTEM, { at: now, act: 'plan-recalled', personId: person.id });
	return 1;
}

/** Asks how a plan holds, on its day: the questions of one minute. */
async function askHowItHolds(tx: Db, person: LockedPerson, read: ReadFile, now: Date): Promise<number> {
	const open = await openFollowUp(tx, person.id, 'check-in');
	const { today } = read.file;
	if (!read.plan || read.isAsked || !open || open.due > today) return 0;
	await tx.update(followUps).set({ doneAt: now, outcome: 'asked' }).where(eq(followUps.id, open.id));
	const [first] = remindersFor(today, RULES_IN_FORCE.policy, person.place.calendar);
	await tx.insert(checkIns).values({
		personId: person.id,
		assessmentId: read.plan.assessmentId,
		dueOn: open.policyDay ?? open.due,
		askedAt: now,
		remindOn: first?.on ?? null
	});
	const words = checkInLetter({ name: person.name });
	const isWritten = await writeByLink(tx, person, { page: '/check-in', ...words }, now);
	await writeAuditLine(tx, SYSTEM, { at: now, act: 'check-in-asked', personId: person.id });
	return isWritten ? 1 : 0;
}

/** Sends the next full look, with the answers of the last one and what has changed since put in. */
async function sendRecheck(tx: Db, person: LockedPerson, read: ReadFile, now: Date): Promise<number> {
	const open = await openFollowUp(tx, person.id, 'recheck');
	if (!open || open.due > read.file.today) return 0;
	await tx.update(followUps).set({ doneAt: now, outcome: 'asked' }).where(eq(followUps.id, open.id));
	const known = read.plan ? await whatIsKnown(tx, read.plan, read) : {};
	const sent = await sendWithin(tx, SYSTEM, { personId: person.id, words: recheckLetter, ...known }, now);
	const [first] = remindersFor(read.file.today, RULES_IN_FORCE.policy, person.place.calendar);
	await tx
		.insert(checkIns)
		.values({
			personId: person.id,
			assessmentId: sent.id,
			kind: 'recheck',
			dueOn: open.policyDay ?? open.due,
			askedAt: now,
			remindOn: first?.on ?? null
		})
		// The last one still waits for its answer: it goes on being reminded of.
		.onConflictDoNothing();
	return 1;
}

/** The way and the answers of the newest self-assessment, with the heights as they stand since. */
async function whatIsKnown(tx: Db, kept: WorkedPlan, { file }: ReadFile) {
	const [last] = await tx.select().from(assessments).where(eq(assessments.id, kept.assessmentId));
	if (!last?.corner) return {};
	const setUp = setUpAsItStands(last.corner, kept.plan, thingStates(file), file.measured);
	return { way: last.way, prefilled: prefilledAnswers(last.answers, setUp) };
}
