import jstat from 'jstat';
import { normalCdf } from './normal-cdf';

/** Limits within which a figure lies with 95 %. */
export interface Interval {
	readonly low: number;
	readonly high: number;
}

/** How sure an interval is, both sides together. */
export const CONFIDENCE = 0.95;

/** The standard normal quantile of a two-sided 95 % interval, 1.96. */
export const Z = jstat.normal.inv(1 - (1 - CONFIDENCE) / 2, 0, 1);

/** Probability of a standard normal at least as far from 0, on both sides. */
export const twoSidedTail = (z: number) => Math.min(1, 2 * normalCdf(-Math.abs(z)));

/** Probability of a chi-squared at least as large. */
export function chiSquaredTail(x: number, degrees: number): number {
	// Of one degree the normal's tail says it to more digits.
	return degrees === 1 ? twoSidedTail(Math.sqrt(x)) : 1 - jstat.chisquare.cdf(x, degrees);
}
