/** How a corner can be looked at: as it was answered, as it stands now, as it is after the plan. */
export const CORNER_STATES = ['first', 'standing', 'after'] as const;

/** One of {@link CORNER_STATES}. */
export type CornerState = (typeof CORNER_STATES)[number];
