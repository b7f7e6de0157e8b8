/** What of a check the gap mark draws, mm. */
export interface GapValues {
	readonly value: number;
	readonly low: number;
	readonly high: number | null;
	readonly sd: number;
}

/** Where the parts of a gap mark lie, px from its left edge. */
export interface GapLayout {
	readonly bracket: { readonly from: number; readonly to: number | null };
	readonly stroke: number;
	readonly wash: { readonly from: number; readonly to: number };
	/** Which end of the scale the value lies beyond, if any. */
	readonly beyond: 'below' | 'above' | null;
}

/** Millimetres from the middle of the band to either end of the scale: one scale for all marks, so that they compare. */
export const SCALE_HALF_MM = 110;

/** Room at either end for the arrow of a value beyond the scale, px. */
const END_PX = 9;

/** Width of the open band of a check without upper end, as far as the scale's middle is concerned, mm. */
const OPEN_BAND_MM = 80;

/** Lays out a mark of a width. The scale is the same for every check: px per mm never changes within a column. */
export function layOutGap({ value, low, high, sd }: GapValues, widthPx: number): GapLayout {
	const middle = (low + (high ?? low + OPEN_BAND_MM)) / 2;
	const perMm = (widthPx / 2 - END_PX) / SCALE_HALF_MM;
	const at = (mm: number) =>
		Math.min(Math.max(widthPx / 2 + (mm - middle) * perMm, END_PX), widthPx - END_PX);
	const off = value - middle;
	return {
		bracket: { from: at(low), to: high === null ? null : at(high) },
		stroke: at(value),
		wash: { from: at(value - sd), to: at(value + sd) },
		beyond: off < -SCALE_HALF_MM ? 'below' : off > SCALE_HALF_MM ? 'above' : null
	};
}
