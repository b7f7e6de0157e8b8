import { describe, expect, it } from 'vitest';
import { cornerFromAnswers } from '../questionnaire/answers/corner-from-answers';
import { planCorner, setUpAfter } from '../plan/plan-corner';
import { remeasuredHeightsOf } from '../workstation/side-view/remeasured-heights';
import { DEMO_PEOPLE } from '../../../../seed/people';
import {
	BUILT_HEIGHTS,
	builtHeightCodes,
	CLOSE_MM,
	closeCode,
	measuredCode,
	planStepCodes,
	STEP_RULES,
	type RecordedSteps,
	type UndoneReport
} from './plan-step-codes';

const START = Date.UTC(2026, 2, 2);
const day = (n: number) => new Date(START + n * 86_400_000);

const plan = (madeOn: number, events: RecordedSteps['events']): RecordedSteps => ({
	madeAt: day(madeOn),
	steps: [
		{ place: 'seat', kinds: ['cushion'] },
		{ place: 'screen', kinds: ['book', 'book', 'ream'] }
	],
	events
});
const done = (thing: 'seat' | 'screen', on: number) => ({ thing, isDone: true, at: day(on) });
const checkIn = (on: number, undone: string[] = []): UndoneReport => ({ at: day(on), undone });
const kept = (codes: readonly string[]) => codes.filter((code) => /^(asked|kept)/.test(code));

describe('plan steps as statistics count them', () => {
	it('counts the steps of the newest plan, and those carried out', () => {
		expect(planStepCodes([plan(0, [done('seat', 1)])], [])).toEqual([
			'done seat',
			'step screen',
			'step seat'
		]);
	});

	it('counts a step as kept by the first check-in from the day on, with what it is built from', () => {
		const codes = planStepCodes([plan(0, [done('screen', 1)])], [checkIn(15)]);
		expect(kept(codes)).toEqual([
			'asked 14 screen',
			'asked 14 screen:book',
			'asked 14 screen:ream',
			'kept 14 screen',
			'kept 14 screen:book',
			'kept 14 screen:ream'
		]);
	});

	it('says nothing of a step before it was asked about: a check-in the day before is too early', () => {
		expect(kept(planStepCodes([plan(0, [done('seat', 1)])], [checkIn(14.9)]))).toEqual([]);
	});

	it('counts a step as lost that any check-in up to that one reports, or that was taken back before it', () => {
		const reported = planStepCodes([plan(0, [done('seat', 1)])], [checkIn(8, ['seat']), checkIn(16)]);
		expect(kept(reported)).toEqual(['asked 14 seat', 'asked 14 seat:cushion']);
		const takenBack = planStepCodes(
			[plan(0, [done('seat', 1), { thing: 'seat', isDone: false, at: day(9) }])],
			[checkIn(16)]
		);
		expect(kept(takenBack)).toEqual(['asked 14 seat', 'asked 14 seat:cushion']);
	});

	it('looks at two weeks and at six weeks apart', () => {
		const codes = planStepCodes([plan(0, [done('seat', 1)])], [checkIn(16), checkIn(44, ['seat'])]);
		expect(codes).toContain('kept 14 seat');
		expect(codes).toContain('asked 42 seat');
		expect(codes).not.toContain('kept 42 seat');
	});

	it('says nothing of a plan by check-ins after the next one; the newest plan that tells counts', () => {
		const first = plan(0, [done('seat', 1), done('screen', 1)]);
		expect(kept(planStepCodes([first, plan(10, [])], [checkIn(20)]))).toEqual([]);
		const codes = planStepCodes([first, plan(30, [done('seat', 31)])], [checkIn(16), checkIn(50, ['seat'])]);
		expect(codes).toContain('asked 14 seat');
		expect(codes).not.toContain('kept 14 seat');
		expect(codes).toContain('kept 14 screen');
	});
});

describe('heights measured once a plan is built', () => {
	const { corner } = cornerFromAnswers(DEMO_PEOPLE.find(({ answers }) => answers)?.answers ?? {}, 'upright');
	if (!corner) throw new Error('a demo person has a workstation');
	const [plan] = planCorner(corner).plans;
	if (!plan) throw new Error('their home improves it');
	const planned = remeasuredHeightsOf(corner, setUpAfter(corner, plan));

	it('count as built to the plan where they are', () => {
		expect(builtHeightCodes(corner, plan, planned)).toEqual(
			BUILT_HEIGHTS.flatMap((field) => [measuredCode(field), closeCode(field)])
		);
	});

	it('count as close up to ten millimetres either way, and no further', () => {
		for (const field of BUILT_HEIGHTS)
			for (const by of [-CLOSE_MM - 1, -CLOSE_MM, CLOSE_MM, CLOSE_MM + 1]) {
				const again = { ...planned, [field]: (planned[field] ?? 0) + by };
				const codes = builtHeightCodes(corner, plan, again);
				expect(codes).toContain(measuredCode(field));
				expect(codes.includes(closeCode(field)), `${field} ${by}`).toBe(Math.abs(by) <= CLOSE_MM);
			}
	});

	it('say nothing of a seat that nobody sits on', () => {
		const codes = builtHeightCodes(corner, plan, { ...planned, seatUnder: null });
		expect(codes.some((code) => code.endsWith('seatUnder'))).toBe(false);
	});
});

describe('the rules of plan steps', () => {
	it('name each code once, each after what it is counted among, and everything that a person can have', () => {
		const codes = STEP_RULES.map(({ code }) => code);
		expect(new Set(codes).size).toBe(codes.length);
		for (const { code, among } of STEP_RULES)
			expect(among === '' || codes.indexOf(among) < codes.indexOf(code), code).toBe(true);
		const had = planStepCodes(
			[plan(0, [done('seat', 1), done('screen', 1)])],
			[checkIn(16), checkIn(44, ['screen'])]
		);
		expect(had.length).toBeGreaterThan(8);
		for (const code of had) expect(codes).toContain(code);
	});
});
