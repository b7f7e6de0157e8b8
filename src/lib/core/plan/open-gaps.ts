import { outsideBand, type CheckId, type CheckResult } from '../checks';

/** What a check leaves open, mm. */
export interface OpenGap {
	readonly id: CheckId;
	/** Which end of its band the value lies beyond. */
	readonly side: 'low' | 'high';
	/** How far beyond, above 0. */
	readonly mm: number;
}

/**
 * What some checks leave open: those that do not fit, with how far their value lies outside the band. A check that is
 * unsure with its value in the band leaves nothing to build, only to measure.
 */
export function openGaps(checks: readonly CheckResult[]): OpenGap[] {
	return checks.flatMap((check) => {
		const mm = outsideBand(check);
		if (check.verdict === 'fits' || mm === 0) return [];
		return [{ id: check.id, side: check.value < check.low ? ('low' as const) : ('high' as const), mm }];
	});
}
