import type { Corner } from '../corner';
import { setUpAsMeasured, type SetUp } from './set-up';

/** How a corner is set up, beyond its heights: what the checks that are no stacks are judged by. */
export interface Situation {
	readonly setUp: SetUp;
	/** Thickness of what is put behind the back, mm. */
	readonly filledMm: number;
	/** How far that brings the person forward, mm: a roll that only fills the hollow leaves them where they are. */
	readonly forwardMm: number;
	/** Eye to the middle of the picture, once it is set; null where it stays where the heights bring it. */
	readonly distanceMm: number | null;
}

/** A corner as it was measured. */
export function situationNow(corner: Corner): Situation {
	return { setUp: setUpAsMeasured(corner), filledMm: 0, forwardMm: 0, distanceMm: null };
}
