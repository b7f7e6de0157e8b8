import { and, asc, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { addSpot } from '$lib/server/questionnaire/assessments/spots';
import { newestLinkPath } from '$lib/server/questionnaire/assessments/send-assessment';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { schema } from '$lib/server/platform/db/client';
import { setDailyLimit } from '$lib/server/platform/email-hold/daily-limit';
import { linkOfEmail } from '$lib/server/platform/email/deliver-emails';
import { plannerHere } from '$lib/server/plan/planning/planning';
import { askTrialQuestions } from '$lib/server/plan/plans/ask-trial-questions';
import { answerTrial, endTrial, startPlanTrial } from '$lib/server/plan/plans/day-trials';
import { readPlanPage } from '$lib/server/plan/plans/plan-page';
import { adoptStyle, startStyleTrial } from '$lib/server/plan/plans/sitting-styles';
import { Desk, PAINLESS } from '../support/desk';
import { planHere } from '../support/planning';

const { emails, people } = schema;

let desk: Desk;
const db = () => desk.test.db;

/** In the first week of March 2026, which begins on a Monday the 2nd. */
const at = (day: number, hour: number, minute = 0) => new Date(Date.UTC(2026, 2, day, hour, minute));

beforeAll(async () => void (desk = await Desk.make(at(2, 8))));
afterAll(() => desk.test.drop());

type Person = Awaited<ReturnType<Desk['answered']>>;

const opened = ({ token }: Pick<Person, 'token'>) => openAssessment(db(), token);

/** Someone who began to try the second of the offered plans on Monday at nine. */
async function trying(from = at(2, 9)): Promise<Person> {
	const person = await desk.answered(PAINLESS, at(2, 8));
	await startPlanTrial(db(), person.open, 1, from);
	return person;
}

/** The questions someone has been asked by email. */
const questionsTo = ({ personId }: Pick<Person, 'personId'>) =>
	db()
		.select()
		.from(emails)
		.where(and(eq(emails.personId, personId), eq(emails.kind, 'trial-question')))
		.orderBy(asc(emails.writtenAt));

/** Asks at a moment; how many questions that person has been asked by then. */
async function askedBy(person: Pick<Person, 'personId'>, moment: Date): Promise<number> {
	await askTrialQuestions(db(), moment);
	return (await questionsTo(person)).length;
}

const isToldOfEmail = async (person: Person, moment: Date) => {
	const page = await readPlanPage(db(), await opened(person), person.token, moment);
	return page?.trial?.isAskedByEmail;
};

describe('the question about a day of a trial', () => {
	it('is asked by email in its evening, once, however many processes ask', async () => {
		const person = await trying();
		expect(await isToldOfEmail(person, at(2, 10))).toBe(true);
		expect(await askedBy(person, at(2, 15, 59))).toBe(0);
		const both = await Promise.all([askTrialQuestions(db(), at(2, 16)), askTrialQuestions(db(), at(2, 16))]);
		expect(both.toSorted()).toEqual([0, 1]);
		expect(await askedBy(person, at(2, 17))).toBe(1);
		expect(await isToldOfEmail(person, at(2, 17))).toBe(false);
		const [email] = await questionsTo(person);
		expect(email?.linkPath).toMatch(/\/plan$/);
		// The day with their own plan has its own.
		await answerTrial(db(), await opened(person), 7, at(2, 18));
		expect(await askedBy(person, at(3, 15))).toBe(1);
		expect(await askedBy(person, at(3, 16))).toBe(2);
	});

	it('is asked by the clock where the person is', async () => {
		const person = await desk.answered(PAINLESS, at(2, 0));
		await db().update(people).set({ timeZone: 'Asia/Tokyo' }).where(eq(people.id, person.personId));
		await startStyleTrial(db(), person.open, 'active', at(2, 1));
		expect(await askedBy(person, at(2, 6, 59))).toBe(0);
		expect(await askedBy(person, at(2, 7))).toBe(1);
	});

	it('is of the next working day after a Friday, and where a day was left out', async () => {
		const person = await trying(at(5, 9));
		await answerTrial(db(), await opened(person), null, at(5, 17));
		expect(await askedBy(person, at(5, 18))).toBe(0);
		expect(await askedBy(person, at(6, 16))).toBe(1);
		await answerTrial(db(), await opened(person), 6, at(6, 17));
		expect(await askedBy(person, at(8, 20))).toBe(1);
		expect(await askedBy(person, at(9, 16))).toBe(2);
	});

	it('is not asked of whoever has the page open as the evening has begun, has answered, or has ended it', async () => {
		const late = await trying(at(2, 17));
		expect(await askedBy(late, at(2, 18))).toBe(0);
		const answered = await trying();
		await answerTrial(db(), await opened(answered), 5, at(2, 12));
		expect(await askedBy(answered, at(2, 18))).toBe(0);
		const ended = await trying();
		await endTrial(db(), await opened(ended), 'own', plannerHere, at(2, 12));
		expect(await askedBy(ended, at(2, 18))).toBe(0);
		const replaced = await trying();
		await adoptStyle(db(), await opened(replaced), 'active', plannerHere, at(2, 12));
		expect(await askedBy(replaced, at(2, 18))).toBe(0);
	});

	it('is not sent during an emergency, to who has left or asked us to stop, nor on a later day', async () => {
		const stopped = await trying();
		await saveAnswers(db(), await opened(stopped), { 'sign.chest-pain': 'yes' }, at(2, 12));
		const gone = await trying();
		await db()
			.update(people)
			.set({ leftAt: at(2, 12) })
			.where(eq(people.id, gone.personId));
		const quiet = await trying();
		await db()
			.update(people)
			.set({ remindersStoppedAt: at(2, 12) })
			.where(eq(people.id, quiet.personId));
		expect(await isToldOfEmail(quiet, at(2, 13))).toBe(false);
		const forgotten = await trying();
		await askTrialQuestions(db(), at(2, 18), () => false);
		for (const person of [stopped, gone, quiet, forgotten]) expect(await askedBy(person, at(3, 17))).toBe(0);
		// On the page it is asked all the same.
		const page = await readPlanPage(db(), await opened(forgotten), forgotten.token, at(3, 17));
		expect(page?.trial?.stage).toEqual({ day: 'tried', part: 'evening' });
	});

	it('waits while the day’s limit of emails is reached', async () => {
		const person = await trying();
		await setDailyLimit(db(), desk.coordinator, { perDay: 1, version: 0 }, at(2, 10));
		await askTrialQuestions(db(), at(2, 16));
		expect(await questionsTo(person)).toEqual([]);
		await setDailyLimit(db(), desk.coordinator, { perDay: 1000, version: 1 }, at(2, 17));
		expect(await askedBy(person, at(2, 18))).toBe(1);
	});

	it('leads to the workstation it is about, and later emails to the first one', async () => {
		const person = await desk.answered(PAINLESS, at(2, 8));
		const path = await addSpot(db(), person.open, person.token, at(2, 8));
		const token = path.slice('/c/'.length);
		const second = async () => openAssessment(db(), token);
		const table = { surfaceHeight: '91', surfaceThickness: '4', surfaceDepth: '60' };
		const screen = { topAboveBase: '21.8', visibleHeight: '19', distance: '52' };
		const base = { posture: 'standing', baseLong: '32.5', baseShort: '22.5' };
		await saveAnswers(db(), await second(), { ...base, ...table, ...screen }, at(2, 8));
		expect(await submitAnswers(db(), await second(), at(2, 8), planHere)).toEqual({ ok: true });
		await startPlanTrial(db(), await second(), 1, at(2, 9));
		expect(await askedBy(person, at(2, 16))).toBe(1);
		const [email] = await questionsTo(person);
		expect(email && (await linkOfEmail(db(), 'https://corner.example', email))).toBe(
			`https://corner.example${path}/plan`
		);
		const first = await newestLinkPath(db(), person.personId);
		expect(await linkOfEmail(db(), '', { linkPath: first })).toBe(`/c/${person.token}`);
	});
});
