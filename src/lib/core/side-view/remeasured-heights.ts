import { keysOverSurfaceMm, type SetUp } from '../checks';
import type { Corner } from '../corner';

/**
 * What is measured again after a plan's steps are done, mm: heights above the floor as they are now, whatever they
 * are made of.
 */
export interface RemeasuredHeights {
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

/** Name of one of the heights that are measured again. */
export type RemeasuredField = keyof RemeasuredHeights;

/** What is taken, and what is usual, of each; mm above the floor. Our working assumptions. */
export const REMEASURED_FIELDS: Readonly<
	Record<RemeasuredField, { bounds: readonly [number, number]; usual: readonly [number, number] }>
> = {
	seatUnder: { bounds: [150, 1300], usual: [350, 900] },
	feetOn: { bounds: [0, 600], usual: [0, 350] },
	surface: { bounds: [300, 1500], usual: [600, 1250] },
	keysOn: { bounds: [300, 2000], usual: [600, 1300] },
	screenTop: { bounds: [350, 2500], usual: [800, 1900] }
};

/**
 * The set-up that re-measured heights make, in the terms of the plan that was built: what differs from it lies in the
 * pads and the stacks, which give or are a book short, and not in the furniture.
 *
 * @param planned the set-up that the plan aimed at
 */
export function setUpFromRemeasured(corner: Corner, again: RemeasuredHeights, planned: SetUp): SetUp {
	return {
		seat: planned.seat,
		pads: again.seatUnder === null ? 0 : again.seatUnder - planned.seat,
		softs: 0,
		surface: again.surface,
		feet: again.feetOn,
		keys: again.keysOn - again.surface - keysOverSurfaceMm(corner),
		screen: planned.screen,
		screenTopAboveBase: again.screenTop - again.surface - planned.screen
	};
}

/** The heights that a set-up would measure, to start from. */
export function remeasuredHeightsOf(corner: Corner, setUp: SetUp): RemeasuredHeights {
	return {
		seatUnder: corner.spot.posture === 'standing' ? null : setUp.seat + setUp.pads,
		feetOn: setUp.feet,
		surface: setUp.surface,
		keysOn: setUp.surface + keysOverSurfaceMm(corner) + setUp.keys,
		screenTop: setUp.surface + setUp.screen + setUp.screenTopAboveBase
	};
}
