/**
 * How a person wants to be drawn, in the order in which the ways are offered. It changes the drawing and nothing else: no check rests
 * on it, and the corner document does not hold it.
 */
export const DRAWING_STYLES = ['standard', 'wheelchair', 'without-near-arm', 'without-near-leg'] as const;

/** One of {@link DRAWING_STYLES}. */
export type DrawingStyle = (typeof DRAWING_STYLES)[number];
