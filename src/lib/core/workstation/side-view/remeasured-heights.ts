import { keysOverSurfaceMm } from '../checks/check-values';
import type { SetUp } from '../checks/set-up';
import type { Corner } from '../corner/corner';

/** What is measured again after a plan is carried out, mm: heights above the floor as they are now, however they are made. */
export interface RemeasuredHeights {
	/** Seat with the person on it; null when standing. */
	readonly seatUnder: number | null;
	/** What the feet rest on; 0 for the floor. */
	readonly feetOn: number;
	readonly surface: number;
	/** What the keyboard stands on. */
	readonly keysOn: number;
	/** Top of the screen. */
	readonly screenTop: number;
}

/** One of the heights measured again. */
export type RemeasuredField = keyof RemeasuredHeights;

/** The heights that somebody measured, mm. One that is left out was not measured, whatever a plan says it should be. */
export type MeasuredHeights = Partial<RemeasuredHeights>;

/** The accepted and the usual range of each; mm above the floor. Our working assumptions. */
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
 * The set-up given by re-measured heights, in terms of the plan that was built: differences lie in pads and stacks, which compress or are a
 * book short, not in the furniture.
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

/** The heights that a set-up would measure, as starting values. */
export function remeasuredHeightsOf(corner: Corner, setUp: SetUp): RemeasuredHeights {
	return {
		seatUnder: corner.spot.posture === 'standing' ? null : setUp.seat + setUp.pads,
		feetOn: setUp.feet,
		surface: setUp.surface,
		keysOn: setUp.surface + keysOverSurfaceMm(corner) + setUp.keys,
		screenTop: setUp.surface + setUp.screen + setUp.screenTopAboveBase
	};
}
