/** No figure is published for fewer people than this, nor one from which such a figure could be derived. */
export const MIN_GROUP_SIZE = 5;

/** A count in each group of a dimension, with the number of people it is counted among. */
export interface GroupCounts {
	/** People in each group among whom it is counted. */
	readonly among: readonly number[];
	/** The count in each group. */
	readonly count: readonly number[];
}

/**
 * Fewest people in a group with figures of its own at a closing: smaller ones are part of everyone only. A group that changes from closing
 * to closing reveals more than one that is seen once.
 */
export const MIN_CLOSING_GROUP_SIZE = 15;

/** A cell whose value is still what it was at the closing before: what was shown then is known, and what was hidden stays so. */
export type UnchangedCell = 'shown' | 'hidden' | null;

/** Which figures may be published: of each group, and the total. */
export interface PublishedCells {
	readonly all: boolean;
	readonly groups: readonly boolean[];
}

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

const isEnough = (n: number) => n >= MIN_GROUP_SIZE;

/**
 * How far apart the possible values of a hidden count are, given the published ones and the sum: it may be higher by what the other hidden
 * groups have, and lower by what they leave out. Where the size of groups is hidden too, whole people may move between such groups, so
 * small sizes are no bound.
 */
function leeway(
	at: number,
	hidden: readonly number[],
	{ among, count }: GroupCounts,
	mayBeShown: readonly boolean[]
): number {
	const others = hidden.filter((i) => i !== at);
	const x = (i: number) => count[i] ?? 0;
	const rest = (i: number) => (among[i] ?? 0) - x(i);
	const movable = mayBeShown[at] ? [] : others.filter((i) => !mayBeShown[i]);
	const up = Math.min(sum(others.map(x)), rest(at) + sum(movable.map(x)));
	const down = movable.length > 0 ? x(at) : Math.min(x(at), sum(others.map(rest)));
	return up + down;
}

/** The published group with the smallest figure: hiding it loses least. One that is known from before would be hidden in vain. */
function smallest(
	shown: readonly boolean[],
	{ among, count }: GroupCounts,
	unchanged: readonly UnchangedCell[]
): number {
	const size = (i: number) => Math.min(count[i] ?? 0, (among[i] ?? 0) - (count[i] ?? 0));
	return shown.reduce(
		(best, isShown, i) =>
			isShown && unchanged[i] !== 'shown' && (best < 0 || size(i) < size(best)) ? i : best,
		-1
	);
}

/**
 * Which counts of a dimension may be published: none on fewer than {@link MIN_GROUP_SIZE} people on either side; and with each hidden count
 * enough others that its value can't be derived from the sum, nor narrowed to fewer than five values. What is published depends on the
 * counts alone, not on who asks or what was asked before. Cost: the square of the number of groups.
 * @param mayBeShown groups whose number of people is published
 * @param unchanged what is known of each group from the closing before
 */
export function publishedCounts(
	counts: GroupCounts,
	mayBeShown: readonly boolean[],
	unchanged: readonly UnchangedCell[] = []
): PublishedCells {
	const { among, count } = counts;
	const isSafe = (n: number, x: number) => isEnough(x) && isEnough(n - x);
	const all = isSafe(sum(among), sum(count));
	const groups = among.map(
		(n, i) => all && unchanged[i] !== 'hidden' && (mayBeShown[i] ?? false) && isSafe(n, count[i] ?? 0)
	);
	for (;;) {
		const hidden = groups.flatMap((isShown, i) => (isShown || among[i] === 0 ? [] : [i]));
		// What was shown before and hasn't changed is known, though it is hidden now: it can't stand for another one.
		const unknown = hidden.filter((i) => unchanged[i] !== 'shown');
		if (unknown.every((i) => leeway(i, unknown, counts, mayBeShown) >= MIN_GROUP_SIZE))
			return { all, groups };
		const next = smallest(groups, counts, unchanged);
		// Without a total, nothing follows from the others.
		if (next < 0) return { all: all && groups.every((isShown) => !isShown), groups };
		groups[next] = false;
	}
}

/**
 * Which groups' sizes may be published. An empty group reveals nothing about anyone and is published as such.
 * @param people the size of each group
 * @param least fewest people in a group that is published
 * @param unchanged what is known of each group from the closing before
 */
export function publishedGroups(
	people: readonly number[],
	least = MIN_GROUP_SIZE,
	unchanged: readonly UnchangedCell[] = []
): PublishedCells {
	const all = sum(people) >= least;
	const groups = people.map((n, i) => unchanged[i] !== 'hidden' && (n === 0 || (all && n >= least)));
	for (;;) {
		const hidden = people.flatMap((n, i) => (groups[i] || n === 0 || unchanged[i] === 'shown' ? [] : [n]));
		const isOpen = hidden.length === 0 || !all || (hidden.length > 1 && sum(hidden) >= least);
		if (isOpen) return { all, groups };
		const next = people.reduce(
			(best, n, i) =>
				groups[i] && n > 0 && unchanged[i] !== 'shown' && (best < 0 || n < (people[best] ?? 0)) ? i : best,
			-1
		);
		if (next < 0) return { all: all && groups.every((isShown, i) => !isShown || people[i] === 0), groups };
		groups[next] = false;
	}
}

/**
 * Which groups publish the size of their subset that statistics are made from, such as those who answered twice. Where everyone belongs to
 * it everywhere, it equals the groups themselves.
 */
export function publishedPart(
	counts: GroupCounts,
	mayBeShown: readonly boolean[],
	unchanged: readonly UnchangedCell[] = []
): PublishedCells {
	const isWhole = counts.among.every((n, i) => n === counts.count[i]);
	const areHiddenAlike = unchanged.every((cell, i) => cell !== 'hidden' || !mayBeShown[i]);
	if (isWhole && areHiddenAlike) return { all: isEnough(sum(counts.count)), groups: [...mayBeShown] };
	return publishedCounts(counts, mayBeShown, unchanged);
}
