/** Places of the work, in the order it is done: each rests on the ones before. The last two move no height: how far the screen is, and how it leans. */
export const STEP_PLACES = [
	'surface',
	'seat',
	'feet',
	'back',
	'keys',
	'mouse',
	'screen',
	'distance',
	'tilt'
] as const;

/** One place of the work; see {@link STEP_PLACES}. */
export type StepPlace = (typeof STEP_PLACES)[number];
