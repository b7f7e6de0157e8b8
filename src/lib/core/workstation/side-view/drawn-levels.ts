/** Heights of a person that are named beside the ruler: of the eye, of the underside of the elbow, and of the seat under them. */
export const DRAWN_LEVELS = ['eye', 'elbow', 'seat'] as const;

/** One of {@link DRAWN_LEVELS}. */
export type DrawnLevelName = (typeof DRAWN_LEVELS)[number];
