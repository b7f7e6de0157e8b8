import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../../../../seed/random';
import { TRIAGE_LEVELS, type TriageLevel } from '../triage/policy';
import { compareOpinions, spreadOverLevels, type JudgedByRules } from './compare-opinions';

const judged = (level: TriageLevel, reason: JudgedByRules['reason'] = 'moderate'): JudgedByRules => ({
	level,
	reason
});

describe('two opinions', () => {
	it('agree as kappa says: 1 where all are alike, less by what chance explains', () => {
		const cases = [judged('soon'), judged('soon'), judged('clinician'), judged('clinician')];
		const same: TriageLevel[] = ['soon', 'soon', 'clinician', 'clinician'];
		expect(compareOpinions(cases, same, same)).toMatchObject({
			agreed: 4,
			kappa: { kappa: 1 },
			differences: []
		});
		// Two of four alike, with two levels given as often: as by chance.
		const other: TriageLevel[] = ['soon', 'clinician', 'soon', 'clinician'];
		const { agreed, kappa, differences } = compareOpinions(cases, same, other);
		expect(agreed).toBe(2);
		expect(kappa.kappa).toBeCloseTo(0);
		expect(differences).toEqual([
			{ at: 1, first: 'soon', second: 'clinician', rules: 'soon' },
			{ at: 2, first: 'clinician', second: 'soon', rules: 'clinician' }
		]);
	});

	it('propose a change where both give another level than the rules, more than once for one reason', () => {
		const cases = [judged('soon'), judged('soon'), judged('clinician', 'severe'), judged('home', null)];
		const both: TriageLevel[] = ['clinician', 'clinician', 'soon', 'done'];
		expect(compareOpinions(cases, both, both).proposals).toEqual([
			{ reason: 'moderate', rules: 'soon', both: 'clinician', cases: 2 }
		]);
		expect(compareOpinions(cases, both, ['soon', 'soon', 'clinician', 'home']).proposals).toEqual([]);
	});
});

describe('the cases', () => {
	const many = TRIAGE_LEVELS.flatMap((level, i) =>
		Array.from({ length: i === 5 ? 50 : 2 }, (_, n) => ({ level, n }))
	);

	it('are of every level there is, each once, in an order that tells none', () => {
		const chosen = spreadOverLevels(many, 10, seededRandom(3));
		expect(chosen).toHaveLength(10);
		expect(new Set(chosen).size).toBe(10);
		expect(new Set(chosen.map(({ level }) => level)).size).toBe(TRIAGE_LEVELS.length);
		const places = chosen.map(({ level }) => TRIAGE_LEVELS.indexOf(level));
		expect(places).not.toEqual([...places].sort((a, b) => a - b));
	});

	it('are all there are where there are few', () => {
		expect(spreadOverLevels(many.slice(0, 3), 10, seededRandom(1))).toHaveLength(3);
		expect(spreadOverLevels([], 10, seededRandom(1))).toEqual([]);
	});
});
