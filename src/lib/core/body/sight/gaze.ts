import { bodyOf, type Body } from '../body-length';
import { setUpAsMeasured, type SetUp } from '../../workstation/checks/set-up';
import type { Corner } from '../../workstation/corner/corner';
import { viewingDistanceWith, dropToScreenMiddle } from './viewing-distance';

/** The result for the line of sight to the screen's middle. */
export interface GazeCheck {
	/** Degrees below the horizontal; negative where the eye looks up. */
	readonly belowLevel: number;
	readonly state: 'up' | 'good' | 'down';
}

/** Good from horizontal to 30 degrees below. Common practice; the range is ours. */
export const GAZE_GOOD_DEG = { low: 0, high: 30 } as const;

/** The published range of the screen's centre, degrees below the horizontal: ISO 9241-5:1998, from memory. */
export const GAZE_PUBLISHED_DEG = { low: 15, high: 20 } as const;

/**
 * The angle from the eye to a point, degrees below the horizontal.
 * @param dropMm how far the point lies below the eye
 * @param distanceMm straight line from the eye to the point; a larger drop counts as straight down
 */
export function gazeAngle(dropMm: number, distanceMm: number): number {
	const sine = Math.min(1, Math.max(-1, dropMm / distanceMm));
	return (Math.asin(sine) * 180) / Math.PI;
}

/**
 * Checks the line of sight to the middle of the visible screen. The viewing distance is the straight line to that middle.
 * @param distanceMm after the screen is moved; as it follows from the heights if left out
 */
export function checkGaze(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	body: Body = bodyOf(corner),
	distanceMm: number = viewingDistanceWith(corner, setUp, body)
): GazeCheck {
	const belowLevel = gazeAngle(dropToScreenMiddle(corner, setUp, body), distanceMm);
	const state = belowLevel < GAZE_GOOD_DEG.low ? 'up' : belowLevel > GAZE_GOOD_DEG.high ? 'down' : 'good';
	return { belowLevel, state };
}
