import { Z, type Interval } from './interval';

/** Time until an event, or until the last observation. */
export interface TimeToEvent {
	/** From the start, in any consistent unit, at least 0. */
	readonly time: number;
	/** Whether the event happened; false for a censored observation. */
	readonly event: boolean;
	/** Number of people it stands for; 1 if left out. */
	readonly count?: number;
}

/** The estimate at one time. */
export interface SurvivalPoint {
	readonly time: number;
	/** Number at risk just before. */
	readonly atRisk: number;
	readonly events: number;
	readonly censored: number;
	/** Share without the event until then. */
	readonly survival: number;
	/** Greenwood's; null where the share is 0 and the formula is undefined. */
	readonly standardError: number | null;
}

/**
 * Kaplan-Meier estimate of the share without an event, including censored observations (1958). Cost: n log n.
 * @returns a point for each time of an event or a last observation, in order
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

/** The 95 % interval of a survival by the log-log transformation, which stays between 0 and 1; null where it is 0 or 1 itself. */
export function survivalInterval({
	survival,
	standardError
}: Pick<SurvivalPoint, 'survival' | 'standardError'>): Interval | null {
	if (standardError === null || standardError === 0) return null;
	const half = (Z * standardError) / (survival * Math.abs(Math.log(survival)));
	return { low: survival ** Math.exp(half), high: survival ** Math.exp(-half) };
}

/** The first time by which half have had the event; null where fewer have. */
export function medianTime(points: readonly Pick<SurvivalPoint, 'time' | 'survival'>[]): number | null {
	// Half is half, whatever the last digit of a product.
	return points.find(({ survival }) => survival <= 0.5 + 1e-12)?.time ?? null;
}
