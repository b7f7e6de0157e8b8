import { randomUUID } from 'node:crypto';
import { asc, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CHECK_IDS } from '$lib/core/workstation/checks/check-values';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { schema } from '$lib/server/platform/db/client';
import { actInBulk } from '$lib/server/people/act-in-bulk';
import { changePerson } from '$lib/server/people/change-person';
import { findPeople } from '$lib/server/people/find-people';
import { sortColumns } from '$lib/server/people/people-order';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { findingsScreen, timesScreen } from '$lib/server/workforce/screens';
import { Desk, MIRELA, PAINLESS, putRight } from '../support/desk';

const { observations, people } = schema;

const now = new Date('2026-03-04T10:00:00Z');
const DAY_MS = 86_400_000;
const days = (n: number) => new Date(now.getTime() + n * DAY_MS);

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
});

afterAll(() => desk.test.drop());

const everyRow = (personId: string) =>
	db().select().from(observations).where(eq(observations.personId, personId)).orderBy(asc(observations.id));

/** What was kept once there were answers: before, there is the letter alone. */
const observed = async (personId: string) =>
	(await everyRow(personId)).filter(({ firstOn }) => firstOn !== null);

/** Carries the whole plan out. */
async function carryOut(token: string, at: Date) {
	const open = await openAssessment(db(), token);
	const plan = await currentPlanOf(db(), open.assessment.id);
	for (const { place } of plan?.steps ?? []) await tickStep(db(), open, { thing: place, done: true }, at);
	await putRight(db(), open, at);
}

describe('what is kept of each assessment result', () => {
	it('says what was answered and found, where it hurts, and how the corner stands', async () => {
		const { personId } = await desk.answered();
		const [row] = await observed(personId);
		const { standing } = await desk.judged(personId);
		expect(row).toMatchObject({
			team: 'T',
			sittingStyle: 'upright',
			questionnaireMode: 'short',
			place: 'chair',
			answeredOn: '2026-03-04',
			firstOn: '2026-03-04',
			reportedOn: '2026-03-04',
			hasPlan: true,
			carriedOn: null,
			worst: 6,
			firstWorst: 6
		});
		expect(row?.discomfort).toEqual(expect.arrayContaining(['neck', 'shoulder', 'shoulder/right']));
		expect(row?.gapsMm).toEqual(row?.firstGapsMm);
		for (const [i, id] of CHECK_IDS.entries()) {
			const check = standing.find((one) => one.id === id);
			expect(row?.gapsMm[i] === null).toBe(check === undefined);
		}
		expect(row?.findings).toEqual(expect.arrayContaining(['keys-too-high', 'screen-too-low']));
	});

	it('holds from its day until the next begins, and keeps what was at first', async () => {
		const { personId, token } = await desk.answered();
		await carryOut(token, days(10));
		await desk.answer(personId, PAINLESS, days(40));
		const rows = await observed(personId);
		expect(rows.length).toBeGreaterThan(2);
		for (const [i, row] of rows.entries()) expect(row.untilDay).toBe(rows[i + 1]?.onDay ?? null);
		const last = rows.at(-1);
		expect(last).toMatchObject({
			firstOn: '2026-03-04',
			answeredOn: '2026-04-13',
			firstWorst: 6,
			worst: 0,
			discomfort: [],
			carriedOn: null,
			firstCarriedOn: '2026-03-14'
		});
		expect(last?.firstFindings).toEqual(rows[0]?.findings);
	});

	it('is one for each day, also where somebody’s day has gone back with their time zone', async () => {
		const { personId, token } = await desk.answered();
		await carryOut(token, days(3));
		const late = new Date('2026-03-09T23:00:00Z');
		const inZone = async (timeZone: string) => {
			const [person] = await db().select().from(people).where(eq(people.id, personId));
			if (!person) throw new Error('someone was added');
			await changePerson(db(), desk.coordinator, { ...person, timeZone }, late);
		};
		await inZone('Pacific/Auckland');
		await desk.answer(personId, PAINLESS, late);
		await inZone('America/Los_Angeles');
		await desk.answer(personId, {}, new Date(late.getTime() + 60_000));
		const rows = await everyRow(personId);
		expect(rows.some(({ onDay }) => onDay === '2026-03-10')).toBe(true);
		for (const [i, row] of rows.entries()) expect(row.untilDay).toBe(rows[i + 1]?.onDay ?? null);
		// Whoever writes: the database takes no second one for any of the days.
		const [first] = rows;
		if (!first) throw new Error('there are observations');
		const { id: _id, ...copy } = first;
		for (const [onDay, untilDay] of [
			[first.onDay, null],
			['2026-03-08', '2026-03-09']
		] as const)
			await expect(
				db()
					.insert(observations)
					.values({ ...copy, onDay, untilDay })
			).rejects.toMatchObject({
				cause: { constraint: expect.stringMatching(/^observations_(?:days_excl|newest_key)$/) }
			});
	});

	it('goes with the answers that are withdrawn', async () => {
		const { personId, token } = await desk.answered();
		expect(await observed(personId)).toHaveLength(1);
		await withdrawAnswers(db(), await openAssessment(db(), token), days(1));
		expect(await observed(personId)).toEqual([]);
	});

	it('is kept apart for each team that someone was in', async () => {
		const { personId } = await desk.answered();
		const [person] = await db().select().from(people).where(eq(people.id, personId));
		if (!person) throw new Error('someone was added');
		await changePerson(db(), desk.coordinator, { ...person, team: 'Kiln' }, days(3));
		await actInBulk(
			db(),
			desk.coordinator,
			{ key: randomUUID(), act: { kind: 'team', team: 'Glaze' }, whom: { ids: [personId] }, expected: 1 },
			days(5)
		);
		const rows = await observed(personId);
		expect(rows.map(({ team, onDay, untilDay }) => [team, onDay, untilDay])).toEqual([
			['T', '2026-03-04', '2026-03-07'],
			['Kiln', '2026-03-07', '2026-03-09'],
			['Glaze', '2026-03-09', null]
		]);
		expect(new Set(rows.map(({ assessmentResultId }) => assessmentResultId)).size).toBe(1);
		// The same team again is no move.
		const [again] = await db().select().from(people).where(eq(people.id, personId));
		if (again) await changePerson(db(), desk.coordinator, { ...again, phone: '+44 20 7946 0123' }, days(6));
		expect(await observed(personId)).toHaveLength(3);
	});

	it('leads from a figure to its people', async () => {
		const { personId } = await desk.answered();
		const { personId: other } = await desk.answered(PAINLESS);
		const wanted = { order: sortColumns({ by: 'name', isReversed: false }), most: 500, mostCounted: 500 };
		const { ids } = await findPeople(db(), filterOfQuery(new URLSearchParams('hurts=neck')), wanted);
		expect([ids.includes(personId), ids.includes(other)]).toEqual([true, false]);
		const found = await findPeople(db(), filterOfQuery(new URLSearchParams('finding=keys-too-high')), wanted);
		expect(found.ids).toContain(other);
		expect(filterOfQuery(new URLSearchParams('hurts=everything&finding=nothing'))).toMatchObject({
			hurts: '',
			finding: ''
		});
	});
});

describe('figures that a few could be told by', () => {
	const view = { isLive: true, closings: [], today: null, by: null, group: null, team: null, teams: [] };

	it('are not shown of a check that all but three have', async () => {
		const make = async (n: number, answers: Readonly<Record<string, string>>) => {
			for (let i = 0; i < n; i += 1) {
				const { personId } = await desk.answered(answers);
				await desk.answer(personId, answers, days(20 + i));
			}
		};
		await db().delete(observations);
		await make(8, MIRELA);
		const shown = async () =>
			(await findingsScreen(db(), { ...view, on: '2026-05-30' })).gaps.map(({ check }) => check);
		expect(await shown()).toEqual([...CHECK_IDS]);
		// Who stands has no knees to check.
		await db().execute(
			sql`update observations set gaps_mm[1] = null where id in (select id from observations where until_day is null limit 3)`
		);
		expect(await shown()).toEqual(CHECK_IDS.filter((id) => id !== 'knee'));
	});

	it('are not shown of plans that all but two have', async () => {
		await db().execute(
			sql`update observations set carried_on = on_day, has_plan = true where until_day is null`
		);
		const fix = async () => (await timesScreen(db(), { ...view, on: '2026-05-30' })).fix;
		expect((await fix())?.n).toBe(8);
		await db().execute(
			sql`update observations set has_plan = false where id in (select id from observations where until_day is null limit 2)`
		);
		expect(await fix()).toBeNull();
	});
});
