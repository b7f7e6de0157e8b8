import type { Rectangle } from '$lib/core/workstation/side-view/geometry';
import type { SideView } from '$lib/core/workstation/side-view/side-view';

/** How millimetres of the side view map to px of the drawing. */
export interface Frame {
	readonly width: number;
	readonly height: number;
	readonly perMm: number;
	/** Height of the contents relative to their width. */
	readonly shape: number;
	/** Right end of the ruler, px from the left edge. */
	readonly rulerPx: number;
	/** Too narrow for names next to the person, as on a phone. */
	readonly isNarrow: boolean;
	/** Highest point shown, mm. */
	readonly topMm: number;
	readonly x: (mm: number) => number;
	readonly y: (mm: number) => number;
}

const TOP_PX = 18;
const BOTTOM_PX = 12;

function union(boxes: readonly Rectangle[]): Rectangle {
	const left = Math.min(...boxes.map((b) => b.x));
	const right = Math.max(...boxes.map((b) => b.x + b.width));
	return { x: left, y: 0, width: right - left, height: Math.max(...boxes.map((b) => b.height)) };
}

/**
 * One frame for all side views of a workstation, so that now and after are drawn to the same scale in the same place.
 * @param widthPx available width
 * @param mostHeightPx largest height of the drawing
 * @param focus the part to show; all if left out
 */
export function frameFor(
	sections: readonly SideView[],
	widthPx: number,
	mostHeightPx: number,
	focus: Rectangle | null = null
): Frame {
	const all = union(sections.map((s) => s.extent));
	const { x: left, y: lowMm, width: wideMm, height: highMm } = focus ?? all;
	const isNarrow = widthPx < 420;
	// A close-up has its numbers next to it, and no ruler.
	const rulerPx = focus ? 8 : isNarrow ? 40 : 52;
	const labelPx = focus ? 0 : isNarrow ? 56 : 84;
	const perMm = Math.min(
		(widthPx - rulerPx - labelPx) / wideMm,
		(mostHeightPx - TOP_PX - BOTTOM_PX) / highMm
	);
	const height = highMm * perMm + TOP_PX + BOTTOM_PX;
	const spare = widthPx - rulerPx - labelPx - wideMm * perMm;
	const origin = rulerPx + labelPx + spare / 2 - left * perMm;
	return {
		width: widthPx,
		height,
		perMm,
		shape: highMm / wideMm,
		rulerPx,
		isNarrow,
		x: (mm) => origin + mm * perMm,
		topMm: lowMm + highMm,
		y: (mm) => height - BOTTOM_PX - (mm - lowMm) * perMm
	};
}
