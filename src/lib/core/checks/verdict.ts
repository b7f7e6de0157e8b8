import type { Band } from '../guidance';
import { normalCdf } from '../statistics/normal-cdf';

/** What a check says: in its band, outside it, or not separated by what was measured. */
export const VERDICTS = ['fits', 'unsure', 'off'] as const;

/** One of {@link VERDICTS}. */
export type Verdict = (typeof VERDICTS)[number];

/** From this probability something is said: that a value fits, or on which side of its band it lies. Our assumption. */
export const CERTAINTY_THRESHOLD = 0.75;

/** Where the true value lies, as probabilities that sum to 1. */
export interface VerdictProbabilities {
	/** Below the band. */
	readonly below: number;
	/** In the band. */
	readonly p: number;
	/** Above the band; 0 where that end is open. */
	readonly above: number;
}

/**
 * Where the true value lies, given a measured value with a normal error: the probability of conforming of JCGM 106:2012, section 7
 * (from memory), and what is left of it on each side.
 *
 * @param sd standard deviation of the value in mm, above zero
 */
export function verdictProbabilities(band: Band, valueMm: number, sd: number): VerdictProbabilities {
	const below = normalCdf((band.low - valueMm) / sd);
	const above = band.high === null ? 0 : 1 - normalCdf((band.high - valueMm) / sd);
	return { below, p: 1 - below - above, above };
}

/** The verdict: a thing is called wrong only where the direction in which it is wrong is known. */
export function verdictOf({ below, p, above }: VerdictProbabilities): Verdict {
	if (p >= CERTAINTY_THRESHOLD) return 'fits';
	return below >= CERTAINTY_THRESHOLD || above >= CERTAINTY_THRESHOLD ? 'off' : 'unsure';
}

/** Whether any of some checks is known to be wrong. */
export const isAnyOff = (checks: readonly { readonly verdict: Verdict }[]): boolean =>
	checks.some(({ verdict }) => verdict === 'off');

/** How undecided a check is, `u`: 0 where it is known which of the three holds, two thirds where all are alike. */
export function verdictUncertainty({ below, p, above }: VerdictProbabilities): number {
	return 1 - (below ** 2 + p ** 2 + above ** 2);
}
