import type { MeasuringMethod } from '../workstation/corner/vocabulary';

/** Standard deviation of one length by measuring method, mm. Our working assumptions. */
export const METHOD_SD: Readonly<Record<MeasuringMethod, number>> = {
	tape: 4,
	'paper-ruler': 6,
	card: 6,
	'a4-sheets': 10,
	'hand-span': 20,
	guess: 40
};

/** What not holding still adds to every body length, mm. Our working assumption. */
export const HOLDING_STILL_SD = 12;

/** Standard deviation of `homeRow` and `topAboveBase`: small, rigid and easy to measure, mm. */
export const SMALL_PART_SD = 2;

/** Standard deviation in mm of a body length taken by `method`. */
export function bodyMethodSd(method: MeasuringMethod): number {
	return Math.hypot(METHOD_SD[method], HOLDING_STILL_SD);
}
