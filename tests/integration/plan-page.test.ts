import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checklistField, deviceField, leaveOutKindFields, piecesLeftOut } from '$lib/core/answers';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { saveAnswers } from '$lib/server/assessments/save-answers';
import { schema } from '$lib/server/db/client';
import { newestAssessmentResult } from '$lib/server/case-assessments/newest-assessment-result';
import { plannerHere } from '$lib/server/planning/planning';
import { currentPlanOf } from '$lib/server/plans/current-plan';
import { readPlanPage } from '$lib/server/plans/plan-page';
import { adoptStyle, readStylesPage, startStyleTrial } from '$lib/server/plans/sitting-styles';
import { tickStep } from '$lib/server/plans/tick-step';
import { Desk, faultOf, PAINLESS } from '../support/desk';

let desk: Desk;
/** A Monday. */
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

type Person = Awaited<ReturnType<Desk['answered']>>;

/** The page as it is read now. */
async function pageOf({ token }: Person) {
	const open = await openAssessment(db(), token);
	const page = await readPlanPage(db(), open, token, now);
	if (!page) throw new Error('There is no plan');
	return { open, page };
}

const placesOf = (page: { readonly steps: readonly { readonly place: string }[] }) =>
	page.steps.map(({ place }) => place);

describe('the page of a plan', () => {
	it('begins with a hazard, and goes on to the next act once it is put right', async () => {
		const person = await desk.answered({ ...PAINLESS, [checklistField('strips')]: 'into-another' });
		const { page } = await pageOf(person);
		expect(page.acts[0]).toEqual({ act: 'hazard', what: 'chained-strips' });
		expect(page.acts.length).toBeLessThanOrEqual(3);
		const judgement = await newestAssessmentResult(db(), person.personId);
		expect(judgement?.actions[0]).toEqual(page.acts[0]);
	});

	it('takes a habit that isn’t so as the problem that it is, at once and in the judgement; and back again', async () => {
		const person = await desk.answered(PAINLESS);
		const first = await pageOf(person);
		const habit = first.page.habits.find(({ id }) => id === 'light-from-the-side');
		if (!habit?.question) throw new Error('This person is not asked about reflections');
		const say = async (answer: string) => {
			const { open } = await pageOf(person);
			await saveAnswers(db(), open, { [checklistField(habit.question?.item ?? '')]: answer }, desk.later(1));
			return { ...(await pageOf(person)).page, judged: await newestAssessmentResult(db(), person.personId) };
		};
		const told = await say(habit.question.notSo);
		expect(told.habits.find(({ id }) => id === habit.id)).toMatchObject({ isSo: false, finding: 'glare' });
		expect(told.findings.map(({ finding }) => finding)).toContain('glare');
		expect(told.judged?.findings.map(({ id }) => id)).toContain('glare');
		// The heights are the same: nobody is told that their plan is an older one.
		expect(told.isBehind).toBe(false);
		const again = await say(habit.question.so);
		expect(again.habits.find(({ id }) => id === habit.id)?.isSo).toBe(true);
		expect(again.judged?.findings.map(({ id }) => id)).not.toContain('glare');
	});

	it('says what lies at home, so that nobody asks for it', async () => {
		const fields = { [deviceField('keyboard')]: 'yes', [deviceField('screen')]: 'yes' };
		const person = await desk.answered({ ...PAINLESS, ...fields });
		expect((await pageOf(person)).page.own).toEqual(['monitor']);
		const { open } = await pageOf(person);
		await saveAnswers(db(), open, { [deviceField('mouse')]: 'yes' }, desk.later(1));
		const { page } = await pageOf(person);
		expect(page.own).toEqual(['keyboard-and-mouse', 'monitor']);
		expect(page.isBehind).toBe(false);
	});

	it('leaves out everything of a kind', () => {
		const answers = {
			'thing.0.kind': 'pillow',
			'thing.0.count': '2',
			'thing.1.kind': 'book',
			'thing.2.kind': 'pillow'
		};
		expect(piecesLeftOut(leaveOutKindFields(answers, 'pillow'))).toEqual(['t0', 't0#2', 't2']);
		expect(leaveOutKindFields(answers, 'ream')).toEqual({});
	});
});

describe('a sitting style', () => {
	it('is looked at and tried without changing the plan, and stopped', async () => {
		const person = await desk.answered(PAINLESS);
		const before = await currentPlanOf(db(), person.open.assessment.id);
		const looked = await readStylesPage(db(), person.open, plannerHere, 'active', now);
		expect(looked).toMatchObject({ shown: 'active', current: 'upright', tried: null });
		expect(looked?.offered).toEqual(expect.arrayContaining(['upright', 'active']));
		await startStyleTrial(db(), person.open, 'active', now);
		expect((await pageOf(person)).page.tried).toEqual({ way: 'active', since: '2026-03-02' });
		expect((await currentPlanOf(db(), person.open.assessment.id))?.id).toBe(before?.id);
		await startStyleTrial(db(), person.open, null, now);
		expect((await pageOf(person)).page.tried).toBeNull();
	});

	it('that is kept is planned by: steps that stay true stay done, and the next self-assessment has it', async () => {
		const person = await desk.answered(PAINLESS);
		const before = (await pageOf(person)).page;
		for (const place of placesOf(before))
			await tickStep(db(), person.open, { thing: place as 'seat', done: true }, now);
		await startStyleTrial(db(), person.open, 'active', now);
		await adoptStyle(db(), (await pageOf(person)).open, 'active', plannerHere, desk.later(5));
		const { open, page } = await pageOf(person);
		expect(open.assessment.way).toBe('active');
		expect(page).toMatchObject({ tried: null, isBehind: false });
		expect((await currentPlanOf(db(), open.assessment.id))?.why).toBe('way');
		for (const place of page.kept) expect(page.ticks[place]).toBe(true);
		const [row] = await db()
			.select({ way: schema.people.way })
			.from(schema.people)
			.where(eq(schema.people.id, person.personId));
		expect(row?.way).toBe('active');
	});

	it('that this seat leaves no choice of is refused', async () => {
		const person = await desk.answered({ ...PAINLESS, seatKind: 'wheelchair' });
		expect(await readStylesPage(db(), person.open, plannerHere, 'open', now)).toBeNull();
		expect(await faultOf(adoptStyle(db(), person.open, 'open', plannerHere, now))).toBe('invalid');
	});
});
