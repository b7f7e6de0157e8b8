import type { SetUp } from '../checks';
import type { Corner } from '../corner';

/**
 * What is measured again after a plan's steps are done, mm: heights above the floor as they are now, whatever they
 * are made of.
 */
export interface ReMeasured {
	/** Seat with the person on it; null standing. */
	readonly seatUnder: number | null;
	/** What the feet rest on; 0 is the floor. */
	readonly feetOn: number;
	readonly surface: number;
	/** What the keyboard stands on. */
	readonly keysOn: number;
	/** Top of the picture. */
	readonly screenTop: number;
}

/** The set-up that re-measured heights make. */
export function setUpReMeasured(again: ReMeasured): SetUp {
	return {
		seat: again.seatUnder ?? 0,
		surface: again.surface,
		screenTopAboveBase: again.screenTop - again.surface,
		pads: 0,
		feet: again.feetOn,
		keys: again.keysOn - again.surface,
		screen: 0
	};
}

/** The heights that a set-up would measure, to start from. */
export function reMeasuredOf(corner: Corner, setUp: SetUp): ReMeasured {
	return {
		seatUnder: corner.spot.posture === 'standing' ? null : setUp.seat + setUp.pads,
		feetOn: setUp.feet,
		surface: setUp.surface,
		keysOn: setUp.surface + setUp.keys,
		screenTop: setUp.surface + setUp.screen + setUp.screenTopAboveBase
	};
}
