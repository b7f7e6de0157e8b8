import type { Distribution } from './proportions';

/** A body length estimated from stature, mm. */
export interface EstimatedLength {
	readonly mm: number;
	/** The standard deviation of the length among people of the same stature. */
	readonly sd: number;
}

/**
 * Estimates a body length from stature: the proportion of the means, with the sd that remains, `sd * sqrt(1 - r^2)` (the residual of a
 * linear regression).
 * @param statureMm stature without shoes, mm
 * @param length mean and sd of the length in the person's reference group, mm
 * @param meanStatureMm mean stature of the same group, mm
 * @param r correlation of the length with stature in that group, Pearson's r from 0 to 1
 * @returns the length, unrounded
 */
export function estimateFromStature(
	statureMm: number,
	length: Distribution,
	meanStatureMm: number,
	r: number
): EstimatedLength {
	return { mm: (statureMm * length.mean) / meanStatureMm, sd: length.sd * Math.sqrt(1 - r ** 2) };
}
