import { mcNemar } from './statistics/mcnemar';
import { pairedDifference, type Difference, type PairedCounts } from './statistics/difference';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** A share among the same people at first and now, with its change. */
export interface PairedFigure extends Difference {
	readonly first: number;
	readonly now: number;
	readonly n: number;
	/** Mid-p of McNemar's test for no change. */
	readonly p: number;
}

/**
 * The change of a share among the same people; null where one of the four combinations has fewer than {@link MIN_GROUP_SIZE} people, since
 * shares, interval and probability together would reveal their number.
 * @param first number at first, `now` the number now, `both` at both times, of `n`
 */
export function pairedFigure(first: number, now: number, both: number, n: number): PairedFigure | null {
	const pairs: PairedCounts = {
		both,
		before: first - both,
		after: now - both,
		neither: n - first - now + both
	};
	if (Object.values(pairs).some((of: number) => of < MIN_GROUP_SIZE)) return null;
	const { midP } = mcNemar(pairs.before, pairs.after);
	return { first: first / n, now: now / n, n, p: midP, ...pairedDifference(pairs) };
}
