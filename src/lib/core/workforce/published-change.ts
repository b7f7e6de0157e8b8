import { meanChange } from './statistics/mean-change';
import { wilcoxonOfCounts, type CountedChange } from './statistics/wilcoxon';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** How a score or a gap changed for the same people. */
export interface PublishedChange {
	/** Mean change, with its 95 % interval; null where there is none. */
	readonly estimate: number | null;
	readonly low: number | null;
	readonly high: number | null;
	/** Two-sided, for no change (Wilcoxon signed-rank). */
	readonly p: number;
	/** For how many it went down, stayed and went up: a mean can hide people who are worse off. Null where one is too few to publish. */
	readonly counts: { readonly lower: number; readonly same: number; readonly higher: number } | null;
}

/** The change of some people, whose number may be published. */
export function publishedChange(changes: readonly CountedChange[]): PublishedChange {
	const mean = meanChange(changes);
	const { p } = wilcoxonOfCounts(changes);
	if (!mean) return { estimate: null, low: null, high: null, p, counts: null };
	const { lower, same, higher } = mean;
	const isEnough = [lower, same, higher].every((n) => n >= MIN_GROUP_SIZE);
	return {
		estimate: mean.mean,
		low: mean.interval?.low ?? null,
		high: mean.interval?.high ?? null,
		p,
		counts: isEnough ? { lower, same, higher } : null
	};
}
