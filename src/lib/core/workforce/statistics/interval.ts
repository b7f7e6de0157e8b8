import jstat from 'jstat';
import { normalCdf } from './normal-cdf';

/** Limits between which a value lies with 95 % confidence. */
export interface Interval {
	readonly low: number;
	readonly high: number;
}

/** Confidence level of an interval, two-sided. */
export const CONFIDENCE = 0.95;

/** The standard normal quantile of a two-sided 95 % interval, 1.96. */
export const Z = jstat.normal.inv(1 - (1 - CONFIDENCE) / 2, 0, 1);

/** Two-sided probability of a standard normal value at least this far from 0. */
export const twoSidedTail = (z: number) => Math.min(1, 2 * normalCdf(-Math.abs(z)));

/** Probability of a chi-squared value at least this large. */
export function chiSquaredTail(x: number, degrees: number): number {
	// For one degree of freedom, the normal's tail is more precise.
	return degrees === 1 ? twoSidedTail(Math.sqrt(x)) : 1 - jstat.chisquare.cdf(x, degrees);
}
