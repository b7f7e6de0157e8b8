import { benjaminiHochberg, riskRatio, shareDifferenceP } from '../statistics';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** How many people have a finding, a complaint, and both. */
export interface PairCounts {
	readonly finding: string;
	readonly region: string;
	readonly both: number;
	readonly withFinding: number;
	readonly withRegion: number;
}

/** All pairs of a workforce. */
export interface AllPairs {
	/** People that are counted, and how many of them have any finding, and any complaint. */
	readonly n: number;
	readonly withAnyFinding: number;
	readonly withAnyRegion: number;
	readonly pairs: readonly PairCounts[];
}

/** A complaint that is told more, or less, often by those with a finding. Not that the one causes the other. */
export interface Association {
	readonly finding: string;
	readonly region: string;
	/** Shares of those with and without the finding who have the complaint. */
	readonly shareWith: number;
	readonly shareWithout: number;
	readonly ratio: number;
	readonly low: number;
	readonly high: number;
	/** Probability of so large a difference by chance, adjusted for how many pairs were looked at. */
	readonly p: number;
	readonly n: number;
}

/** Each of the four kinds of people has at least so many: a figure of two things at once says more of each than one of one. */
const LEAST = 2 * MIN_GROUP_SIZE;

/**
 * Which findings go with which complaints, the surest first, adjusted for the number of looks.
 *
 * @returns those of a finding and a complaint that may each be shown by itself: a pair tells how many have each
 */
export function associations({ n, withAnyFinding, withAnyRegion, pairs }: AllPairs): Association[] {
	const open = pairs.filter(
		({ both, withFinding, withRegion }) =>
			withAnyFinding - withFinding >= MIN_GROUP_SIZE &&
			withAnyRegion - withRegion >= MIN_GROUP_SIZE &&
			[both, withFinding - both, withRegion - both, n - withFinding - withRegion + both].every(
				(of) => of >= LEAST
			)
	);
	const tests = open.map((pair) => {
		const groups = [pair.both, pair.withFinding, pair.withRegion - pair.both, n - pair.withFinding] as const;
		return { pair, groups, p: shareDifferenceP(...groups) };
	});
	const adjusted = benjaminiHochberg(tests.map(({ p }) => p));
	return tests
		.flatMap(({ pair: { finding, region }, groups }, i): Association[] => {
			const [x1, n1, x2, n2] = groups;
			const { ratio, low, high } = riskRatio(...groups);
			if (ratio === null || low === null || high === null) return [];
			return [
				{
					finding,
					region,
					shareWith: x1 / n1,
					shareWithout: x2 / n2,
					ratio,
					low,
					high,
					p: adjusted[i] ?? 1,
					n
				}
			];
		})
		.sort((a, b) => a.p - b.p || b.ratio - a.ratio);
}
