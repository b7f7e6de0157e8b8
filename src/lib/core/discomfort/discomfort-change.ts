import type { RegionReport } from './report';

/** How discomfort has changed against the first report. */
export type DiscomfortChange = 'better' | 'worse' | 'same';

/**
 * A change that people notice: 2 points on a scale of 0 to 10, or 30 % and at least one point. Source: Farrar et al. 2001,
 * Pain 94:149, from memory; the least of one point is ours.
 */
export const NOTICEABLE_CHANGE = { points: 2, share: 0.3, leastPoints: 1 } as const;

/**
 * Whether discomfort is noticeably better or worse than it was.
 *
 * @param first worst at the first report, 0 to 10
 * @param now worst now, 0 to 10
 */
export function discomfortChange(first: number, now: number): DiscomfortChange {
	const by = Math.abs(now - first);
	// Tenths, since 0.3 x 10 is a hair over 3 in binary.
	const isShare =
		by * 10 >= first * NOTICEABLE_CHANGE.share * 10 - 1e-9 && by >= NOTICEABLE_CHANGE.leastPoints;
	if (by < NOTICEABLE_CHANGE.points && !isShare) return 'same';
	return now < first ? 'better' : now > first ? 'worse' : 'same';
}

/** The worst over all regions; 0 where nothing is shown. */
export function worstScore(reports: readonly RegionReport[]): number {
	return Math.max(0, ...reports.map(({ worst }) => worst));
}
