/** The line of sight relative to a window. */
export interface WindowAngle {
	/** 0 degrees facing the window, 90 with the window at the side, 180 with the window behind. */
	readonly angleDeg: number;
	readonly state: 'facing' | 'slanting' | 'side' | 'behind';
	/** Smallest rotation of the desk that brings the window to the side, degrees; 0 where it is already. */
	readonly turnDeg: number;
}

/**
 * The window counts as at the side in this range: line of sight parallel to the pane, with allowance for room corners. Common practice; the
 * range is ours.
 */
const SIDE = { low: 60, high: 120 } as const;

/** Below this angle one faces the window, above the other one turns the back to it. Common practice; the limits are ours. */
const FACING_BELOW_DEG = 30;
const BEHIND_ABOVE_DEG = 150;

/** The angle between two directions, degrees from 0 to 180. */
export function angleBetween(aDeg: number, bDeg: number): number {
	const difference = Math.abs(aDeg - bDeg) % 360;
	return difference > 180 ? 360 - difference : difference;
}

/**
 * Judges a window against the line of sight to the screen.
 * @param sightDeg direction of the line of sight, degrees clockwise from north; any number
 * @param windowDeg direction the window faces outwards: a window in a south wall faces 180
 */
export function checkWindowAngle(sightDeg: number, windowDeg: number): WindowAngle {
	const angleDeg = angleBetween(sightDeg, windowDeg);
	const turnDeg = Math.max(SIDE.low - angleDeg, angleDeg - SIDE.high, 0);
	if (angleDeg < FACING_BELOW_DEG) return { angleDeg, state: 'facing', turnDeg };
	if (angleDeg > BEHIND_ABOVE_DEG) return { angleDeg, state: 'behind', turnDeg };
	return { angleDeg, state: turnDeg === 0 ? 'side' : 'slanting', turnDeg };
}
