/** The values of a check that a gap mark draws, mm. */
export interface GapValues {
	readonly value: number;
	readonly low: number;
	readonly high: number | null;
	readonly sd: number;
}

/** Positions of the parts of a gap mark, px from its left edge. */
export interface GapLayout {
	readonly bracket: { readonly from: number; readonly to: number | null };
	readonly stroke: number;
	readonly wash: { readonly from: number; readonly to: number };
	/** The end of the scale that the value lies beyond, if any. */
	readonly beyond: 'below' | 'above' | null;
}

/** Millimetres from the middle of the range to either end of the scale: one scale for all marks, so that they compare. */
export const SCALE_HALF_MM = 110;

/** Room at either end for the arrow of a value beyond the scale, px. */
const END_PX = 9;

/** Assumed width of a range without an upper end, for the middle of the scale, mm. */
const OPEN_BAND_MM = 80;

/** A position as drawn: no screen shows less than a tenth of a pixel, and a list has hundreds of them. */
export const drawn = (px: number) => Math.round(px * 10) / 10;

/** Lays out a gap mark. The scale is the same for every check: px per mm never changes within a column. */
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
