/** Sides of a sheet of A4, mm. Source: ISO 216, from memory. */
export const A4_MM = { long: 297, short: 210 } as const;

/** Sides of a bank card, mm. Source: ISO/IEC 7810 ID-1, from memory. */
export const CARD_MM = { long: 85.6, short: 53.98 } as const;

/**
 * A length laid out in sheets of A4 end to end, mm rounded to the whole.
 *
 * @param longSides how many long sides, parts of one too
 * @param shortSides how many short sides more
 */
export function sheetsLength(longSides: number, shortSides = 0): number {
	return Math.round(longSides * A4_MM.long + shortSides * A4_MM.short);
}

/** A length told in hand-spans, mm rounded to the whole. @param spanMm the person's own span, thumb to little finger */
export function spansLength(spans: number, spanMm: number): number {
	return Math.round(spans * spanMm);
}

/**
 * Pixels to the millimetre of a screen, from a frame that was made as wide as a bank card held to it.
 *
 * @param frameWidthPx width of the frame in CSS pixels, above 0
 */
export function pixelsPerMm(frameWidthPx: number): number {
	return frameWidthPx / CARD_MM.long;
}
