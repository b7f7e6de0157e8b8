import jstat from 'jstat';
import { Z, type Interval } from './interval';

/** A count in one group. */
export interface GroupCount {
	readonly x: number;
	readonly n: number;
}

/** A group beside all others: where its share would lie if it were like them, and whether it differs. */
export interface ComparedGroup {
	/** Its share, drawn towards that of all people by as much as small groups scatter by chance. */
	readonly shrunk: number;
	/** Range that a group of its size stays within in 95 of 100 cases if it is like the others: the funnel. */
	readonly funnel: Interval;
	/** Probability of a share this far from the others' by chance, adjusted for the number of groups (Holm 1979). */
	readonly p: number;
	/** Whether it differs from the others, and in which direction; null where chance explains it. */
	readonly differs: 'lower' | 'higher' | null;
}

/** Probability below which a group is said to differ. Adjusted for the number of groups: at most one report in twenty names any by chance. */
const SURE = 0.05;

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

/** Logarithm of the number of ways to choose k of n. */
const lnChoose = (n: number, k: number): number =>
	jstat.gammaln(n + 1) - jstat.gammaln(k + 1) - jstat.gammaln(n - k + 1);

/** Terms of a tail below this share of it no longer change it. */
const NEGLIGIBLE = 1e-17;

/**
 * Two-sided probability that chance puts x of a group's n among X of N, or fewer likely numbers: Fisher's exact test as twice the smaller
 * tail. From x away from the most likely number, each term follows from the one before; the other tail is what is left. Cost: some standard
 * deviations of the number, which for half a million people are a few thousand terms.
 */
function exactP({ x, n }: GroupCount, all: GroupCount): number {
	const others = all.n - all.x - n;
	const isAbove = x * (all.n + 2) >= (n + 1) * (all.x + 1);
	const atX = Math.exp(lnChoose(all.x, x) + lnChoose(all.n - all.x, n - x) - lnChoose(all.n, n));
	let [term, tail] = [atX, atX];
	for (let k = x; term > tail * NEGLIGIBLE;) {
		term *= isAbove
			? ((all.x - k) * (n - k)) / ((k + 1) * (others + k + 1))
			: (k * (others + k)) / ((all.x - k + 1) * (n - k + 1));
		tail += term;
		k += isAbove ? 1 : -1;
	}
	return Math.min(1, 2 * Math.min(tail, 1 + atX - tail));
}

/** Holm's adjustment, which keeps the probability of any false alarm below the limit. */
function holm(p: readonly number[]): number[] {
	const order = [...p.keys()].sort((a, b) => (p[a] ?? 1) - (p[b] ?? 1));
	const adjusted = p.map(() => 1);
	let before = 0;
	for (const [rank, i] of order.entries()) {
		before = Math.max(before, Math.min(1, (p.length - rank) * (p[i] ?? 1)));
		adjusted[i] = before;
	}
	return adjusted;
}

/**
 * How strongly shares are drawn together, as a number of people: groups that scatter no more than chance are drawn far, groups that truly
 * differ hardly (method of moments for the beta-binomial distribution, from memory).
 */
function priorSize(groups: readonly GroupCount[], share: number): number {
	const noise = share * (1 - share);
	const sizes = groups.map(({ n }) => n);
	const total = sum(sizes);
	if (noise === 0 || groups.length < 2) return total;
	const spread = sum(groups.map(({ x, n }) => n * (x / n - share) ** 2));
	const effective = total - sum(sizes.map((n) => n * n)) / total;
	const between = (spread - (groups.length - 1) * noise) / effective;
	return between <= 0 ? total : Math.min(total, noise / between);
}

/**
 * Compares each group with all others together. A group counts as different only beyond a limit adjusted for the number of groups, so that
 * groups which are alike are called different in at most 5 of 100 reports. Cost: a few thousand terms for each group, however many people there are.
 * @param groups counts of groups that are not empty
 * @param all the count of everyone, of whom the groups are a part
 */
export function compareGroups(groups: readonly GroupCount[], all: GroupCount): ComparedGroup[] {
	const adjusted = holm(groups.map((group) => exactP(group, all)));
	const share = all.x / all.n;
	const prior = priorSize(groups, share);
	return groups.map((group, i) => {
		const others = { x: all.x - group.x, n: all.n - group.n };
		const expected = others.n > 0 ? others.x / others.n : share;
		const p = adjusted[i] ?? 1;
		const half = Z * Math.sqrt((expected * (1 - expected)) / group.n);
		const isLower = group.x / group.n < expected;
		return {
			shrunk: (group.x + prior * share) / (group.n + prior),
			funnel: { low: Math.max(0, expected - half), high: Math.min(1, expected + half) },
			p,
			differs: p >= SURE ? null : isLower ? 'lower' : 'higher'
		};
	});
}
