import type { Band } from '../../body/guidance/band';
import { normalCdf } from '../../workforce/statistics/normal-cdf';

/** The verdict of a check: within its range, undecided by the measurements, or outside. */
export const VERDICTS = ['fits', 'unsure', 'off'] as const;

/** One of {@link VERDICTS}. */
export type Verdict = (typeof VERDICTS)[number];

/** Probability from which a verdict is given: that a value fits, or on which side of its range it lies. Our assumption. */
const CERTAINTY_THRESHOLD = 0.75;

/** Where the true value lies, as probabilities that sum to 1. */
export interface VerdictProbabilities {
	/** Below the range. */
	readonly below: number;
	/** Within the range. */
	readonly p: number;
	/** Above the range; 0 where it has no upper end. */
	readonly above: number;
}

/**
 * Where the true value lies, given a measured value with a normal error: the conformance probability of JCGM 106:2012, section 7 (from
 * memory), and the rest of the probability on each side.
 * @param sd standard deviation of the value in mm, above zero
 */
export function verdictProbabilities(band: Band, valueMm: number, sd: number): VerdictProbabilities {
	const below = normalCdf((band.low - valueMm) / sd);
	const above = band.high === null ? 0 : 1 - normalCdf((band.high - valueMm) / sd);
	return { below, p: 1 - below - above, above };
}

/** The verdict: something is called wrong only if the direction is known. */
export function verdictOf({ below, p, above }: VerdictProbabilities): Verdict {
	if (p >= CERTAINTY_THRESHOLD) return 'fits';
	return below >= CERTAINTY_THRESHOLD || above >= CERTAINTY_THRESHOLD ? 'off' : 'unsure';
}

/** Whether any of these checks is known to be off. */
export const isAnyOff = (checks: readonly { readonly verdict: Verdict }[]): boolean =>
	checks.some(({ verdict }) => verdict === 'off');

/**
 * Several checks as one of three: `off` where any is known to be off, `unsure` where none is but something isn't known yet, and `fits`
 * where all fit. The one definition of a height problem, for the case, the day sheet, the budget and the workforce. Without any check,
 * nothing is known.
 */
export function overallVerdict(checks: readonly { readonly verdict: Verdict }[]): Verdict {
	if (isAnyOff(checks)) return 'off';
	return checks.length > 0 && checks.every(({ verdict }) => verdict === 'fits') ? 'fits' : 'unsure';
}

/** How undecided a check is, `u`: 0 where it is certain which of the three holds, two thirds where all are equally likely. */
export function verdictUncertainty({ below, p, above }: VerdictProbabilities): number {
	return 1 - (below ** 2 + p ** 2 + above ** 2);
}
