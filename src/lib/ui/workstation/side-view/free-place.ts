/** The space that a label takes in the drawing, px. */
export interface LabelRoom {
	readonly left: number;
	readonly right: number;
	readonly top: number;
	readonly bottom: number;
}

/** A label as drawn: position, alignment and size, px. */
export interface LabelWords {
	readonly x: number;
	/** Baseline of the first line. */
	readonly y: number;
	readonly anchor: 'start' | 'middle' | 'end';
	readonly widthPx: number;
	/** Number of lines, each {@link LINE_PX} below the previous one. */
	readonly lines: number;
}

/** Line spacing of labels, px. */
export const LINE_PX = 13;
/** Height of letters above the baseline, and below, px. */
const ABOVE_PX = 10;
const BELOW_PX = 3;
/** How far a label may move from its best position, lines. */
const MOST_LINES = 12;

export function labelRoom({ x, y, anchor, widthPx, lines }: LabelWords): LabelRoom {
	const left = anchor === 'start' ? x : anchor === 'end' ? x - widthPx : x - widthPx / 2;
	return { left, right: left + widthPx, top: y - ABOVE_PX, bottom: y + (lines - 1) * LINE_PX + BELOW_PX };
}

/** Whether two spaces overlap. */
export function boxesOverlap(a: LabelRoom, b: LabelRoom): boolean {
	return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

/**
 * Moves a label into the drawing and off occupied space: sideways as far as its edge requires, then by whole lines, down before up. Where
 * there is no free space left, it stays in its best position, within the edge.
 * @param taken space that a label never covers while any other is left
 * @param drawn lines of the drawing that a label keeps off where there is a place that does
 */
export function freeLabelPlace<W extends LabelWords>(
	words: W,
	taken: readonly LabelRoom[],
	edge: LabelRoom,
	drawn: readonly LabelRoom[] = []
): W {
	const { left, right, top, bottom } = labelRoom(words);
	const within = {
		...words,
		x: words.x + Math.max(edge.left - left, 0) + Math.min(edge.right - right, 0),
		y: words.y + Math.max(edge.top - top, 0) + Math.min(edge.bottom - bottom, 0)
	};
	const moves = Array.from({ length: MOST_LINES }, (_, i) => [i + 1, -i - 1]).flat();
	const places = [0, ...moves]
		.map((move) => ({ ...within, y: within.y + move * LINE_PX }))
		.filter((place) => {
			const room = labelRoom(place);
			const isInside = room.top >= edge.top && room.bottom <= edge.bottom;
			return isInside && !taken.some((other) => boxesOverlap(room, other));
		});
	return (
		places.find((place) => !drawn.some((other) => boxesOverlap(labelRoom(place), other))) ??
		places[0] ??
		within
	);
}
