/** Where the value of a check is good, mm. Null at an end that is open; the ideal is null where any good value is as good. */
export interface Band {
	readonly low: number;
	readonly ideal: number | null;
	readonly high: number | null;
}

/** How far a band is drawn in at each end when planning: nothing at home is built to the millimetre. Our assumption. */
export const PLANNING_MARGIN_MM = 10;

/** The band drawn in by {@link PLANNING_MARGIN_MM} at each end that is closed. */
export function narrowBand(band: Band): Band {
	return {
		...band,
		low: band.low + PLANNING_MARGIN_MM,
		high: band.high === null ? null : band.high - PLANNING_MARGIN_MM
	};
}

/** How far a value lies outside a band, mm; 0 inside. */
export function distanceOutsideBand(band: Band, valueMm: number): number {
	if (valueMm < band.low) return band.low - valueMm;
	return band.high !== null && valueMm > band.high ? valueMm - band.high : 0;
}
