import { bodyOf, METHOD_SD, type Body } from '../body';
import { bodyHeights, chancesOf, setUpAsMeasured, verdictOf, type SetUp, type Verdict } from '../checks';
import type { Corner, Lenses, Screen } from '../corner';

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
	/** How sure the state is: a thing is called wrong only where its direction is known. */
	readonly verdict: Verdict;
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

/**
 * How far below the eye the middle of the picture lies, mm; below 0 above it.
 *
 * @param setUp what is set and built
 */
export function dropToMiddle(corner: Corner, setUp: SetUp, body: Body = bodyOf(corner)): number {
	const top = setUp.surface + setUp.screen + setUp.screenTopAboveBase;
	return bodyHeights(corner, body, setUp).eye - (top - corner.spot.screen.visibleHeight / 2);
}

/**
 * Eye to the middle of the picture once heights have changed and nobody has moved the screen: what lies between them along the floor stays, so
 * a laptop that is lifted comes nearer. Mm.
 */
export function distanceWith(corner: Corner, setUp: SetUp, body: Body = bodyOf(corner)): number {
	const { distance } = corner.spot.screen;
	const before = dropToMiddle(corner, setUpAsMeasured(corner), body);
	const after = dropToMiddle(corner, setUp, body);
	if (after === before) return distance;
	const along = Math.sqrt(Math.max(0, distance ** 2 - before ** 2));
	return Math.round(Math.hypot(along, after));
}

/** Judges how far the eye is from the screen of a corner. @param distance mm; as it was measured if left out */
export function checkDistance(
	{ spot, person }: Pick<Corner, 'spot' | 'person'>,
	distance: number = spot.screen.distance
): ViewingDistance {
	const band = distanceBand(spot.screen.kind, person.lenses);
	const states: readonly (readonly [DistanceState, boolean])[] = [
		['much-too-near', distance < DISTANCE_LIMITS.low],
		['much-too-far', distance > DISTANCE_LIMITS.high],
		['near', distance < band.low],
		['far', distance > band.high]
	];
	const state = states.find(([, holds]) => holds)?.[0] ?? 'good';
	const move = Math.min(Math.max(distance, band.low), band.high) - distance;
	const verdict = verdictOf(chancesOf({ ...band, ideal: null }, distance, METHOD_SD[spot.by]));
	return { distance, band, state, verdict, move };
}
