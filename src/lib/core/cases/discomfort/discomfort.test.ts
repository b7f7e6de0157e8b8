import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { weeklyBurden, regionReportIssues, type RegionReport } from './report';
import { discomfortChange, worstScore } from './discomfort-change';
import { hasSides, REGIONS } from './regions';

const report = (over: Partial<RegionReport> = {}): RegionReport => ({
	region: 'neck',
	side: null,
	worst: 5,
	days: 3,
	hinders: 'a-little',
	kinds: ['ache'],
	...over
});

describe('discomfortChange', () => {
	it('notices 2 points, or 30 % and a point (Farrar et al. 2001, from memory)', () => {
		const cases: readonly (readonly [number, number, string])[] = [
			[6, 4, 'better'],
			[6, 5, 'same'],
			[3, 2, 'better'],
			[4, 3, 'same'],
			[3, 4, 'worse'],
			[0, 1, 'worse'],
			[1, 0, 'better'],
			[10, 9, 'same'],
			[5, 5, 'same'],
			[0, 0, 'same']
		];
		for (const [first, now, change] of cases)
			expect([first, now, discomfortChange(first, now)]).toEqual([first, now, change]);
	});

	it('agrees with the rule written out, for every pair of scores', () => {
		for (let first = 0; first <= 10; first += 1)
			for (let now = 0; now <= 10; now += 1) {
				const by = Math.abs(first - now);
				const noticeable = by >= 2 || (by >= 1 && 10 * by >= 3 * first);
				const expected = noticeable ? (now < first ? 'better' : 'worse') : 'same';
				expect([first, now, discomfortChange(first, now)]).toEqual([first, now, expected]);
			}
	});
});

describe('reports', () => {
	it('burden is worst x days / 7', () => {
		expect([
			weeklyBurden({ worst: 7, days: 7 }),
			weeklyBurden({ worst: 7, days: 1 }),
			weeklyBurden({ worst: 0, days: 0 })
		]).toEqual([7, 1, 0]);
		expect(worstScore([])).toBe(0);
		expect(worstScore([report({ worst: 2 }), report({ worst: 6 })])).toBe(6);
	});

	it('take every region with the sides it has and nothing else', () => {
		for (const region of REGIONS) {
			expect(regionReportIssues([report({ region, side: hasSides(region) ? 'left' : null })])).toEqual([]);
			expect(regionReportIssues([report({ region, side: hasSides(region) ? null : 'left' })])).toMatchObject([
				{ code: 'side', at: '/0/side' }
			]);
		}
	});

	it('say where the fault is', () => {
		const at = (over: Partial<RegionReport>) =>
			regionReportIssues([report(), report({ region: 'eyes', ...over })]).map((i) => i.at);
		expect(at({ worst: 11 })).toEqual(['/1/worst']);
		expect(at({ worst: 2.5 })).toEqual(['/1/worst']);
		expect(at({ days: -1 })).toEqual(['/1/days']);
		expect(at({ days: 0 })).toEqual(['/1/days']);
		expect(at({ kinds: ['ache', 'ache'] })).toEqual(['/1/kinds']);
		expect(regionReportIssues([report(), report()])).toMatchObject([{ code: 'double', at: '/1/region' }]);
	});

	it('never break on numbers of any kind', () => {
		fc.assert(
			fc.property(fc.double(), fc.double(), (worst, days) => {
				expect(Array.isArray(regionReportIssues([report({ worst, days })]))).toBe(true);
			})
		);
	});
});
