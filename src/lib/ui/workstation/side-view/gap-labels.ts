import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { DrawnGap, SideView } from '$lib/core/workstation/side-view/side-view';
import type { Rectangle } from '$lib/core/workstation/side-view/geometry';
import type { Catalogue } from '$lib/messages/shapes';
import type { Frame } from './frame';
import { freeLabelPlace, labelRoom, type LabelRoom, type LabelWords } from './free-place';

/** A gap dimensioned in the drawing: its line and its label. px. */
export interface GapLabel {
	readonly check: DrawnGap['check'];
	readonly x: number;
	/** The actual height. */
	readonly toY: number;
	/** Upper and lower end of the dimension line. */
	readonly top: number;
	readonly bottom: number;
	/** The length, and below it what it means if there is room, in as many lines as needed. */
	readonly lines: readonly string[];
	readonly words: LabelWords;
}

/** Space that two short lines need next to a dimension line, px. */
const LABEL_PX = 100;
/** In a narrower drawing a gap has only its number: a label would cover others, and is in the checks below. */
const ROOM_FOR_WORDS_PX = 360;
/** Width of a letter of these labels, px. */
const LETTER_PX = 7;

/** How far a label may extend below the surface, in front of its far leg, px. */
const LEG_PX = 22;

/** Half the width of a dimension line with its arrow heads, px. */
const LINE_HALF_PX = 4;

/** From the knee joint to the end of the drawn knee, mm. */
const KNEE_MM = 120;

type Line = Pick<GapLabel, 'x' | 'top' | 'bottom' | 'lines'>;

/** The best position for the label of a gap: next to its line where the drawing is empty, never across another line. */
function best(
	{ check }: DrawnGap,
	{ furniture }: SideView,
	frame: Frame,
	{ x, top, bottom, lines }: Line
): LabelWords {
	const size = { widthPx: Math.max(...lines.map((text) => text.length)) * LETTER_PX, lines: lines.length };
	const middle = (top + bottom) / 2 - 3;
	if (check === 'eye')
		return frame.width - x > LABEL_PX
			? { ...size, x: x + 9, y: middle, anchor: 'start' }
			: { ...size, x: x + 4, y: top - 20, anchor: 'end' };
	const leg = frame.x(furniture.surface.x + furniture.surface.width) - LEG_PX;
	if (check === 'knee')
		return lines.length === 1 && x + 8 + size.widthPx > leg
			? { ...size, x: x - 12, y: bottom + 14, anchor: 'start' }
			: { ...size, x: x + 8, y: middle, anchor: 'start' };
	return { ...size, x: leg, y: Math.max(bottom + 14, frame.y(furniture.surface.y) + 15), anchor: 'end' };
}

/** Space between a zone and a label to its left, px. */
const BESIDE_ZONE_PX = 4;

/** The good positions for the label of a gap, the best first: at the elbow also to the left of its zone, where the knee leaves room. */
function bestPlaces(
	gap: DrawnGap,
	section: SideView,
	frame: Frame,
	line: Line
): [LabelWords, ...LabelWords[]] {
	const first = best(gap, section, frame, line);
	const right = line.x - ZONE_PX.before - BESIDE_ZONE_PX;
	const fits = gap.check === 'elbow' && right - first.widthPx > kneeFront(section, frame);
	return fits ? [first, { ...first, x: right }] : [first];
}

/** The front of the drawn knee, px. */
function kneeFront({ joints }: SideView, frame: Frame): number {
	return frame.x((joints[4]?.x ?? 0) + KNEE_MM);
}

/** Text in lines of at most this many letters; a single word is never broken. */
function wrapped(text: string, most: number): string[] {
	const lines: string[] = [];
	for (const word of text.split(' ')) {
		const longer = [lines.at(-1), word].filter(Boolean).join(' ');
		if (lines.length > 0 && longer.length <= most) lines[lines.length - 1] = longer;
		else lines.push(word);
	}
	return lines;
}

/** Text in as few lines as the space requires, of similar length. */
function balanced(text: string, roomPx: number): string[] {
	const most = Math.min(Math.floor(roomPx / LETTER_PX), text.length);
	const { length } = wrapped(text, most);
	let narrowest = most;
	while (narrowest > 1 && wrapped(text, narrowest - 1).length === length) narrowest -= 1;
	return wrapped(text, narrowest);
}

/** Space next to a gap's line for its label, px: up to the far leg, from the line or from the knee in front of it. */
function roomBeside({ check }: DrawnGap, section: SideView, frame: Frame, x: number): number {
	const { furniture } = section;
	const leg = frame.x(furniture.surface.x + furniture.surface.width) - LEG_PX;
	if (check === 'knee') return leg - x - 8;
	return check === 'elbow' ? leg - kneeFront(section, frame) : Infinity;
}

/** Horizontal position of a gap's line, or a zone, px. */
function xOf(
	check: DrawnGap['check'],
	xMm: number,
	{ furniture: { surface } }: SideView,
	frame: Frame
): number {
	return check === 'elbow'
		? frame.x(surface.x + surface.width) - 8
		: Math.min(frame.x(xMm), frame.width - 10);
}

/** A zone of good heights as drawn. px. */
export interface ZoneShape {
	readonly check: DrawnGap['check'];
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** Width of a zone: from in front of its gap's line to slightly behind it, px. */
const ZONE_PX = { before: 30, behind: 6 } as const;

/** The good zones of a side view, each next to what it is compared with. */
export function zoneShapes(section: SideView, frame: Frame): ZoneShape[] {
	return section.zones.map(({ check, x, bottom, top }) => ({
		check,
		x: xOf(check, x, section, frame) - ZONE_PX.before,
		y: frame.y(top),
		width: ZONE_PX.before + ZONE_PX.behind,
		height: (top - bottom) * frame.perMm
	}));
}

/** What a label is unreadable on: the board of the table, the screen, and the dimension lines of the gaps. */
function linesDrawn(section: SideView, frame: Frame): LabelRoom[] {
	const { surface, screen } = section.furniture;
	const between = (xs: readonly number[], ys: readonly number[], px = 0): LabelRoom => ({
		left: Math.min(...xs) - px,
		right: Math.max(...xs) + px,
		top: Math.min(...ys),
		bottom: Math.max(...ys)
	});
	const across = (rectangle: Rectangle) =>
		between(
			[frame.x(rectangle.x), frame.x(rectangle.x + rectangle.width)],
			[frame.y(rectangle.y), frame.y(rectangle.y + rectangle.height)]
		);
	const lines = section.gaps.map((gap) =>
		between(
			[xOf(gap.check, gap.from.x, section, frame)],
			[frame.y(gap.from.y), frame.y(gap.to.y)],
			LINE_HALF_PX
		)
	);
	return [
		across(surface),
		between(
			[frame.x(screen.top.x), frame.x(screen.bottom.x)],
			[frame.y(screen.top.y), frame.y(screen.bottom.y)]
		),
		...lines
	];
}

/**
 * The gaps of a side view, dimensioned in place. Their labels avoid each other and occupied space.
 * @param taken space of other labels in the drawing
 */
export function gapLabels(
	section: SideView,
	frame: Frame,
	t: Catalogue,
	unit: LengthUnit,
	taken: readonly LabelRoom[] = []
): GapLabel[] {
	const edge = { left: frame.rulerPx, right: frame.width, top: 0, bottom: frame.height };
	// Labels are next to a zone, not across its hatching.
	const rooms = [
		...taken,
		...zoneShapes(section, frame).map(({ x, y, width, height }): LabelRoom => ({
			left: x,
			right: x + width,
			top: y,
			bottom: y + height
		}))
	];
	const drawn = linesDrawn(section, frame);
	return section.gaps.map((gap) => {
		const [fromY, toY] = [frame.y(gap.from.y), frame.y(gap.to.y)];
		const length = formatLength(Math.abs(gap.from.y - gap.to.y), unit, { locale: t.locale });
		const x = xOf(gap.check, gap.from.x, section, frame);
		const told = balanced(t.section.gap[gap.against][gap.side], roomBeside(gap, section, frame, x));
		const line = {
			x,
			top: Math.min(fromY, toY),
			bottom: Math.max(fromY, toY),
			lines: frame.width >= ROOM_FOR_WORDS_PX ? [length, ...told] : [length]
		};
		const places = bestPlaces(gap, section, frame, line).map((place) => {
			const free = freeLabelPlace(place, rooms, edge, drawn);
			return { free, moved: Math.abs(free.y - place.y) };
		});
		const words = places.reduce((a, b) => (b.moved < a.moved ? b : a)).free;
		rooms.push(labelRoom(words));
		return { check: gap.check, toY, ...line, words };
	});
}
