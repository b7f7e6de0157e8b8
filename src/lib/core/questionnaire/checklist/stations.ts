/** Stations of the checklist, from the floor up: each builds on the ones before, so nothing is judged out of order. Common practice. */
export const CHECKLIST_STATIONS = [
	'spot',
	'feet',
	'back',
	'hands',
	'mouse',
	'screen',
	'light',
	'sound',
	'safety',
	'second',
	'moving'
] as const;

/** One station of the checklist. */
export type ChecklistStation = (typeof CHECKLIST_STATIONS)[number];
