/**
 * Places of a plan's steps in the order of work: each builds on the ones before. The last two change no height: viewing distance and screen
 * tilt.
 */
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

/** Place of a plan step; see {@link STEP_PLACES}. */
export type StepPlace = (typeof STEP_PLACES)[number];
