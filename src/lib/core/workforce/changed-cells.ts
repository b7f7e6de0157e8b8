import type { CodeRule } from './figures';
import { MIN_GROUP_SIZE } from './group-size-limit';
import type { GroupChange } from './people-to-renew';

/** How a count of a group changed between two published figures: by how many people who changed. */
export interface CellChange {
	/** People who were counted before, and who are now, among those who changed. */
	readonly before: number;
	readonly after: number;
	/** Difference of the two figures. */
	readonly by: number;
	/** Whether the numbers of people are exact; otherwise there are at least as many. */
	readonly isExact: boolean;
}

/**
 * Whether the difference of two published figures leaves open how many of the people who changed have what is counted: at least as many
 * numbers are possible as the smallest group has people, or all possible ones could be published on their own.
 */
export function hidesEnough({ before, after, by, isExact }: CellChange): boolean {
	// Of those counted now, at least `least` and at most `most` have it: what they had before is not known.
	const least = Math.max(0, by);
	const most = Math.min(after, before + by);
	const areAllSafe = isExact && least >= MIN_GROUP_SIZE && after - most >= MIN_GROUP_SIZE;
	return areAllSafe || most - least + 1 >= MIN_GROUP_SIZE;
}

/** Two changes of a count, one after the other, as one: some people may have changed twice, so only those who surely differ are counted. */
export function bothChanges(first: CellChange, second: CellChange): CellChange {
	if (first.before + first.after === 0) return second;
	return {
		before: Math.max(first.before, second.before - first.after),
		after: Math.max(second.after, first.after - second.before),
		by: first.by + second.by,
		isExact: false
	};
}

/**
 * How a code, and the rest of what it is counted among, changed in a group.
 * @param base the code of everyone who is counted
 */
export function cellChanges({ before, after }: GroupChange, rule: CodeRule, base: string): CellChange[] {
	const sizes = { before: before.get(base) ?? 0, after: after.get(base) ?? 0, isExact: true };
	const among = rule.among === '' ? base : rule.among;
	const by = (code: string) => (after.get(code) ?? 0) - (before.get(code) ?? 0);
	return [
		{ ...sizes, by: by(rule.code) },
		{ ...sizes, by: by(among) - by(rule.code) }
	];
}
