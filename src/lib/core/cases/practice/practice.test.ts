import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseCivilDate, type CivilDate } from '../../platform/calendar/civil-date';
import { workCalendarOfPlace } from '../../platform/calendar/public-holidays';
import { validateCaseRecord } from '../case-assessment/validate-case-record';
import { SHIPPED_RULES } from '../../platform/rules/shipped-rules';
import { practiceCases, PRACTICE_SIZE } from './practice-cases';
import { ACT_OF_LEVEL, orderByRules, PRACTICE_ACTS, scorePractice } from './score-practice';

const today = parseCivilDate('2026-03-02') as CivilDate;
const by = { today, rules: SHIPPED_RULES, calendar: workCalendarOfPlace({ country: null, region: null }) };
const seeds = fc.integer({ min: 1, max: 2 ** 31 - 1 });

describe('made-up cases', () => {
	it('are twelve valid cases of several levels, the same again for the same seed', () => {
		fc.assert(
			fc.property(seeds, (seed) => {
				const cases = practiceCases(seed, by);
				expect(cases).toHaveLength(PRACTICE_SIZE);
				expect(new Set(cases.map(({ name }) => name)).size).toBe(PRACTICE_SIZE);
				for (const { record } of cases) expect(validateCaseRecord(record).ok).toBe(true);
				const levels = new Set(cases.map(({ result }) => result.level));
				expect(levels.size).toBeGreaterThanOrEqual(4);
				// There is always something that can't wait, among what looks like it.
				expect(cases.some(({ result }) => result.level === 'emergency' || result.level === 'urgent')).toBe(
					true
				);
				expect(practiceCases(seed, by)).toEqual(cases);
			}),
			{ numRuns: 60 }
		);
	});

	it('have every level somewhere', () => {
		const levels = Array.from({ length: 40 }, (_, seed) => practiceCases(seed + 1, by)).flatMap((cases) =>
			cases.map(({ result }) => result.level)
		);
		for (const level of ['emergency', 'urgent', 'clinician', 'soon', 'home', 'done'])
			expect(levels).toContain(level);
	});

	it('are asked about with every act', () => {
		expect(new Set(Object.values(ACT_OF_LEVEL))).toEqual(new Set(PRACTICE_ACTS));
	});
});

describe('the score', () => {
	const rightActs = (cases: ReturnType<typeof practiceCases>) =>
		Object.fromEntries(cases.map(({ id, result }) => [id, ACT_OF_LEVEL[result.level]]));

	it('is full for the order and acts of the rules', () => {
		fc.assert(
			fc.property(seeds, (seed) => {
				const cases = practiceCases(seed, by);
				const order = orderByRules(cases).map(({ id }) => id);
				const score = scorePractice(cases, { order, acts: rightActs(cases) });
				expect(score).toMatchObject({ orderShare: 1, rightActs: PRACTICE_SIZE, missed: 0 });
				expect(score.cases.map(({ rightPlace }) => rightPlace)).toEqual(order.map((_, i) => i + 1));
				// The other way round, nothing stands where it should, and what can't wait is missed.
				const backwards = scorePractice(cases, { order: order.toReversed(), acts: rightActs(cases) });
				expect(backwards.orderShare).toBe(0);
				expect(backwards.missed).toBeGreaterThan(0);
			}),
			{ numRuns: 60 }
		);
	});

	it('counts a sign for today as missed where the act can wait, whatever its place', () => {
		const cases = practiceCases(3, by);
		const order = orderByRules(cases).map(({ id }) => id);
		const urgent = cases.filter(({ result }) => ACT_OF_LEVEL[result.level] === 'call-now');
		const acts = { ...rightActs(cases), [urgent[0]!.id]: 'answer' as const };
		const score = scorePractice(cases, { order, acts });
		expect(score.missed).toBe(1);
		expect(score.rightActs).toBe(PRACTICE_SIZE - 1);
		// Two of equal urgency may stand either way.
		expect(scorePractice(cases, { order: [], acts: {} }).rightActs).toBe(0);
	});
});
