import { mcNemar, pairedDifference, type Difference, type PairedCounts } from '../statistics';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** A share among the same people at first and now, with its change. */
export interface PairedFigure extends Difference {
	readonly first: number;
	readonly now: number;
	readonly n: number;
	/** Mid-p of McNemar's test that it did not change. */
	readonly p: number;
}

/**
 * The change of a share among the same people; null where one of the four kinds of them has fewer than {@link MIN_GROUP_SIZE}: shares, interval and
 * probability together would tell how many.
 *
 * @param first how many had it at first, `now` have it now, `both` had it both times, of `n`
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
