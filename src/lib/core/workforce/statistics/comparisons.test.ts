import { describe, expect, it } from 'vitest';
import { referenceTable } from '../../../../../tests/support/reference';
import { seededRandom } from '../../../../../seed/random';
import { adjustedDifference, type AdjustedRow } from './adjusted-difference';
import { compareGroups } from './outlying-groups';
import { meanChange } from './mean-change';

/** Additional hours of sleep by two drugs (Student 1908, Biometrika 6:1-25), the second less the first. */
const SLEEP = [1.2, 2.4, 1.3, 1.3, 0, 1, 1.8, 0.8, 4.6, 1.4];

const each = (values: readonly number[]) => values.map((value) => ({ value, count: 1 }));

describe('a mean change', () => {
	it('of Student’s sleepers is that of R and scipy, with its interval', () => {
		const found = meanChange(each(SLEEP));
		expect(found?.mean).toBeCloseTo(1.58, 12);
		// t.test(extra ~ group, paired = TRUE) in R's help, and scipy 1.17.
		expect(found?.interval?.low).toBeCloseTo(0.7001142367, 8);
		expect(found?.interval?.high).toBeCloseTo(2.4598857633, 8);
		expect([found?.lower, found?.same, found?.higher]).toEqual([0, 1, 9]);
	});

	it('of equal people counted together is that of them one by one', () => {
		const together = meanChange([
			{ value: -2, count: 3 },
			{ value: 1, count: 2 }
		]);
		expect(together).toEqual(meanChange(each([-2, -2, -2, 1, 1])));
		expect(meanChange([])).toBeNull();
		expect(meanChange(each([4]))?.interval).toBeNull();
	});
});

/** What men and women say of their height, against what was measured (Davis 1990). */
const DAVIS: readonly AdjustedRow[] = referenceTable('davis.csv')
	.filter(({ height, repht }) => Number(height) > 100 && Number(repht) > 0)
	.map(({ sex, height, repht }) => ({
		isIn: sex === 'M',
		before: Number(height),
		change: Number(repht) - Number(height),
		count: 1
	}));

describe('a difference adjusted for the value before', () => {
	it('is that of numpy 2.4 and scipy 1.17 by the formulas of HC3', () => {
		const found = adjustedDifference(DAVIS);
		expect([found?.n, found?.others]).toEqual([82, 100]);
		expect(found?.difference).toBeCloseTo(0.7435208590448825, 8);
		expect(found?.low).toBeCloseTo(-0.18266199556371598, 7);
		expect(found?.high).toBeCloseTo(1.669703713653481, 7);
		expect(found?.p).toBeCloseTo(0.11492935019835865, 8);
	});

	it('of equal people counted together is that of them one by one', () => {
		const rows: AdjustedRow[] = [
			{ isIn: true, before: 4, change: -2, count: 3 },
			{ isIn: true, before: 8, change: -5, count: 2 },
			{ isIn: false, before: 4, change: 0, count: 4 },
			{ isIn: false, before: 7, change: -1, count: 2 }
		];
		const apart = rows.flatMap((row) => Array.from({ length: row.count }, () => ({ ...row, count: 1 })));
		const [together, alone] = [adjustedDifference(rows), adjustedDifference(apart)];
		expect(together?.difference).toBeCloseTo(alone?.difference ?? NaN, 10);
		expect(together?.low).toBeCloseTo(alone?.low ?? NaN, 10);
	});

	it('is none where there is nobody to compare, or all began alike', () => {
		const inGroup = DAVIS.filter(({ isIn }) => isIn);
		expect(adjustedDifference([])).toBeNull();
		expect(adjustedDifference(inGroup)).toBeNull();
		expect(adjustedDifference(DAVIS.map((row) => ({ ...row, before: 170 })))).toBeNull();
	});

	it('takes off what groups differ in only because they began differently', () => {
		const random = seededRandom(7);
		// Everyone regresses half-way to 3; those who carry out their plan began higher, and nothing helps.
		const rows = Array.from({ length: 600 }, (_, i): AdjustedRow => {
			const isIn = i % 2 === 0;
			const before = (isIn ? 6 : 3) + Math.floor(3 * random());
			return { isIn, before, change: -(before - 3) / 2 + random() - 0.5, count: 1 };
		});
		const mean = (isIn: boolean) => {
			const of = rows.filter((row) => row.isIn === isIn);
			return of.reduce((sum, { change }) => sum + change, 0) / of.length;
		};
		expect(mean(true) - mean(false)).toBeLessThan(-1);
		const found = adjustedDifference(rows);
		expect(found?.low).toBeLessThan(0);
		expect(found?.high).toBeGreaterThan(0);
	});
});

describe('groups beside all others', () => {
	it('differ by the probabilities of scipy 1.17, twice the smaller tail, adjusted by Holm', () => {
		const all = { x: 240, n: 310 };
		const [quiet, usual] = compareGroups(
			[
				{ x: 10, n: 33 },
				{ x: 25, n: 33 }
			],
			all
		);
		expect(quiet?.p).toBeCloseTo(2 * 1.748840000430916e-9, 14);
		expect(usual?.p).toBeCloseTo(0.9572841298393105, 10);
		expect([quiet?.differs, usual?.differs]).toEqual(['lower', null]);
		expect(compareGroups([{ x: 3, n: 5 }], { x: 40, n: 400 })[0]?.p).toBeCloseTo(0.0161503319535293, 10);
	});

	it('differ as much as the sum over every possible number says, over all tables of 400 random totals', () => {
		const random = seededRandom(11);
		const below = (most: number) => Math.floor(most * random());
		const choose = (n: number, k: number): number => {
			let ways = 1;
			for (let i = 1; i <= k; i += 1) ways = (ways * (n - k + i)) / i;
			return k < 0 || k > n ? 0 : ways;
		};
		for (let time = 0; time < 400; time += 1) {
			const n = 2 + below(60);
			const all = { x: below(n + 1), n };
			const size = 1 + below(n);
			const chance = (k: number) =>
				(choose(all.x, k) * choose(all.n - all.x, size - k)) / choose(all.n, size);
			for (let x = Math.max(0, size - (all.n - all.x)); x <= Math.min(size, all.x); x += 1) {
				const tail = (isIn: (k: number) => boolean) =>
					Array.from({ length: size + 1 }, (_, k) => (isIn(k) ? chance(k) : 0)).reduce((a, b) => a + b);
				const smaller = Math.min(
					tail((k) => k <= x),
					tail((k) => k >= x)
				);
				const [found] = compareGroups([{ x, n: size }], all);
				expect(found?.p).toBeCloseTo(Math.min(1, 2 * smaller), 9);
			}
		}
	});

	it('of a million people differ as the normal approximation says, and far out not at all by chance', () => {
		const all = { x: 400_000, n: 1_000_000 };
		// 2.5 standard deviations of the number without replacement, to half a number: p = 0.0124 (from memory: tables of the normal).
		const [n, sd] = [50_000, Math.sqrt(50_000 * 0.4 * 0.6 * (950_000 / 999_999))];
		const [near] = compareGroups([{ x: Math.round(20_000 + 2.5 * sd + 0.5), n }], all);
		expect(near?.p).toBeCloseTo(0.0124, 3);
		expect(compareGroups([{ x: 30_000, n }], all)[0]?.p).toBe(0);
		expect(compareGroups([{ x: 20_000, n }], all)[0]?.p).toBeCloseTo(1, 2);
	});

	it('are drawn to the whole by as much as they are small, and never beyond it', () => {
		const groups = [
			{ x: 2, n: 10 },
			{ x: 160, n: 200 },
			{ x: 78, n: 100 }
		];
		const share = 240 / 310;
		for (const [i, { shrunk, funnel }] of compareGroups(groups, { x: 240, n: 310 }).entries()) {
			const { x, n } = groups[i] ?? { x: 0, n: 1 };
			expect(Math.abs(shrunk - share)).toBeLessThanOrEqual(Math.abs(x / n - share) + 1e-12);
			expect(funnel.low).toBeLessThan(funnel.high);
		}
	});

	it('that are alike are called different in at most 5 of 100 reports', () => {
		const random = seededRandom(11);
		const REPORTS = 1000;
		let alarms = 0;
		for (let report = 0; report < REPORTS; report += 1) {
			const share = 0.1 + 0.8 * random();
			const groups = Array.from({ length: 4 + Math.floor(16 * random()) }, () => {
				const n = 5 + Math.floor(60 * random());
				return { n, x: Array.from({ length: n }, random).filter((u) => u < share).length };
			});
			const sum = (of: 'x' | 'n') => groups.reduce((total, group) => total + group[of], 0);
			const compared = compareGroups(groups, { x: sum('x'), n: sum('n') });
			if (compared.some(({ differs }) => differs !== null)) alarms += 1;
		}
		// Three standard deviations above 5 of 100.
		expect(alarms / REPORTS).toBeLessThanOrEqual(0.05 + 3 * Math.sqrt((0.05 * 0.95) / REPORTS));
	});
});
