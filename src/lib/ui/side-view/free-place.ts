/** The room that words take in the drawing, px. */
export interface LabelRoom {
	readonly left: number;
	readonly right: number;
	readonly top: number;
	readonly bottom: number;
}

/** Words as the drawing sets them: where, on which side of that, and how large. px. */
export interface LabelWords {
	readonly x: number;
	/** Base of the first line. */
	readonly y: number;
	readonly anchor: 'start' | 'middle' | 'end';
	readonly widthPx: number;
	/** How many lines, each {@link LINE_PX} under the one before. */
	readonly lines: number;
}

/** From one line of words to the next, px. */
export const LINE_PX = 13;
/** Letters reach so far over the base of their line, and under it, px. */
const ABOVE_PX = 10;
const BELOW_PX = 3;
/** How far words may move from where they would stand best, lines. */
const MOST_LINES = 12;

/** The room of words. */
export function labelRoom({ x, y, anchor, widthPx, lines }: LabelWords): LabelRoom {
	const left = anchor === 'start' ? x : anchor === 'end' ? x - widthPx : x - widthPx / 2;
	return { left, right: left + widthPx, top: y - ABOVE_PX, bottom: y + (lines - 1) * LINE_PX + BELOW_PX };
}

/** Whether two rooms share any of their space. */
export function boxesOverlap(a: LabelRoom, b: LabelRoom): boolean {
	return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

/**
 * Moves words into the drawing and off what is taken: sideways as far as its edge asks, then by whole lines, down before up.
 * Where there is no free place left they stay at their best one, within the edge.
 */
export function freeLabelPlace<W extends LabelWords>(
	words: W,
	taken: readonly LabelRoom[],
	edge: LabelRoom
): W {
	const { left, right, top, bottom } = labelRoom(words);
	const within = {
		...words,
		x: words.x + Math.max(edge.left - left, 0) + Math.min(edge.right - right, 0),
		y: words.y + Math.max(edge.top - top, 0) + Math.min(edge.bottom - bottom, 0)
	};
	const moves = Array.from({ length: MOST_LINES }, (_, i) => [i + 1, -i - 1]).flat();
	for (const move of [0, ...moves]) {
		const here = { ...within, y: within.y + move * LINE_PX };
		const room = labelRoom(here);
		const isInside = room.top >= edge.top && room.bottom <= edge.bottom;
		if (isInside && !taken.some((other) => boxesOverlap(room, other))) return here;
	}
	return within;
}
