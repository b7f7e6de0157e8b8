import type { Placement, DeskSide } from './placed-thing';
import type { PlanPoint } from './reach';

/** A screen and how much it is used. */
export interface ScreenUse {
	/** Share of the working time on any positive scale: 3 and 1 is the same as 0.75 and 0.25. */
	readonly share: number;
	/** Width of the screen, mm. */
	readonly width: number;
	/** Eye to screen, mm. */
	readonly distance: number;
}

/** A screen in its place, seen from above. */
export type ScreenPlace = Omit<Placement, 'name'>;

/**
 * From this share of use, a screen is the main one: it stands straight ahead, the other beside it; below it, both count as used equally.
 * Common practice knows the two cases; the limit between them is ours.
 */
const MAIN_SCREEN_SHARE = 0.6;

/** Depth of a monitor with its stand, mm. Our assumption. */
const SCREEN_DEPTH_MM = 180;

/** Gap between two screens, mm. */
const SEAM_MM = 10;

function onCircle(distance: number, degrees: number): PlanPoint {
	const a = (degrees * Math.PI) / 180;
	return { x: distance * Math.sin(a), y: distance * Math.cos(a) };
}

/** Half the visual angle of a screen at its distance, degrees. */
function halfAngle({ width, distance }: ScreenUse): number {
	return (Math.atan((width + SEAM_MM) / 2 / distance) * 180) / Math.PI;
}

/**
 * Places one or two screens by their share of use: the main one straight ahead and the other beside it, turned to the person; if used
 * equally, both in a shallow V with the seam ahead. The eye is above the shoulders. Common practice.
 * @param screens the first two are placed; the one with the larger share counts as the main one
 * @param writing side of the writing hand: the second screen stands on it, the phone on the other
 * @returns places in the order of `screens`
 */
export function placeScreens(screens: readonly ScreenUse[], writing: DeskSide): ScreenPlace[] {
	const [first, second] = screens;
	const placed = (screen: ScreenUse, turnedDeg: number): ScreenPlace => ({
		at: onCircle(screen.distance, turnedDeg),
		size: [screen.width, SCREEN_DEPTH_MM],
		turnedDeg
	});
	if (!first) return [];
	if (!second) return [placed(first, 0)];
	const aside = writing * (halfAngle(first) + halfAngle(second));
	const shareOfFirst = first.share / (first.share + second.share);
	if (shareOfFirst >= MAIN_SCREEN_SHARE) return [placed(first, 0), placed(second, aside)];
	if (1 - shareOfFirst >= MAIN_SCREEN_SHARE) return [placed(first, aside), placed(second, 0)];
	return [placed(first, -writing * halfAngle(first)), placed(second, writing * halfAngle(second))];
}
