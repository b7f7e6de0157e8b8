import { bodyOf, METHOD_SD, type Body } from '../body';
import {
	bodyHeights,
	verdictProbabilities,
	setUpAsMeasured,
	verdictOf,
	type SetUp,
	type Verdict
} from '../checks';
import type { Corner, Lenses, Screen } from '../corner';

/** Where the eye's distance from the screen is good, mm. */
export interface DistanceBand {
	readonly low: number;
	readonly high: number;
}

/** What a viewing distance comes to. */
export type DistanceState = 'near' | 'good' | 'far';

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

/** Never nearer than 18 inches, whatever the screen. Common practice. */
const NEAREST_MM = 460;

/** A monitor may stand this far away as long as its text can be read there. Common practice (up to 40 inches). */
const FARTHEST_MONITOR_MM = 1000;

/** The keys hold a laptop near, and its letters are small. Common practice; the ends are ours. */
const LAPTOP_BAND: DistanceBand = { low: NEAREST_MM, high: 750 };

/** A monitor is never nearer than this, nor than its picture is wide: nobody turns the head to read a line. Common practice. */
const NEAREST_MONITOR_MM = 500;

/** Width of a picture for its height: 16 to 9, as nearly all are. Our working assumption. */
const WIDTH_OF_HEIGHT = 16 / 9;

/** Lenses that were made for the screen, where their own distance is not known: so much farther away, mm. Common practice. */
const TRIFOCAL_FARTHER: DistanceBand = { low: 50, high: 100 };

/** The band of the eye's distance for a screen and what is looked through, mm. */
export function distanceBand(
	{ kind, visibleHeight }: Pick<Screen, 'kind' | 'visibleHeight'>,
	lenses: Lenses
): DistanceBand {
	const low = Math.max(NEAREST_MONITOR_MM, Math.round(visibleHeight * WIDTH_OF_HEIGHT));
	const band = kind === 'laptop' ? LAPTOP_BAND : { low, high: FARTHEST_MONITOR_MM };
	if (lenses !== 'trifocal') return band;
	return { low: band.low + TRIFOCAL_FARTHER.low, high: band.high + TRIFOCAL_FARTHER.high };
}

/**
 * How far below the eye the middle of the picture lies, mm; below 0 above it.
 *
 * @param setUp what is set and built
 */
export function dropToScreenMiddle(corner: Corner, setUp: SetUp, body: Body = bodyOf(corner)): number {
	const top = setUp.surface + setUp.screen + setUp.screenTopAboveBase;
	return bodyHeights(corner, body, setUp).eye - (top - corner.spot.screen.visibleHeight / 2);
}

/**
 * Eye to the middle of the picture once heights have changed and nobody has moved the screen: what lies between them along the floor stays, so
 * a laptop that is lifted comes nearer. Mm.
 */
export function viewingDistanceWith(corner: Corner, setUp: SetUp, body: Body = bodyOf(corner)): number {
	const { distance } = corner.spot.screen;
	const before = dropToScreenMiddle(corner, setUpAsMeasured(corner), body);
	const after = dropToScreenMiddle(corner, setUp, body);
	if (after === before) return distance;
	const along = Math.sqrt(Math.max(0, distance ** 2 - before ** 2));
	return Math.round(Math.hypot(along, after));
}

/** Judges how far the eye is from the screen of a corner. @param distance mm; as it was measured if left out */
export function checkDistance(
	{ spot, person }: Pick<Corner, 'spot' | 'person'>,
	distance: number = spot.screen.distance
): ViewingDistance {
	const band = distanceBand(spot.screen, person.lenses);
	const state = distance < band.low ? 'near' : distance > band.high ? 'far' : 'good';
	const move = Math.min(Math.max(distance, band.low), band.high) - distance;
	const verdict = verdictOf(verdictProbabilities({ ...band, ideal: null }, distance, METHOD_SD[spot.by]));
	return { distance, band, state, verdict, move };
}
