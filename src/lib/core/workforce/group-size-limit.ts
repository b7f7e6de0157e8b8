/** No figure is shown on fewer people than this, nor one from which such a figure can be had. */
export const MIN_GROUP_SIZE = 5;

/** One count in each group of a dimension, beside how many people there are that it is counted among. */
export interface GroupCounts {
	/** People of each group that are counted among. */
	readonly among: readonly number[];
	/** How many of them it is. */
	readonly count: readonly number[];
}

/** Which figures may be shown: of each group, and of all together. */
export interface PublishedCells {
	readonly all: boolean;
	readonly groups: readonly boolean[];
}

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

const isEnough = (n: number) => n >= MIN_GROUP_SIZE;

/**
 * How far apart the values are that a hidden count may have, as far as the shown ones and the sum tell: it may be more by what the other
 * hidden groups have, and less by what they leave out. Where it is hidden too how many people a group has, people may be moved between such
 * groups whole: few people bound nothing that way.
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

/** The shown group whose figure is the smallest: the least is lost with it. */
function smallest(shown: readonly boolean[], { among, count }: GroupCounts): number {
	const size = (i: number) => Math.min(count[i] ?? 0, (among[i] ?? 0) - (count[i] ?? 0));
	return shown.reduce((best, isShown, i) => (isShown && (best < 0 || size(i) < size(best)) ? i : best), -1);
}

/**
 * Which counts of a dimension may be shown: none on fewer than {@link MIN_GROUP_SIZE} people, on either side, and with each that is hidden so many
 * others that its value can't be told from the sum, nor bounded to fewer than five values. What is shown depends on the counts alone, not
 * on who asks or what was asked before.
 *
 * Cost: in proportion to the square of the groups.
 *
 * @param mayBeShown groups of which it is shown how many there are among whom it is counted
 */
export function publishedCounts(counts: GroupCounts, mayBeShown: readonly boolean[]): PublishedCells {
	const { among, count } = counts;
	const isSafe = (n: number, x: number) => isEnough(x) && isEnough(n - x);
	const all = isSafe(sum(among), sum(count));
	const groups = among.map((n, i) => all && (mayBeShown[i] ?? false) && isSafe(n, count[i] ?? 0));
	for (;;) {
		const hidden = groups.flatMap((isShown, i) => (isShown || among[i] === 0 ? [] : [i]));
		if (hidden.every((i) => leeway(i, hidden, counts, mayBeShown) >= MIN_GROUP_SIZE)) return { all, groups };
		const next = smallest(groups, counts);
		if (next < 0) return { all, groups };
		groups[next] = false;
	}
}

/**
 * Which groups may be shown with how many people they have. An empty one says nothing of anybody and is shown as such.
 *
 * @param people how many each group has
 */
export function publishedGroups(people: readonly number[]): PublishedCells {
	const all = isEnough(sum(people));
	const groups = people.map((n) => n === 0 || (all && isEnough(n)));
	for (;;) {
		const hidden = people.flatMap((n, i) => (groups[i] ? [] : [n]));
		const isOpen = hidden.length === 0 || !all || (hidden.length > 1 && isEnough(sum(hidden)));
		if (isOpen) return { all, groups };
		const next = people.reduce(
			(best, n, i) => (groups[i] && n > 0 && (best < 0 || n < (people[best] ?? 0)) ? i : best),
			-1
		);
		if (next < 0) return { all, groups };
		groups[next] = false;
	}
}

/**
 * Which groups show how many of their people belong to a part of them that statistics are made of, such as those who answered twice. Where
 * everybody belongs to it everywhere it is the groups themselves.
 */
export function publishedPart(counts: GroupCounts, mayBeShown: readonly boolean[]): PublishedCells {
	const isWhole = counts.among.every((n, i) => n === counts.count[i]);
	if (isWhole) return { all: isEnough(sum(counts.count)), groups: [...mayBeShown] };
	return publishedCounts(counts, mayBeShown);
}
