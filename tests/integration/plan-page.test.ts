import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
import { deviceField } from '$lib/core/questionnaire/answers/device-answers';
import { leaveOutKindFields, piecesLeftOut } from '$lib/core/questionnaire/answers/household-things';
import { stepTickField } from '$lib/core/questionnaire/answers/answer-fields';
import { shareFigure } from '$lib/core/workforce/figures';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { schema } from '$lib/server/platform/db/client';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import { plannerHere } from '$lib/server/plan/planning/planning';
import { answerTrial, endTrial, startPlanTrial } from '$lib/server/plan/plans/day-trials';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { readPlanPage } from '$lib/server/plan/plans/plan-page';
import { adoptStyle, readStylesPage, startStyleTrial } from '$lib/server/plan/plans/sitting-styles';
import { keptCounts } from '$lib/server/workforce/kept-counts';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { Desk, faultOf, PAINLESS } from '../support/desk';
import { planHere } from '../support/planning';

let desk: Desk;
/** A Monday. */
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

type Person = Awaited<ReturnType<Desk['answered']>>;

/** The page as it is read now. */
async function pageOf({ token }: Person, at = now) {
	const open = await openAssessment(db(), token);
	const page = await readPlanPage(db(), open, token, at);
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
		const assessmentResult = await newestAssessmentResult(db(), person.personId);
		expect(assessmentResult?.actions[0]).toEqual(page.acts[0]);
	});

	it('takes a habit that isn’t so as the problem that it is, at once and in the assessment result; and back again', async () => {
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
		expect((await pageOf(person)).page.trial?.trial).toMatchObject({
			tried: { kind: 'style', way: 'active' },
			since: '2026-03-02'
		});
		expect((await currentPlanOf(db(), person.open.assessment.id))?.id).toBe(before?.id);
		await startStyleTrial(db(), person.open, null, now);
		expect((await pageOf(person)).page.trial).toBeNull();
	});

	it('that is kept is planned by: steps that stay true stay done, and the next self-assessment has it', async () => {
		const person = await desk.answered(PAINLESS);
		const before = (await pageOf(person)).page;
		for (const place of placesOf(before))
			await tickStep(db(), person.open, { thing: place as 'seat', done: true }, now);
		await startStyleTrial(db(), person.open, 'active', now);
		await adoptStyle(db(), (await pageOf(person)).open, 'active', plannerHere, desk.later(5));
		const { open, page } = await pageOf(person);
		expect(open.assessment.sittingStyle).toBe('active');
		expect(page).toMatchObject({ trial: null, isBehind: false });
		expect((await currentPlanOf(db(), open.assessment.id))?.why).toBe('way');
		for (const place of page.kept) expect(page.ticks[place]).toBe(true);
		const [row] = await db()
			.select({ way: schema.people.sittingStyle })
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

describe('another of the offered plans', () => {
	const at = (day: number, hour: number) => new Date(Date.UTC(2026, 2, day, hour));

	/** Someone with a choice of plans, who tries the second one. */
	async function trying() {
		const person = await desk.answered(PAINLESS);
		const { open, page } = await pageOf(person);
		expect(page.offers.length).toBeGreaterThan(1);
		await startPlanTrial(db(), open, 1, at(2, 9));
		return person;
	}

	it('is tried for a day, then the plan’s own, each with a question in the evening, and kept', async () => {
		const person = await trying();
		const before = await currentPlanOf(db(), person.open.assessment.id);
		const morning = await pageOf(person, at(2, 9));
		expect(morning.page.trial).toMatchObject({
			trial: { tried: { kind: 'plan', plan: 1 } },
			stage: { day: 'tried', part: 'day' }
		});
		expect(morning.page).toMatchObject({ worked: 0, isBehind: false });
		const evening = await pageOf(person, at(2, 18));
		expect(evening.page.trial?.stage).toEqual({ day: 'tried', part: 'evening' });
		await answerTrial(db(), evening.open, 8, at(2, 18));
		// A second tab that still shows the question.
		expect(await faultOf(answerTrial(db(), (await pageOf(person)).open, 3, at(2, 18)))).toBe('conflict');
		const next = await pageOf(person, at(3, 18));
		expect(next.page.trial?.stage).toEqual({ day: 'own', part: 'evening' });
		await answerTrial(db(), next.open, null, at(3, 18));
		const third = await pageOf(person, at(4, 18));
		expect(third.page.trial?.stage).toEqual({ day: 'own', part: 'evening' });
		await answerTrial(db(), third.open, 4, at(4, 18));
		const both = await pageOf(person, at(4, 19));
		expect(both.page.trial).toMatchObject({ trial: { comfort: 8, ownComfort: 4 }, stage: null });
		expect((await currentPlanOf(db(), person.open.assessment.id))?.id).toBe(before?.id);

		await endTrial(db(), both.open, 'tried', plannerHere, at(4, 19));
		const after = await pageOf(person, at(4, 20));
		expect(after.page).toMatchObject({ trial: null, worked: 1 });
		expect(await faultOf(endTrial(db(), after.open, 'own', plannerHere, at(4, 20)))).toBe('conflict');
	});

	it('is left for the plan’s own, which stays as it is', async () => {
		const person = await trying();
		const before = await currentPlanOf(db(), person.open.assessment.id);
		await endTrial(db(), (await pageOf(person)).open, 'own', plannerHere, at(2, 10));
		expect((await pageOf(person)).page.trial).toBeNull();
		expect((await currentPlanOf(db(), person.open.assessment.id))?.id).toBe(before?.id);
	});

	it('is on trial only while that plan is offered: a new one ends it', async () => {
		const person = await trying();
		await adoptStyle(db(), (await pageOf(person)).open, 'active', plannerHere, at(2, 11));
		expect((await pageOf(person, at(2, 12))).page.trial).toBeNull();
		expect(await faultOf(startPlanTrial(db(), (await pageOf(person)).open, 9, at(2, 12)))).toBe('conflict');
	});
});

describe('plans that are equally good', () => {
	const published = async (on: string, kept: Readonly<Record<string, number>>) => {
		const share = ([what, x]: [string, number]) => ({
			code: `kept ${what}`,
			all: shareFigure(x, 40),
			groups: []
		});
		await db().insert(schema.workforceClosings).values({ on, madeAt: now, renewed: 0, parts: null });
		await db()
			.insert(schema.publishedFigures)
			.values({
				on,
				of: 'steps',
				by: '',
				table: {
					groups: [],
					people: { all: 40, groups: [] },
					figures: Object.entries(kept).map(share)
				},
				renewedOn: {},
				pending: [],
				sums: {}
			});
	};

	it('come in the order in which colleagues have kept them, as published at the newest closing', async () => {
		await published('2026-02-28', { '14 screen:book': 12, '42 screen:book': 3, '14 screen': 9 });
		expect([...(await keptCounts(db()))]).toEqual([['screen:book', { kept: 12, asked: 40 }]]);
	});

	it('stay in the order that someone has seen offline, whether or not they ticked a step there', async () => {
		const bare = Object.entries(PAINLESS).filter(([name]) => !name.startsWith('thing.'));
		const item = (i: number, kind: string) => ({
			[`thing.${i}.kind`]: kind,
			[`thing.${i}.a`]: '32',
			[`thing.${i}.b`]: '24',
			[`thing.${i}.c`]: '12',
			[`thing.${i}.count`]: '1'
		});
		const answers = { ...Object.fromEntries(bare), ...item(0, 'book'), ...item(1, 'board-game') };
		/** The kind of item below the screen in someone's plan. */
		async function below(ticks: Readonly<Record<string, string>>, hasSeenPlan: boolean): Promise<string> {
			const { token } = await desk.send(await desk.person());
			const open = await openAssessment(db(), token);
			await recordConsent(db(), open, now);
			await saveAnswers(db(), open, { ...answers, ...ticks }, now);
			expect(await submitAnswers(db(), open, now, planHere, { hasSeenPlan })).toEqual({ ok: true });
			const plan = await currentPlanOf(db(), open.assessment.id);
			const [piece] = plan?.plan?.stations.screen.pieces ?? [];
			return plan?.workstation.household.find(({ id }) => id === piece?.id.split('#')[0])?.kind ?? 'none';
		}
		const seen = await below({}, true);
		const other = seen === 'book' ? 'board-game' : 'book';
		await published('2026-03-01', { [`14 screen:${seen}`]: 1, [`14 screen:${other}`]: 39 });
		expect(await below({}, false)).toBe(other);
		expect(await below({}, true)).toBe(seen);
		expect(await below({ [stepTickField('screen')]: 'yes' }, false)).toBe(seen);
	});
});
