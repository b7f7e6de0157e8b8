import { benjaminiHochberg } from './statistics/benjamini-hochberg';
import { riskRatio, shareDifferenceP } from './statistics/risk-ratio';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** The number of people with a finding, with a complaint, and with both. */
interface PairCounts {
	readonly finding: string;
	readonly region: string;
	readonly both: number;
	readonly withFinding: number;
	readonly withRegion: number;
}

/** All pairs in a workforce. */
export interface AllPairs {
	/** Number of people, and how many have any finding and any complaint. */
	readonly n: number;
	readonly withAnyFinding: number;
	readonly withAnyRegion: number;
	readonly pairs: readonly PairCounts[];
}

/** A complaint reported more, or less, often by people with a finding. Not proof that one causes the other. */
export interface Association {
	readonly finding: string;
	readonly region: string;
	/** Share with the complaint, with and without the finding. */
	readonly shareWith: number;
	readonly shareWithout: number;
	readonly ratio: number;
	readonly low: number;
	readonly high: number;
	/** Probability of a difference this large by chance, adjusted for the number of pairs compared. */
	readonly p: number;
	readonly n: number;
}

/** Least size of each of the four combinations: a figure about two things at once reveals more than a figure about one. */
const LEAST = 2 * MIN_GROUP_SIZE;

/**
 * Which findings go with which complaints, the most certain first, adjusted for the number of comparisons.
 * @returns pairs whose finding and complaint may each be published alone, since a pair reveals both counts
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
