import type { Distribution } from './proportions';

/** A length of the body as stature tells it, mm. */
export interface EstimatedLength {
	readonly mm: number;
	/** What stature leaves open: the standard deviation of the length among people of one stature. */
	readonly sd: number;
}

/**
 * Tells a length of the body from stature: the proportion of the means, and as its sd what stature leaves open,
 * `sd * sqrt(1 - r^2)` (the residual of a linear regression).
 *
 * @param statureMm stature without shoes, mm
 * @param length mean and sd of the length in the group the person is taken to belong to, mm
 * @param meanStatureMm mean stature of the same group, mm
 * @param r how closely the length follows stature in that group, Pearson's r from 0 to 1
 * @returns the length unrounded
 */
export function estimateFromStature(
	statureMm: number,
	length: Distribution,
	meanStatureMm: number,
	r: number
): EstimatedLength {
	return { mm: (statureMm * length.mean) / meanStatureMm, sd: length.sd * Math.sqrt(1 - r ** 2) };
}
