import { desc, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { padShareField } from '$lib/core/questionnaire/answers/household-things';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { COMPRESSED_FRACTION } from '$lib/core/workstation/household/placement-modes';
import { isPad, PAD_KINDS } from '$lib/core/workstation/household/pads';
import { remeasuredHeightsOf } from '$lib/core/workstation/side-view/remeasured-heights';
import { setUpAfter } from '$lib/core/plan/plan-corner';
import { askedCode, keptCode, stepCode, stepDoneCode } from '$lib/core/workforce/plan-step-codes';
import type { WorkforceView } from '$lib/core/workforce/view';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { storeRemeasurement } from '$lib/server/questionnaire/assessments/save-remeasurement';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { answerCheckIn } from '$lib/server/cases/check-ins/answer-check-in';
import { processDueCases } from '$lib/server/cases/check-ins/process-due-cases';
import { contactsOf } from '$lib/server/cases/contacts/record-contact';
import { schema } from '$lib/server/platform/db/client';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { readPlanPage } from '$lib/server/plan/plans/plan-page';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { publishClosing } from '$lib/server/workforce/publish-closing';
import { figureRows } from '$lib/server/workforce/figure-rows';
import { purchaseResultsScreen, stepsScreen } from '$lib/server/workforce/screens';
import { Desk, faultOf, PAINLESS, putRight } from '../support/desk';
import { figureReader } from '../support/figure-reader';

let desk: Desk;
/** A Monday. */
const now = new Date('2026-03-02T09:00:00Z');
const at = (day: string) => new Date(`${day}T10:00:00Z`);
const db = () => desk.test.db;
const { equipmentRequests, observations } = schema;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const everybody = (on: string): WorkforceView => ({
	on,
	isLive: true,
	closings: [],
	today: on,
	by: null,
	group: null,
	team: null,
	teams: []
});

/** What statistics have of the newest state of someone's plan steps. */
async function stepsOf(personId: string): Promise<readonly string[]> {
	const [row] = await db()
		.select({ planSteps: observations.planSteps })
		.from(observations)
		.where(eq(observations.personId, personId))
		.orderBy(desc(observations.id))
		.limit(1);
	return row?.planSteps ?? [];
}

/** Someone who carried their plan out on the first day, and answers the check-in two weeks later. */
async function checkedIn(undone: 'first' | 'none') {
	const person = await desk.answered(PAINLESS);
	const plan = await currentPlanOf(db(), person.open.assessment.id);
	const steps = plan?.steps ?? [];
	for (const { place } of steps)
		await tickStep(db(), person.open, { thing: place, done: true }, desk.later(60));
	await putRight(db(), person.open, desk.later(60));
	await desk.settle([person.personId], desk.later(90));
	await processDueCases(db(), at('2026-03-16'));
	const first = steps[0]?.place ?? 'seat';
	await answerCheckIn(
		db(),
		person.open,
		{ signs: [], discomfort: [], undone: undone === 'first' ? [first] : [], news: [] },
		at('2026-03-17')
	);
	return { ...person, steps, plan, first };
}

describe('which steps are done and stay in place', () => {
	it('is known of each person from their ticks and check-ins', async () => {
		const { personId, steps, first } = await checkedIn('first');
		const codes = await stepsOf(personId);
		for (const { place } of steps) {
			expect(codes).toContain(stepCode(place));
			expect(codes).toContain(stepDoneCode(place));
			expect(codes).toContain(askedCode(14, place));
			expect(codes.includes(keptCode(14, place)), place).toBe(place !== first);
			expect(codes).not.toContain(askedCode(42, place));
		}
	});

	it('says of what was measured afterwards whether it is as planned', async () => {
		const { personId, open, plan } = await checkedIn('none');
		if (!plan?.plan) throw new Error('there is a plan');
		const planned = remeasuredHeightsOf(plan.workstation, setUpAfter(plan.workstation, plan.plan));
		await storeRemeasurement(db(), open, { ...planned, screenTop: planned.screenTop + 24 }, at('2026-03-18'));
		const codes = await stepsOf(personId);
		expect(codes).toContain('measured screenTop');
		expect(codes).not.toContain('close screenTop');
		expect(codes).toContain('close surface');
	});

	it('is shown of five people or more, as plain counts, in the CSV too', async () => {
		for (let i = 0; i < 6; i += 1) await checkedIn(i < 2 ? 'first' : 'none');
		const view = everybody('2026-03-20');
		const { table } = await stepsScreen(db(), view);
		const { rows } = await db().execute<{ code: string; n: number }>(sql`
			select code, count(*)::int as n from observations, unnest(plan_steps) code where until_day is null group by code`);
		const counted = new Map(rows.map(({ code, n }) => [code, n]));
		const shown = table.figures.filter(({ all }) => all !== null);
		expect(shown.length).toBeGreaterThan(5);
		for (const { code, all } of shown) expect(all?.x, code).toBe(counted.get(code) ?? 0);
		for (const { all } of shown) expect(all?.n).toBeGreaterThanOrEqual(5);
		const csv = await figureRows(figureReader(db()), { ...view, by: 'team' });
		const mine = csv.filter(([screen]) => screen === 'steps');
		expect(mine.map(([, , , code, , x]) => [code, x])).toEqual(
			table.figures.map(({ code, all }) => [code, all?.x ?? ''])
		);
	});

	it('leaves people out who have had their plan for less than two weeks', async () => {
		const shownOn = async (on: string) =>
			(await stepsScreen(db(), everybody(on))).table.figures.find(({ code }) => code === stepCode('screen'))
				?.all;
		expect(await shownOn('2026-03-15')).toBeFalsy();
		expect(await shownOn('2026-03-16')).toBeTruthy();
	});
});

describe('how far pads sink', () => {
	/** Someone who has built their plan and finds that pads rise twice as much as usual. */
	async function findsFirmPads() {
		const { open, plan } = await checkedIn('none');
		if (!plan?.plan) throw new Error('there is a plan');
		const planned = remeasuredHeightsOf(plan.workstation, setUpAfter(plan.workstation, plan.plan));
		const seatUnder = (planned.seatUnder ?? 0) + plan.plan.stations.seat.rise;
		await storeRemeasurement(db(), open, { ...planned, seatUnder }, at('2026-03-18'));
		return plan.workstation;
	}
	/** Someone who answered before anything was learnt. */
	let before: Awaited<ReturnType<Desk['answered']>>;
	const thinnest = (corner: Corner) =>
		corner.household.flatMap(({ kind, size }) => (isPad(kind) ? [Math.min(...size)] : []));

	it('is learnt from what people measure, and the next person’s plan counts on it', async () => {
		before = await desk.answered(PAINLESS);
		const corners: Corner[] = [];
		for (let i = 0; i < 6; i += 1) corners.push(await findsFirmPads());
		const { pads } = await stepsScreen(db(), everybody('2026-03-31'));
		const [found] = pads;
		if (!found) throw new Error('six people have measured pads');
		const usual = 100 * COMPRESSED_FRACTION[found.kind];
		// One more measured what was planned, in a test above.
		expect(found.people).toBe(7);
		expect(found.percent).toBeGreaterThan(1.4 * usual);
		expect(found.percent).toBeLessThan(2 * usual);

		await publishClosing(db(), '2026-03-31', at('2026-04-01'));
		const closing = { ...everybody('2026-03-31'), isLive: false };
		expect((await stepsScreen(db(), closing)).pads).toEqual(pads);

		const next = await desk.answered(PAINLESS, at('2026-04-02'));
		expect(next.open.assessment.answers[padShareField(found.kind)]).toBe(String(found.percent));
		const now = await currentPlanOf(db(), next.open.assessment.id);
		const then = await currentPlanOf(db(), before.open.assessment.id);
		if (!now || !then) throw new Error('both have a plan');
		expect(Math.max(...thinnest(now.workstation))).toBeGreaterThan(Math.max(...thinnest(then.workstation)));
		const page = await readPlanPage(db(), next.open, next.token, at('2026-04-02'), -1);
		const isUsed = now.steps.some(
			({ place, pieces }) => place === 'seat' && pieces.some(({ kind }) => kind === found.kind)
		);
		expect(page?.padsExpected.map(({ kind }) => kind)).toEqual(isUsed ? [found.kind] : []);
	});

	it('changes nothing for someone whose plan rests on how it was', async () => {
		const { token } = await desk.send(before.personId, at('2026-04-10'));
		const open = await openAssessment(db(), token);
		await recordConsent(db(), open, at('2026-04-10'));
		const again = await openAssessment(db(), token);
		expect(PAD_KINDS.map((kind) => again.assessment.answers[padShareField(kind)])).toEqual([
			undefined,
			undefined
		]);
	});
});

describe('a coordinator’s own look', () => {
	const VIDEO = { how: 'video', whom: 'Person', next: null, why: '' } as const;

	it('is kept with what was known then, shown in the case, and compared with the answers', async () => {
		const people = await Promise.all(Array.from({ length: 6 }, () => desk.answered(PAINLESS)));
		for (const { personId } of people) {
			const { standing } = await desk.judged(personId);
			const saw = Object.fromEntries(
				standing.map(({ id, verdict }) => [id, verdict === 'off' ? 'problem' : 'fits'] as const)
			);
			await desk.reach(personId, { ...VIDEO, saw }, desk.later(200));
		}
		const [first] = people;
		const { standing } = await desk.judged(first?.personId ?? '');
		const [newest] = await contactsOf(db(), first?.personId ?? '');
		expect(Object.keys(newest?.saw ?? {}).sort()).toEqual(standing.map(({ id }) => id).sort());
		const { looks } = await stepsScreen(db(), everybody('2026-03-20'));
		expect(looks?.people).toBe(6);
		expect(looks?.checks.length).toBeGreaterThan(0);
		for (const { figure } of looks?.checks ?? []) expect(figure).toMatchObject({ x: 6, n: 6 });

		if (!first) throw new Error('six people were seen');
		await withdrawAnswers(db(), first.open, desk.later(300));
		const [kept] = await contactsOf(db(), first.personId);
		expect(kept?.saw).toEqual(newest?.saw);
		expect((await stepsScreen(db(), everybody('2026-03-20'))).looks?.people).toBe(5);
	});

	it('is refused of what couldn’t be seen, and of a height that isn’t assessed', async () => {
		const { personId } = await desk.answered(PAINLESS);
		const asked = await desk.person();
		expect(
			await faultOf(desk.reach(personId, { ...VIDEO, how: 'phone', saw: { eye: 'fits' } }, desk.later(210)))
		).toBe('invalid');
		expect(
			await faultOf(
				desk.reach(personId, { ...VIDEO, result: 'no-answer', saw: { eye: 'fits' } }, desk.later(211))
			)
		).toBe('invalid');
		expect(await faultOf(desk.reach(asked, { ...VIDEO, saw: { eye: 'fits' } }, desk.later(212)))).toBe(
			'conflict'
		);
		expect(await contactsOf(db(), personId)).toEqual([]);
	});
});

describe('what equipment has achieved', () => {
	it('compares the heights of the same people before it came and now, with what was paid', async () => {
		const people = await Promise.all(Array.from({ length: 7 }, () => desk.answered(PAINLESS)));
		for (const { open } of people)
			await requestEquipment(db(), open, { purchase: 'monitor', wanted: true }, desk.later(5));
		expect(await purchaseResultsScreen(db(), everybody('2026-03-20'))).toBeNull();
		await db()
			.update(equipmentRequests)
			.set({ state: 'arrived', costCents: 14_900, currency: 'EUR', changedAt: at('2026-03-10') });
		// Two still have the problem; whose heights were well before isn't counted.
		const [one, two] = people;
		// What was seen first ends on the day of the second: nobody has two of one day.
		const ids = people.map(({ personId }) => personId);
		await db().execute(
			sql`update observations set heights = 'off', until_day = '2026-03-12' where until_day is null and person_id = any(${sql.param(ids)}::uuid[])`
		);
		await db()
			.execute(sql`insert into observations (assessment_result_id, person_id, on_day, level, team, country, answered_on, first_on, has_plan, discomfort, first_discomfort,
				findings, first_findings, gaps_mm, first_gaps_mm, heights, heights_after, helped_by, first_choice)
			select assessment_result_id, person_id, '2026-03-12', level, team, country, answered_on, first_on, has_plan, discomfort, first_discomfort, findings, first_findings,
				gaps_mm, first_gaps_mm, case when person_id in (${one?.personId}::uuid, ${two?.personId}::uuid) then 'off' else 'fits' end, heights_after, helped_by, first_choice
			from observations where until_day = '2026-03-12' and person_id = any(${sql.param(ids)}::uuid[])`);
		// With two of seven left over, the share would tell of two: it is hidden.
		expect(await purchaseResultsScreen(db(), everybody('2026-03-20'))).toBeNull();
		await db().execute(
			sql`update observations set heights = 'fits' where on_day = '2026-03-12' and person_id in (${one?.personId}::uuid, ${two?.personId}::uuid)`
		);
		expect(await purchaseResultsScreen(db(), everybody('2026-03-20'))).toMatchObject({
			people: 7,
			all: { x: 7, n: 7 },
			paid: [{ cents: 7 * 14_900, currency: 'EUR' }]
		});
		expect(await purchaseResultsScreen(db(), { ...everybody('2026-03-20'), isLive: false })).toBeNull();
	});
});
