/** Sides of an A4 sheet, mm. Source: ISO 216, from memory. */
export const A4_MM = { long: 297, short: 210 } as const;

/** Sides of a bank card, mm. Source: ISO/IEC 7810 ID-1, from memory. */
export const BANK_CARD_MM = { long: 85.6, short: 53.98 } as const;

/**
 * Screen pixels per millimetre, from a frame that the person made as wide as a bank card held against it.
 * @param frameWidthPx width of the frame in CSS pixels, above 0
 */
export function pixelsPerMm(frameWidthPx: number): number {
	return frameWidthPx / BANK_CARD_MM.long;
}
