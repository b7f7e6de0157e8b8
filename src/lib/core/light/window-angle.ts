/** How the line of sight lies to a window. */
export interface WindowAngle {
	/** Degrees from 0, facing the window, over 90, the window at the side, to 180, the window behind. */
	readonly angleDeg: number;
	readonly state: 'facing' | 'slanting' | 'side' | 'behind';
	/** Smallest turn of the desk that brings the window to the side, degrees; 0 where it is. */
	readonly turnDeg: number;
}

/** The window at the side: line of sight parallel to the pane, with room for corners of rooms. Common practice; ours as a band. */
const SIDE = { low: 60, high: 120 } as const;

/** Facing the window below this, the back to it above the other. Common practice; the borders are ours. */
const FACING_BELOW_DEG = 30;
const BEHIND_ABOVE_DEG = 150;

/** The smaller angle between two directions, degrees from 0 to 180. */
export function angleBetween(aDeg: number, bDeg: number): number {
	const difference = Math.abs(aDeg - bDeg) % 360;
	return difference > 180 ? 360 - difference : difference;
}

/**
 * Judges a window against the line of sight at the screen.
 *
 * @param sightDeg direction the person looks, degrees from north clockwise; any number
 * @param windowDeg direction the window faces outwards, the same way: a window on a south wall faces 180
 */
export function checkWindowAngle(sightDeg: number, windowDeg: number): WindowAngle {
	const angleDeg = angleBetween(sightDeg, windowDeg);
	const turnDeg = Math.max(SIDE.low - angleDeg, angleDeg - SIDE.high, 0);
	if (angleDeg < FACING_BELOW_DEG) return { angleDeg, state: 'facing', turnDeg };
	if (angleDeg > BEHIND_ABOVE_DEG) return { angleDeg, state: 'behind', turnDeg };
	return { angleDeg, state: turnDeg === 0 ? 'side' : 'slanting', turnDeg };
}
