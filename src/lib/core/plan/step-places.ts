/** Places of the work, in the order it is done: each rests on the ones before. */
export const STEP_PLACES = ['surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen'] as const;

/** One place of the work; see {@link STEP_PLACES}. */
export type StepPlace = (typeof STEP_PLACES)[number];
