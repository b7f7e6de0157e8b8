import { outsideBand, type CheckResult } from '../workstation/checks/check-corner';
import type { CheckId } from '../workstation/checks/check-values';

/** A gap that a check leaves open, mm. */
export interface OpenGap {
	readonly id: CheckId;
	/** The end of its range that the value lies beyond. */
	readonly side: 'low' | 'high';
	/** How far beyond, above 0. */
	readonly mm: number;
}

/**
 * The gaps left open by some checks: those that do not fit, with their distance from the range. An unsure check whose value is within its
 * range leaves nothing to build, only to measure.
 */
export function openGaps(checks: readonly CheckResult[]): OpenGap[] {
	return checks.flatMap((check) => {
		const mm = outsideBand(check);
		if (check.verdict === 'fits' || mm === 0) return [];
		return [{ id: check.id, side: check.value < check.low ? ('low' as const) : ('high' as const), mm }];
	});
}
