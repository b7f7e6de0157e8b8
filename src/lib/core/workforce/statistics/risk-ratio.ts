import { twoSidedTail, Z } from './interval';

/** The ratio of two groups' risks, with its 95 % interval. */
export interface RiskRatio {
	/** Null where nobody of the second group is affected. */
	readonly ratio: number | null;
	/** Null where nobody of a group is affected: no logarithm, no interval. */
	readonly low: number | null;
	readonly high: number | null;
}

/**
 * Risk ratio with the interval of its logarithm (Katz et al. 1978).
 * @param x1 cases among the `n1` with the condition, against `x2` among the `n2` without it
 */
export function riskRatio(x1: number, n1: number, x2: number, n2: number): RiskRatio {
	if (x2 === 0) return { ratio: null, low: null, high: null };
	const ratio = x1 / n1 / (x2 / n2);
	if (x1 === 0) return { ratio, low: null, high: null };
	const half = Z * Math.sqrt(1 / x1 - 1 / n1 + 1 / x2 - 1 / n2);
	return { ratio, low: ratio * Math.exp(-half), high: ratio * Math.exp(half) };
}

/**
 * Two-sided probability that two shares differ this much by chance: the score test with a pooled share and Yates' correction. 1 where
 * nobody or everybody is affected.
 */
export function shareDifferenceP(x1: number, n1: number, x2: number, n2: number): number {
	const pooled = (x1 + x2) / (n1 + n2);
	const spread = Math.sqrt(pooled * (1 - pooled) * (1 / n1 + 1 / n2));
	const apart = Math.abs(x1 / n1 - x2 / n2) - (1 / n1 + 1 / n2) / 2;
	return spread === 0 ? 1 : twoSidedTail(Math.max(0, apart) / spread);
}
