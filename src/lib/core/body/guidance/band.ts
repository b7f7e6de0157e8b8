/**
 * The range in which a check's value is good, mm. Null at an open end; the ideal is null where every value in the range is equally good.
 */
export interface Band {
	readonly low: number;
	readonly ideal: number | null;
	readonly high: number | null;
}

/** How much a range is narrowed at each end for planning, because nothing at home is built to the millimetre. Our assumption. */
export const PLANNING_MARGIN_MM = 10;

/** The range narrowed by {@link PLANNING_MARGIN_MM} at each closed end. */
export function narrowBand(band: Band): Band {
	return {
		...band,
		low: band.low + PLANNING_MARGIN_MM,
		high: band.high === null ? null : band.high - PLANNING_MARGIN_MM
	};
}

/** How far a value lies outside a range, mm; 0 inside. */
export function distanceOutsideBand(band: Pick<Band, 'low' | 'high'>, valueMm: number): number {
	if (valueMm < band.low) return band.low - valueMm;
	return band.high !== null && valueMm > band.high ? valueMm - band.high : 0;
}
