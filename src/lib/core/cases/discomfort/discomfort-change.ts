import type { RegionReport } from './report';

/** How discomfort has changed since the first report. */
export type DiscomfortChange = 'better' | 'worse' | 'same';

/**
 * A noticeable change: 2 points on a scale of 0 to 10, or 30 % and at least one point. Source: Farrar et al. 2001, Pain 94:149, from
 * memory; the minimum of one point is ours.
 */
const NOTICEABLE_CHANGE = { points: 2, share: 0.3, leastPoints: 1 } as const;

/**
 * Whether discomfort is noticeably better or worse than before.
 * @param first worst score of the first report, 0 to 10
 * @param now worst score now, 0 to 10
 */
export function discomfortChange(first: number, now: number): DiscomfortChange {
	const by = Math.abs(now - first);
	// In tenths, since 0.3 x 10 is slightly more than 3 in binary.
	const isShare =
		by * 10 >= first * NOTICEABLE_CHANGE.share * 10 - 1e-9 && by >= NOTICEABLE_CHANGE.leastPoints;
	if (by < NOTICEABLE_CHANGE.points && !isShare) return 'same';
	return now < first ? 'better' : now > first ? 'worse' : 'same';
}

/** The worst score of all regions; 0 where none is reported. */
export function worstScore(reports: readonly RegionReport[]): number {
	return Math.max(0, ...reports.map(({ worst }) => worst));
}
