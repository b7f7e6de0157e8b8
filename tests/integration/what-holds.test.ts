import { desc, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { remeasuredHeightsOf } from '$lib/core/side-view';
import { setUpAfter } from '$lib/core/plan';
import { askedCode, keptCode, stepCode, stepDoneCode, type WorkforceView } from '$lib/core/workforce';
import { requestEquipment } from '$lib/server/assessments/request-equipment';
import { storeRemeasurement } from '$lib/server/assessments/save-remeasurement';
import { answerCheckIn } from '$lib/server/check-ins/answer-check-in';
import { processDueCases } from '$lib/server/check-ins/process-due-cases';
import { schema } from '$lib/server/db/client';
import { currentPlanOf } from '$lib/server/plans/current-plan';
import { tickStep } from '$lib/server/plans/tick-step';
import { figureRows } from '$lib/server/workforce/figure-rows';
import { purchaseResultsScreen, stepsScreen } from '$lib/server/workforce/screens';
import { Desk, PAINLESS, putRight } from '../support/desk';

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
		const planned = remeasuredHeightsOf(plan.corner, setUpAfter(plan.corner, plan.plan));
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
		const csv = await figureRows(db(), { ...view, by: 'team' });
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
		await db().execute(
			sql`update observations set heights = 'off' where until_day is null and person_id = any(${sql.param(
				people.map(({ personId }) => personId)
			)}::uuid[])`
		);
		await db()
			.execute(sql`insert into observations (judgement_id, person_id, on_day, level, team, country, answered_on, first_on, has_plan, discomfort, first_discomfort,
				findings, first_findings, gaps_mm, first_gaps_mm, heights, heights_after, helped_by, first_choice)
			select judgement_id, person_id, '2026-03-12', level, team, country, answered_on, first_on, has_plan, discomfort, first_discomfort, findings, first_findings,
				gaps_mm, first_gaps_mm, case when person_id in (${one?.personId}::uuid, ${two?.personId}::uuid) then 'off' else 'fits' end, heights_after, helped_by, first_choice
			from observations where until_day is null and heights = 'off' and person_id = any(${sql.param(
				people.map(({ personId }) => personId)
			)}::uuid[])`);
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
