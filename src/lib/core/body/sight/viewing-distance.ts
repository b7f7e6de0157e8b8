import { bodyOf, type Body } from '../body-length';
import { METHOD_SD } from '../method-uncertainty';
import { bodyHeights } from '../../workstation/checks/check-values';
import { verdictProbabilities, verdictOf, type Verdict } from '../../workstation/checks/verdict';
import { setUpAsMeasured, type SetUp } from '../../workstation/checks/set-up';
import type { Corner, Screen } from '../../workstation/corner/corner';
import type { Lenses } from '../../workstation/corner/vocabulary';

/** The range of good viewing distances, mm. */
export interface DistanceBand {
	readonly low: number;
	readonly high: number;
}

/** The result for a viewing distance. */
type DistanceState = 'near' | 'good' | 'far';

/** The result for a viewing distance, with what to change. */
export interface ViewingDistance {
	readonly distance: number;
	readonly band: DistanceBand;
	readonly state: DistanceState;
	/** How certain the state is: something is called wrong only if the direction is known. */
	readonly verdict: Verdict;
	/** How far to move the screen, mm: away from the eye if positive, closer if negative. */
	readonly move: number;
}

/** Never closer than 18 inches, whatever the screen. Common practice. */
const NEAREST_MM = 460;

/** A monitor may be this far away as long as its text is readable. Common practice (up to 40 inches). */
const FARTHEST_MONITOR_MM = 1000;

/** The keyboard keeps a laptop close, and its letters are small. Common practice; the ends are ours. */
const LAPTOP_BAND: DistanceBand = { low: NEAREST_MM, high: 750 };

/** A monitor is never closer than this, nor than its width: nobody turns the head to read a line. Common practice. */
const NEAREST_MONITOR_MM = 500;

/** Width of a screen relative to its height: 16 to 9, like nearly all. Our working assumption. */
const WIDTH_OF_HEIGHT = 16 / 9;

/** Computer glasses of unknown distance: this much farther away, mm. Common practice. */
const TRIFOCAL_FARTHER: DistanceBand = { low: 50, high: 100 };

/** The range of viewing distances for a screen and the person's lenses, mm. */
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
 * How far below the eye the middle of the screen is, mm; negative above it.
 * @param setUp what is set and built
 */
export function dropToScreenMiddle(corner: Corner, setUp: SetUp, body: Body = bodyOf(corner)): number {
	const top = setUp.surface + setUp.screen + setUp.screenTopAboveBase;
	return bodyHeights(corner, body, setUp).eye - (top - corner.spot.screen.visibleHeight / 2);
}

/**
 * The viewing distance after heights have changed and nobody has moved the screen, mm: the horizontal distance stays, so a raised laptop
 * comes closer.
 */
export function viewingDistanceWith(corner: Corner, setUp: SetUp, body: Body = bodyOf(corner)): number {
	const { distance } = corner.spot.screen;
	const before = dropToScreenMiddle(corner, setUpAsMeasured(corner), body);
	const after = dropToScreenMiddle(corner, setUp, body);
	if (after === before) return distance;
	const along = Math.sqrt(Math.max(0, distance ** 2 - before ** 2));
	return Math.round(Math.hypot(along, after));
}

/**
 * Checks the viewing distance at a workstation.
 * @param distance mm; as measured if left out
 */
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
