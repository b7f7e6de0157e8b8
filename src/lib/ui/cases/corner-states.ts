/** States in which a workstation can be viewed: as answered, as it is now, after the plan. */
export const CORNER_STATES = ['first', 'standing', 'after'] as const;

/** One of {@link CORNER_STATES}. */
export type CornerState = (typeof CORNER_STATES)[number];
