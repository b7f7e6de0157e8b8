import type { Corner } from '../corner/corner';
import { setUpAsMeasured, type SetUp } from './set-up';

/** How a workstation is set up beyond its heights, for the checks that are not about heights. */
export interface Situation {
	readonly setUp: SetUp;
	/** Thickness of what is behind the back, mm. */
	readonly filledMm: number;
	/** How far that moves the person forward, mm: a roll that only fills the lumbar hollow moves nobody. */
	readonly forwardMm: number;
	/** Eye to the middle of the screen, once set; null where it follows from the heights. */
	readonly distanceMm: number | null;
}

/** The situation of a workstation as measured. */
export function situationNow(corner: Corner): Situation {
	return { setUp: setUpAsMeasured(corner), filledMm: 0, forwardMm: 0, distanceMm: null };
}
