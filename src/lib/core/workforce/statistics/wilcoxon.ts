import { twoSidedTail, CONFIDENCE, Z } from './interval';

/** Whether the same people differ before and after, and by how much. */
export interface Wilcoxon {
	/** Sum of the ranks of increases. */
	readonly v: number;
	/** Two-sided; exact without ties and zeros, otherwise by the normal approximation with corrections. */
	readonly p: number;
	/** Hodges-Lehmann estimate: the median of all pairwise means of changes. Null where nobody changed. */
	readonly estimate: number | null;
	/** Its 95 % interval; null where there are too few for one. */
	readonly low: number | null;
	readonly high: number | null;
}

/** A change and the number of people with it. */
export interface CountedChange {
	readonly value: number;
	readonly count: number;
}

/** Above this number the exact table is not computed: the approximation agrees to every digit that anybody reads. */
const MOST_EXACT = 400;

/** Decimal differences that differ only in the last binary digit are equal. */
const DIGITS = 1e9;

/** Groups equal values, in order. */
export function countEqualChanges(values: readonly number[]): CountedChange[] {
	const counts = new Map<number, number>();
	for (const raw of values) {
		const value = Math.round(raw * DIGITS) / DIGITS;
		counts.set(value, (counts.get(value) ?? 0) + 1);
	}
	return [...counts].map(([value, count]) => ({ value, count })).sort((a, b) => a.value - b.value);
}

/** Ranks of the absolute values without zeros; ties share a rank. */
function signedRanks(changes: readonly CountedChange[], shift = 0) {
	const bySize = new Map<number, { up: number; all: number }>();
	for (const { value, count } of changes) {
		const moved = Math.round((value - shift) * DIGITS) / DIGITS;
		if (moved === 0) continue;
		const of = bySize.get(Math.abs(moved)) ?? { up: 0, all: 0 };
		of.all += count;
		if (moved > 0) of.up += count;
		bySize.set(Math.abs(moved), of);
	}
	let before = 0;
	let v = 0;
	let tied = 0;
	for (const [, { up, all }] of [...bySize].sort(([a], [b]) => a - b)) {
		v += up * (before + (all + 1) / 2);
		before += all;
		tied += all ** 3 - all;
	}
	const n = before;
	return { n, v, hasTies: tied > 0, spread: Math.sqrt((n * (n + 1) * (2 * n + 1)) / 24 - tied / 48) };
}

/** The distribution of the rank sum when each of `n` goes up or down at random: shares that add up to 1. */
function rankSums(n: number): Float64Array {
	const most = (n * (n + 1)) / 2;
	const shares = new Float64Array(most + 1);
	shares[0] = 1;
	let reach = 0;
	for (let rank = 1; rank <= n; rank += 1) {
		reach += rank;
		for (let sum = reach; sum >= 0; sum -= 1)
			shares[sum] = ((shares[sum] ?? 0) + (sum >= rank ? (shares[sum - rank] ?? 0) : 0)) / 2;
	}
	return shares;
}

/** All pairwise means of changes (including each with itself), in order, with their frequencies. */
function walshAverages(changes: readonly CountedChange[]): CountedChange[] {
	const means: CountedChange[] = [];
	changes.forEach((a, i) => {
		means.push({ value: a.value, count: (a.count * (a.count + 1)) / 2 });
		for (const b of changes.slice(i + 1))
			means.push({ value: (a.value + b.value) / 2, count: a.count * b.count });
	});
	return means.sort((a, b) => a.value - b.value);
}

/** The value at a position, counted from 1, in a sorted list. */
function placed(ordered: readonly CountedChange[], place: number): number {
	let seen = 0;
	for (const { value, count } of ordered) {
		seen += count;
		if (seen >= place) return value;
	}
	return ordered.at(-1)?.value ?? NaN;
}

function middle(ordered: readonly CountedChange[]): number {
	const n = ordered.reduce((sum, { count }) => sum + count, 0);
	return (placed(ordered, Math.floor((n + 1) / 2)) + placed(ordered, Math.floor(n / 2) + 1)) / 2;
}

function exactly(changes: readonly CountedChange[], v: number, n: number): Wilcoxon {
	const sums = rankSums(n);
	const most = sums.length - 1;
	const tail = Math.min(v, most - v);
	const reached = sums.subarray(0, tail + 1).reduce((sum, share) => sum + share, 0);
	const means = walshAverages(changes);
	let place = 0;
	for (let below = 0; place <= most; place += 1) {
		below += sums[place] ?? 0;
		// As R does: the smallest sum reached with at least 2.5 %.
		if (below >= (1 - CONFIDENCE) / 2) break;
	}
	const from = Math.max(place, 1);
	return {
		v,
		p: Math.min(1, 2 * reached),
		estimate: middle(means),
		low: placed(means, from),
		high: placed(means, most - from + 1)
	};
}

/** Where the standardised rank sum of shifted changes crosses a value: it falls as the shift grows. */
function crossing(changes: readonly CountedChange[], at: number): number | null {
	const standardised = (shift: number) => {
		const { n, v, spread } = signedRanks(changes, shift);
		const excess = v - (n * (n + 1)) / 4;
		return spread > 0 ? (excess - Math.sign(excess) / 2) / spread : Infinity * Math.sign(excess || 1);
	};
	let [low, high] = [changes[0]?.value ?? 0, changes.at(-1)?.value ?? 0];
	const margin = (high - low || 1) * 1e-6;
	if (standardised(low - margin) < at || standardised(high + margin) > at) return null;
	for (let turn = 0; turn < 60 && high - low > 1e-10; turn += 1) {
		const between = (low + high) / 2;
		if (standardised(between) > at) low = between;
		else high = between;
	}
	return (low + high) / 2;
}

/**
 * Wilcoxon's signed-rank test of changes of the same people (Wilcoxon 1945), with the Hodges-Lehmann estimate (1963). Zero changes have no
 * direction and are left out of the test, but not of the estimate. Cost: the square of the number of different changes; without ties, of at
 * most some hundreds.
 * @param changes each size of change and how many had it, from {@link countEqualChanges}
 */
export function wilcoxonOfCounts(changes: readonly CountedChange[]): Wilcoxon {
	const { n, v, hasTies, spread } = signedRanks(changes);
	if (n === 0) return { v: 0, p: 1, estimate: changes.length > 0 ? 0 : null, low: null, high: null };
	const hasZeros = changes.some(({ value }) => value === 0);
	if (!hasTies && !hasZeros && n <= MOST_EXACT) return exactly(changes, v, n);
	const excess = v - (n * (n + 1)) / 4;
	return {
		v,
		p: spread > 0 ? twoSidedTail((excess - Math.sign(excess) / 2) / spread) : 1,
		estimate: middle(walshAverages(changes)),
		low: crossing(changes, Z),
		high: crossing(changes, -Z)
	};
}

/** The same for individual changes. */
export const wilcoxon = (differences: readonly number[]) => wilcoxonOfCounts(countEqualChanges(differences));
