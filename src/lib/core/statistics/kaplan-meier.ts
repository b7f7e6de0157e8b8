import { Z, type Interval } from './interval';

/** A time until something happened, or until it was looked for the last time. */
export interface TimeToEvent {
	/** From the start, in any one unit, at least 0. */
	readonly time: number;
	/** Whether it happened; false where it had not yet. */
	readonly event: boolean;
	/** How many people it is of; 1 if left out. */
	readonly count?: number;
}

/** What is known at one time. */
export interface SurvivalPoint {
	readonly time: number;
	/** How many had not yet had it, just before. */
	readonly atRisk: number;
	readonly events: number;
	readonly censored: number;
	/** Share that has not had it until then. */
	readonly survival: number;
	/** Greenwood's; null where the share is 0 and the formula has no value. */
	readonly standardError: number | null;
}

/**
 * Kaplan and Meier's estimate of how many have not yet had something, counting those whom it has not happened to (1958).
 *
 * Cost: in proportion to n log n.
 *
 * @returns a point for each time at which something happened or someone was looked at the last time, in order
 */
export function kaplanMeier(spells: readonly TimeToEvent[]): SurvivalPoint[] {
	const counts = new Map<number, { events: number; censored: number }>();
	for (const { time, event, count: people = 1 } of spells) {
		const count = counts.get(time) ?? { events: 0, censored: 0 };
		count[event ? 'events' : 'censored'] += people;
		counts.set(time, count);
	}
	let atRisk = spells.reduce((sum, { count = 1 }) => sum + count, 0);
	let survival = 1;
	let greenwood = 0;
	return [...counts]
		.sort(([a], [b]) => a - b)
		.map(([time, { events, censored }]) => {
			const before = atRisk;
			survival *= 1 - events / before;
			greenwood += events === 0 ? 0 : events / (before * (before - events));
			atRisk -= events + censored;
			const standardError = survival === 0 ? null : survival * Math.sqrt(greenwood);
			return { time, atRisk: before, events, censored, survival, standardError };
		});
}

/** The 95 % interval of a survival by the log of its log, which stays between 0 and 1; null where it is 0 or 1 itself. */
export function survivalInterval({
	survival,
	standardError
}: Pick<SurvivalPoint, 'survival' | 'standardError'>): Interval | null {
	if (standardError === null || standardError === 0) return null;
	const half = (Z * standardError) / (survival * Math.abs(Math.log(survival)));
	return { low: survival ** Math.exp(half), high: survival ** Math.exp(-half) };
}

/** The first time by which half have had it; null where fewer have. */
export function medianTime(points: readonly Pick<SurvivalPoint, 'time' | 'survival'>[]): number | null {
	// Half is half, whatever the last digit of a product says.
	return points.find(({ survival }) => survival <= 0.5 + 1e-12)?.time ?? null;
}
