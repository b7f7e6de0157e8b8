/**
 * How a person wants to be drawn. It changes the drawing and nothing else: no check rests on it, and the corner document
 * does not hold it.
 */
export type DrawnAs = 'standard' | 'wheelchair' | 'without-near-arm' | 'without-near-leg';

/** Every way of being drawn, in the order in which they are offered. */
export const DRAWN_AS: readonly DrawnAs[] = [
	'standard',
	'wheelchair',
	'without-near-arm',
	'without-near-leg'
];
