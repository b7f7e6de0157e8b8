import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { referenceText } from '../../../../../tests/support/reference';
import { statistic, validateStatistic } from './statistic';
import { differenceOfShares, pairedDifference } from './difference';
import { kaplanMeier, medianTime, survivalInterval } from './kaplan-meier';
import { logRank } from './log-rank';
import { shareDifferenceP } from './risk-ratio';
import { wilcoxonOfCounts, countEqualChanges, wilcoxon } from './wilcoxon';

/** Results of R 4.2.2, scipy 1.10 and statsmodels 0.13 on published data; sources in tests/data/reference/README.md. */
const REFERENCE = JSON.parse(referenceText('stats-reference.json')) as readonly {
	readonly id: string;
	readonly data: Record<string, never>;
	readonly result: Record<string, never>;
}[];

// oxlint-disable-next-line typescript/no-explicit-any -- each statistic's data and results have a form of their own
type Loose = any;

function reference(id: string): { data: Loose; result: Loose } {
	const found = REFERENCE.find((one) => one.id === id);
	if (!found) throw new Error(`No reference named ${id}`);
	return found;
}

const all = (prefix: string) => REFERENCE.filter(({ id }) => id.startsWith(prefix)).map(({ id }) => id);

/** Asks as the command line does. */
function ask(request: object): Loose {
	const checked = validateStatistic(request);
	if (!checked.ok) throw new Error(checked.issue.text);
	return statistic(checked.value);
}

function expectNear(found: unknown, wanted: unknown): void {
	if (Array.isArray(wanted)) {
		expect((found as unknown[]).length).toBe(wanted.length);
		wanted.forEach((value, i) => expectNear((found as unknown[])[i], value));
	} else if (typeof wanted === 'number') {
		expect(Math.abs((found as number) - wanted)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(wanted)));
	} else expect(found).toEqual(wanted);
}

describe('statistics against R, scipy and statsmodels', () => {
	it.each(all('wilson-'))('Wilson: %s', (id) => {
		const { data, result } = reference(id);
		const { share, low, high } = ask({ statistic: 'wilson', ...data });
		expectNear([share, low, high], [result.p, ...result.wilson]);
	});

	it.each(all('mcnemar-'))('McNemar: %s', (id) => {
		const { data, result } = reference(id);
		const found = ask({ statistic: 'mcnemar', b: data.b, c: data.c });
		expectNear([found.exact, found.midP, found.chiSquared], [result.p_exact, result.p_mid, result.chi2]);
	});

	it('Wilcoxon without ties: exact probability, estimate and interval', () => {
		const { data, result } = reference('wilcoxon-depression');
		const differences = data.x.map((x: number, i: number) => x - data.y[i]);
		const found = ask({ statistic: 'wilcoxon', differences });
		expectNear(
			[found.v, found.p, found.estimate],
			[result.V, result.p_two_sided_exact, result.hodges_lehmann]
		);
		expectNear([found.low, found.high], result.ci95_exact);
	});

	it('Wilcoxon with ties and a zero: the curve with its corrections', () => {
		const { data, result } = reference('wilcoxon-sleep-ties-zero');
		const found = ask({ statistic: 'wilcoxon', differences: data.differences });
		expectNear([found.v, found.p], [result.V, result.p_normal_cc]);
		expect(found.low).toBeLessThan(found.estimate);
		expect(found.high).toBeGreaterThan(found.estimate);
	});

	it.each(all('rr-'))('risk ratio and difference: %s', (id) => {
		const { data, result } = reference(id);
		const groups = [data.events_exposed, data.n_exposed, data.events_ref, data.n_ref] as const;
		const [x1, n1, x2, n2] = groups;
		const found = ask({ statistic: 'risk-ratio', x1, n1, x2, n2 });
		expectNear([found.ratio, found.low, found.high], [result.rr, ...result.rr_ci]);
		const { difference, low, high } = differenceOfShares(...groups);
		expectNear([difference, low, high], [result.rd, ...result.rd_newcombe10_ci]);
	});

	it.each(all('km-'))('Kaplan and Meier: %s', (id) => {
		const { data, result } = reference(id);
		const points = kaplanMeier(
			data.time.map((time: number, i: number) => ({ time, event: data.event[i] === 1 }))
		);
		const happened = points.filter(({ events }) => events > 0);
		expectNear(
			happened.map(({ time }) => time),
			result.time
		);
		expectNear(
			happened.map(({ atRisk }) => atRisk),
			result.n_risk
		);
		expectNear(
			happened.map(({ survival }) => survival),
			result.surv
		);
		expectNear(
			happened.map(({ standardError }) => standardError),
			result.se_greenwood
		);
		expectNear(
			happened.map((point) => survivalInterval(point)?.low),
			result.ci_loglog_lower
		);
		expectNear(
			happened.map((point) => survivalInterval(point)?.high),
			result.ci_loglog_upper
		);
		expectNear(medianTime(points), result.median);
		const asked = ask({ statistic: 'kaplan-meier', ...data });
		expect(asked.time).toEqual([...new Set<number>(data.time)].sort((a, b) => a - b));
		expect(asked.survival).toHaveLength(asked.time.length);
	});

	it.each(all('logrank-'))('log-rank: %s', (id) => {
		const { data, result } = reference(id);
		const { time, event, group } = data;
		const found = ask({ statistic: 'log-rank', time, event, group });
		expectNear([found.chiSquared, found.p], [result.chi2, result.p]);
	});

	it.each(['kappa-mammograms', 'kappa-sexualfun', 'kappa-elisa_us'])('Cohen’s kappa: %s', (id) => {
		const { data, result } = reference(id);
		const found = ask({ statistic: 'cohen-kappa', table: data.table });
		expectNear([found.kappa, found.standardError], [result.kappa, result.se]);
	});

	it('Cohen’s kappa of the paper’s shares of 200 (1968)', () => {
		const { data, result } = reference('kappa-cohen1968');
		const table = data.proportions.map((row: number[]) => row.map((share) => Math.round(share * data.n)));
		const found = ask({ statistic: 'cohen-kappa', table });
		expectNear([found.kappa, found.standardError], [result.kappa, result.se_kappa]);
	});

	it.each(all('bh-'))('Benjamini and Hochberg: %s', (id) => {
		const { data, result } = reference(id);
		expectNear(ask({ statistic: 'benjamini-hochberg', p: data.p }).adjusted, result.bh);
	});
});

describe('statistics where there is next to nothing', () => {
	it('have a plain answer for nobody, nothing and no change', () => {
		expect(ask({ statistic: 'mcnemar', b: 0, c: 0 })).toEqual({ exact: 1, midP: 1, chiSquared: 0 });
		expect(ask({ statistic: 'wilcoxon', differences: [] })).toEqual({
			v: 0,
			p: 1,
			estimate: null,
			low: null,
			high: null
		});
		expect(ask({ statistic: 'wilcoxon', differences: [0, 0, 0] }).estimate).toBe(0);
		expect(ask({ statistic: 'wilcoxon', differences: [2] })).toMatchObject({ v: 1, p: 1, estimate: 2 });
		expect(ask({ statistic: 'wilcoxon', differences: [2, 2] }).low).toBeNull();
		expect(ask({ statistic: 'risk-ratio', x1: 0, n1: 5, x2: 2, n2: 7 })).toEqual({
			ratio: 0,
			low: null,
			high: null
		});
		expect(ask({ statistic: 'risk-ratio', x1: 3, n1: 5, x2: 0, n2: 7 }).ratio).toBeNull();
		expect(ask({ statistic: 'kaplan-meier', time: [3], event: [1] })).toEqual({
			time: [3],
			atRisk: [1],
			survival: [0],
			standardError: [null]
		});
		expect(ask({ statistic: 'log-rank', time: [1, 2], event: [0, 0], group: ['a', 'b'] }).p).toBeNull();
		expect(
			ask({
				statistic: 'cohen-kappa',
				table: [
					[4, 0],
					[0, 0]
				]
			}).kappa
		).toBeNull();
		expect(ask({ statistic: 'benjamini-hochberg', p: [] })).toEqual({ adjusted: [] });
		expect(medianTime(kaplanMeier([{ time: 2, event: false }]))).toBeNull();
		expect(shareDifferenceP(0, 5, 0, 7)).toBe(1);
	});

	it.each([
		[{ statistic: 'mean' }, '/statistic'],
		[{ statistic: 'wilson', x: 5, n: 4 }, '/x'],
		[{ statistic: 'wilson', x: 0, n: 0 }, '/n'],
		[{ statistic: 'mcnemar', b: 1.5, c: 0 }, '/b'],
		[{ statistic: 'kaplan-meier', time: [1, 2], event: [1] }, '/event'],
		[{ statistic: 'kaplan-meier', time: [-1], event: [1] }, '/time/0'],
		[{ statistic: 'log-rank', time: [1, 2], event: [1, 1], group: ['a', 'a'] }, '/group'],
		[
			{
				statistic: 'cohen-kappa',
				table: [
					[1, 2],
					[3, 4, 5]
				]
			},
			'/table'
		],
		[{ statistic: 'benjamini-hochberg', p: [2] }, '/p/0']
	])('%j is refused with its place', (request, at) => {
		const checked = validateStatistic(request);
		expect(checked.ok ? '' : checked.issue.at).toBe(at);
	});
});

/** Numbers that look like chance and are the same each time. */
function numbers(seed: number): () => number {
	let state = seed + 1;
	return () => {
		state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
		return state / 2_147_483_648;
	};
}

describe('statistics by other ways of working them out', () => {
	it('Wilcoxon’s exact probability is that of every way to put the signs', () => {
		for (let seed = 0; seed < 40; seed += 1) {
			const next = numbers(seed);
			const n = 1 + Math.floor(next() * 9);
			const differences = Array.from({ length: n }, () => next() - 0.35);
			const ranks = differences
				.map(Math.abs)
				.map((size, _, sizes) => sizes.filter((other) => other <= size).length);
			const v = ranks.reduce((sum, rank, i) => sum + ((differences[i] ?? 0) > 0 ? rank : 0), 0);
			const sums = Array.from({ length: 2 ** n }, (_, signs) =>
				ranks.reduce((sum, rank, i) => sum + ((signs >> i) & 1 ? rank : 0), 0)
			);
			const below = sums.filter((sum) => sum <= v).length / sums.length;
			const above = sums.filter((sum) => sum >= v).length / sums.length;
			const found = wilcoxon(differences);
			expect(found.v).toBe(v);
			expect(found.p).toBeCloseTo(Math.min(1, 2 * Math.min(below, above)), 12);
		}
	});

	it('the curve’s interval has the changes inside it for which the test would say nothing', () => {
		for (let seed = 0; seed < 40; seed += 1) {
			const next = numbers(seed + 500);
			const differences = Array.from({ length: 30 }, () => Math.round(next() * 8 - 3));
			const { low, high, estimate } = wilcoxon(differences);
			if (low === null || high === null || estimate === null) throw new Error('thirty have an interval');
			expect(low).toBeLessThanOrEqual(estimate);
			expect(high).toBeGreaterThanOrEqual(estimate);
			const pAt = (shift: number) => wilcoxon(differences.map((d) => d - shift)).p;
			expect(pAt(low - 1e-3)).toBeLessThan(0.05);
			expect(pAt(high + 1e-3)).toBeLessThan(0.05);
			if (high - low > 0.01) expect(pAt((low + high) / 2)).toBeGreaterThan(0.04);
			// Turned round it says the same the other way.
			const turned = wilcoxon(differences.map((d) => -d));
			expect([-(turned.high ?? 0), -(turned.low ?? 0)].map((x) => x.toFixed(6))).toEqual(
				[low, high].map((x) => x.toFixed(6))
			);
		}
	});

	it('counts say the same as one by one, however many', () => {
		const differences = Array.from({ length: 5000 }, (_, i) => ((i * 37) % 11) - 4);
		expect(wilcoxonOfCounts(countEqualChanges(differences))).toEqual(wilcoxon(differences));
		expect(wilcoxonOfCounts(countEqualChanges(differences)).estimate).toBeCloseTo(1, 0);
	});

	it('Newcombe’s paired interval is the unpaired one where the answers have nothing in common, and shorter where they go together', () => {
		// From memory: Newcombe (1998), table of 20, 12, 2 and 16: 0.2, from 0.056 to 0.329.
		const known = pairedDifference({ both: 20, before: 12, after: 2, neither: 16 });
		expect(known.difference).toBeCloseTo(-0.2, 12);
		expect([known.low, known.high].map((x) => x.toFixed(3))).toEqual(['-0.329', '-0.056']);
		const apart = pairedDifference({ both: 4, before: 16, after: 16, neither: 64 });
		const unpaired = differenceOfShares(20, 100, 20, 100);
		expect([apart.low, apart.high]).toEqual([unpaired.low, unpaired.high]);
		expect(pairedDifference({ both: 0, before: 0, after: 0, neither: 9 }).difference).toBe(0);
	});

	it('log-rank of three groups is that of the whole matrix, and of groups alike is nothing', () => {
		const next = numbers(7);
		const spells = Array.from({ length: 90 }, (_, i) => ({
			time: 1 + Math.floor(next() * 30 * (1 + (i % 3))),
			event: next() < 0.8,
			group: 'abc'[i % 3] ?? 'a'
		}));
		const found = logRank(spells);
		expect(found?.p).toBeLessThan(0.01);
		// The order of the groups says nothing.
		const renamed = logRank(
			spells.map((one) => ({ ...one, group: { a: 'z', b: 'y', c: 'x' }[one.group] ?? '' }))
		);
		expect(renamed?.chiSquared).toBeCloseTo(found?.chiSquared ?? 0, 9);
		const twice = spells.flatMap((one) => [
			{ ...one, group: 'x' },
			{ ...one, group: 'y' }
		]);
		expect(logRank(twice)?.chiSquared).toBeCloseTo(0, 12);
		expect(jstat.chisquare.cdf(found?.chiSquared ?? 0, 2)).toBeCloseTo(1 - (found?.p ?? 1), 12);
	});
});
