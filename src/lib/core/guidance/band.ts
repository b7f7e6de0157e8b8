/** Where the value of a check is good, mm. Null at an end that is open; the ideal is null where any good value is as good. */
export interface Band {
	readonly low: number;
	readonly ideal: number | null;
	readonly high: number | null;
}

/** How far a band is drawn in at each end when planning: nothing at home is built to the millimetre. Ours. */
export const GUARD_MM = 10;

/** The band drawn in by {@link GUARD_MM} at each end that is closed. */
export function guarded(band: Band): Band {
	return {
		...band,
		low: band.low + GUARD_MM,
		high: band.high === null ? null : band.high - GUARD_MM
	};
}

/** How far a value lies outside a band, mm; 0 inside. */
export function distanceOutside(band: Band, valueMm: number): number {
	if (valueMm < band.low) return band.low - valueMm;
	return band.high !== null && valueMm > band.high ? valueMm - band.high : 0;
}
