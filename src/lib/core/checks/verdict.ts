import type { Band } from '../guidance';
import { normalCdf } from './normal-cdf';

/** What a check says: in its band, outside it, or not told apart by what was measured. */
export const VERDICTS = ['fits', 'unsure', 'off'] as const;

/** One of {@link VERDICTS}. */
export type Verdict = (typeof VERDICTS)[number];

/** From this probability of lying in the band a check fits; down to {@link OFF_AT_MOST} it is off. Ours. */
export const FITS_FROM = 0.75;

/** See {@link FITS_FROM}. */
export const OFF_AT_MOST = 0.25;

/**
 * The probability that the true value lies in the band, given a measured value with a normal error: the
 * probability of conforming of JCGM 106:2012, section 7 (from memory).
 *
 * @param sd standard deviation of the value in mm, above zero
 */
export function probabilityInBand(band: Band, valueMm: number, sd: number): number {
	const below = normalCdf((band.low - valueMm) / sd);
	return (band.high === null ? 1 : normalCdf((band.high - valueMm) / sd)) - below;
}

/** The verdict at a probability of lying in the band. */
export function verdictAt(probability: number): Verdict {
	if (probability >= FITS_FROM) return 'fits';
	return probability <= OFF_AT_MOST ? 'off' : 'unsure';
}
