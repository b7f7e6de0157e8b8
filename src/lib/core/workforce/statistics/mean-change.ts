import type { Interval } from './interval';
import { tHalfWidth } from './student-t';
import type { CountedChange } from './wilcoxon';

/** The mean change of a value among the same people, and how many it went down for, stayed the same for and went up for. */
export interface MeanChange {
	readonly n: number;
	readonly mean: number;
	/** Its 95 % interval by Student's t; null for fewer than two people. */
	readonly interval: Interval | null;
	readonly lower: number;
	readonly same: number;
	readonly higher: number;
}

/** The mean of some changes; null without any. Cost: number of distinct changes. */
export function meanChange(changes: readonly CountedChange[]): MeanChange | null {
	const countOf = (is: (value: number) => boolean) =>
		changes.reduce((sum, { value, count }) => sum + (is(value) ? count : 0), 0);
	const n = countOf(() => true);
	if (n === 0) return null;
	const mean = changes.reduce((sum, { value, count }) => sum + value * count, 0) / n;
	const squares = changes.reduce((sum, { value, count }) => sum + count * (value - mean) ** 2, 0);
	const half = n > 1 ? tHalfWidth(n - 1) * Math.sqrt(squares / (n - 1) / n) : null;
	return {
		n,
		mean,
		interval: half === null ? null : { low: mean - half, high: mean + half },
		lower: countOf((value) => value < 0),
		same: countOf((value) => value === 0),
		higher: countOf((value) => value > 0)
	};
}
