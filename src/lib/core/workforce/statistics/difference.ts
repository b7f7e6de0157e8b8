import type { Interval } from './interval';
import { wilson } from './wilson';

/** A difference of two values, with its 95 % interval. */
export interface Difference extends Interval {
	readonly difference: number;
}

/** Newcombe's method: squared distances from each share to the end of its interval, added, less their covariance. */
function squaredAndAdded(first: number, second: number, inCommon: number): number {
	return Math.sqrt(Math.max(0, first * first - 2 * inCommon * first * second + second * second));
}

/**
 * Difference of two groups' shares, with Newcombe's interval based on Wilson's (Newcombe 1998, Statistics in Medicine 17:873-890, method
 * 10).
 * @returns the first share minus the second
 */
export function differenceOfShares(x1: number, n1: number, x2: number, n2: number): Difference {
	const [first, second] = [wilson(x1, n1), wilson(x2, n2)];
	const difference = first.share - second.share;
	return {
		difference,
		low: difference - squaredAndAdded(first.share - first.low, second.high - second.share, 0),
		high: difference + squaredAndAdded(first.high - first.share, second.share - second.low, 0)
	};
}

/** The same people at two times: how many said yes both times, only before, only after, never. */
export interface PairedCounts {
	readonly both: number;
	readonly before: number;
	readonly after: number;
	readonly neither: number;
}

/** The correlation of the two answers, corrected by Newcombe's method. */
function phi({ both, before, after, neither }: PairedCounts): number {
	const n = both + before + after + neither;
	const margins = (both + before) * (after + neither) * (both + after) * (before + neither);
	if (margins === 0) return 0;
	const cross = both * neither - before * after;
	const corrected = cross > 0 ? Math.max(cross - n / 2, 0) : cross;
	return corrected / Math.sqrt(margins);
}

/**
 * Change of a share among the same people, with Newcombe's interval for paired shares (Newcombe 1998, Statistics in Medicine 17:2635-2650,
 * method 10).
 * @returns the share after minus the share before; negative where fewer say yes
 */
export function pairedDifference(pairs: PairedCounts): Difference {
	const n = pairs.both + pairs.before + pairs.after + pairs.neither;
	const [before, after] = [wilson(pairs.both + pairs.before, n), wilson(pairs.both + pairs.after, n)];
	const difference = after.share - before.share;
	const inCommon = phi(pairs);
	return {
		difference,
		low: difference - squaredAndAdded(after.share - after.low, before.high - before.share, inCommon),
		high: difference + squaredAndAdded(after.high - after.share, before.share - before.low, inCommon)
	};
}
