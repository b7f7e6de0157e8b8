import { MIN_GROUP_SIZE } from './group-size-limit';
import type { CountedChange } from './statistics/wilcoxon';

/** Most marks in a strip: more can't be told apart. */
const MOST_MARKS = 80;

/**
 * Values as a strip of marks, each the mean of at least {@link MIN_GROUP_SIZE} neighbouring people. Cost: number of distinct values and
 * marks.
 * @param values in order, with the number of people for each
 * @returns empty where there are too few for one mark
 */
export function dotStripOf(values: readonly CountedChange[]): number[] {
	const n = values.reduce((sum, { count }) => sum + count, 0);
	const marks = Math.min(MOST_MARKS, Math.floor(n / MIN_GROUP_SIZE));
	const sums = Array.from({ length: marks }, () => ({ sum: 0, people: 0 }));
	let before = 0;
	for (const { value, count } of values) {
		for (let left = count; left > 0;) {
			const mark = Math.min(marks - 1, Math.floor((before * marks) / n));
			const of = sums[mark];
			if (!of) break;
			// As many of them as belong to this mark.
			const end = mark === marks - 1 ? n : Math.ceil(((mark + 1) * n) / marks);
			const here = Math.min(left, end - before);
			of.sum += here * value;
			of.people += here;
			before += here;
			left -= here;
		}
	}
	return sums.map(({ sum, people }) => sum / people);
}

/** Groups equal values, in order. */
export function gatherMeans(values: readonly CountedChange[]): CountedChange[] {
	const counts = new Map<number, number>();
	for (const { value, count } of values) counts.set(value, (counts.get(value) ?? 0) + count);
	return [...counts].map(([value, count]) => ({ value, count })).sort((a, b) => a.value - b.value);
}
