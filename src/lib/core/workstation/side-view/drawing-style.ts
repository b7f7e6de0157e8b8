/**
 * How a person wants to be drawn, in the order of choice. It changes only the drawing: no check depends on it, and the workstation document
 * does not contain it.
 */
export const DRAWING_STYLES = ['standard', 'wheelchair', 'without-near-arm', 'without-near-leg'] as const;

/** One of {@link DRAWING_STYLES}. */
export type DrawingStyle = (typeof DRAWING_STYLES)[number];
