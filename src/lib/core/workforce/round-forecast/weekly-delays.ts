import { kaplanMeier } from '../statistics/kaplan-meier';

/** Weeks after the invitation that are looked at. Our assumption: what comes later belongs to no round. */
export const FORECAST_WEEKS = 12;

/** What an invitation brings. */
export const FORECAST_KINDS = ['answers', 'calls', 'checkIns'] as const;

/** One of {@link FORECAST_KINDS}. */
export type ForecastKind = (typeof FORECAST_KINDS)[number];

/** Earlier invitations, by the week after their email: 0 is the first. */
export interface WeeklyDelays {
	/** To how many it happened in each week. */
	readonly happened: readonly number[];
	/** How many were last seen in each week, without it having happened. */
	readonly lastSeen: readonly number[];
}

/** The share to which it happens in a week, and on how many invitations that rests. */
export interface WeekShare {
	readonly share: number;
	readonly seen: number;
}

/**
 * The share of invitations to which it happens in each week, by Kaplan and Meier (1958): those that were sent lately count for as long as
 * they have been seen.
 */
export function weekShares({ happened, lastSeen }: WeeklyDelays): WeekShare[] {
	const spells = Array.from({ length: FORECAST_WEEKS }, (_, week) => [
		{ time: week, event: true, count: happened[week] ?? 0 },
		{ time: week, event: false, count: lastSeen[week] ?? 0 }
	])
		.flat()
		.filter(({ count }) => count > 0);
	const points = kaplanMeier(spells);
	let before = 1;
	return Array.from({ length: FORECAST_WEEKS }, (_, week) => {
		const point = points.find(({ time }) => time === week);
		const next = points.find(({ time }) => time >= week);
		const share = point ? before - point.survival : 0;
		before = point?.survival ?? before;
		return { share, seen: point?.atRisk ?? next?.atRisk ?? 0 };
	});
}

/** The number of invitations. */
export const invitedIn = ({ happened, lastSeen }: WeeklyDelays): number =>
	[...happened, ...lastSeen].reduce((sum, n) => sum + n, 0);
