import type { Lenses, Screen } from '../corner';

/** Where the eye's distance from the screen is good, mm. */
export interface DistanceBand {
	readonly low: number;
	readonly high: number;
}

/** What a viewing distance comes to. */
export type DistanceState = 'much-too-near' | 'near' | 'good' | 'far' | 'much-too-far';

/** The judgement of a viewing distance. */
export interface ViewingDistance {
	readonly distance: number;
	readonly band: DistanceBand;
	readonly state: DistanceState;
	/** How far to move the screen: away from the eye above 0, nearer below, mm. */
	readonly move: number;
}

/**
 * About an arm's length; a laptop's letters are smaller and its keys hold it near. Common practice (practitioners name
 * 460 to 1,020); the bands are ours.
 */
const BAND: Readonly<Record<Screen['kind'], DistanceBand>> = {
	monitor: { low: 500, high: 750 },
	laptop: { low: 460, high: 700 }
};

/** A lens segment for the middle distance: so much farther away, mm. Common practice. */
const TRIFOCAL_FARTHER: DistanceBand = { low: 50, high: 100 };

/** Never nearer than 18 inches, never farther than 40. Common practice. */
export const DISTANCE_LIMITS: DistanceBand = { low: 460, high: 1020 };

/** The band of the eye's distance for a screen and what is looked through, mm. */
export function distanceBand(kind: Screen['kind'], lenses: Lenses): DistanceBand {
	const { low, high } = BAND[kind];
	if (lenses !== 'trifocal') return { low, high };
	return { low: low + TRIFOCAL_FARTHER.low, high: high + TRIFOCAL_FARTHER.high };
}

/** Judges how far the eye is from the screen, mm. */
export function checkDistance(distance: number, kind: Screen['kind'], lenses: Lenses): ViewingDistance {
	const band = distanceBand(kind, lenses);
	const states: readonly (readonly [DistanceState, boolean])[] = [
		['much-too-near', distance < DISTANCE_LIMITS.low],
		['much-too-far', distance > DISTANCE_LIMITS.high],
		['near', distance < band.low],
		['far', distance > band.high]
	];
	const state = states.find(([, holds]) => holds)?.[0] ?? 'good';
	const move = Math.min(Math.max(distance, band.low), band.high) - distance;
	return { distance, band, state, move };
}
