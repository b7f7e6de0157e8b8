import { truncateText } from '$lib/core/platform/truncate-text';
import type { DrawnPiece } from '$lib/core/workstation/side-view/drawn-furniture';
import type { SideView } from '$lib/core/workstation/side-view/side-view';
import type { Catalogue } from '$lib/messages/shapes';
import type { Frame } from './frame';
import { LINE_PX, labelRoom, type LabelRoom, type LabelWords } from './free-place';

type LabelTexts = Pick<Catalogue, 'steps' | 'lists'>;

/** The name of an item in the drawing: inside it if there is room, otherwise outside with a leader line. px. */
export interface PieceLabel {
	readonly id: string;
	readonly text: string;
	readonly x: number;
	readonly y: number;
	readonly anchor: LabelWords['anchor'];
	/** From the item to its name. */
	readonly leader: {
		readonly x1: number;
		readonly y1: number;
		readonly x2: number;
		readonly y2: number;
	} | null;
}

/** Average width of a letter at the labels' size, px. */
const LETTER_PX = 5.6;
/** Least height of an item that contains its name. */
const INSIDE_PX = 13;
const LONGEST = 22;

/** A name that fits: at most this many letters. */
function short(text: string, letters: number = LONGEST): string {
	const most = Math.max(3, Math.min(letters, LONGEST));
	return text.length > most ? `${truncateText(text, most - 1).trimEnd()}…` : text;
}

/** A group of like items on a narrow drawing: a number, explained in the list below. */
export interface NumberedPieces {
	readonly number: number;
	readonly station: DrawnPiece['station'];
	readonly words: string;
	readonly ids: readonly string[];
}

/** Stations in the order of numbering: from the floor up. */
const FROM_THE_FLOOR = ['feet', 'seat', 'keys', 'mouse', 'screen'] as const;

/** The items of a side view by number, as in a narrow drawing: neighbours with one name share a number. */
export function numberedPieces({ furniture: { pieces } }: SideView): NumberedPieces[] {
	const groups = FROM_THE_FLOOR.flatMap((station) =>
		alike(pieces.filter((piece) => piece.station === station)).reverse()
	);
	return groups.map(({ pieces: group, text }, i) => ({
		number: i + 1,
		station: group[0]?.station ?? 'screen',
		words: text,
		ids: group.map(({ id }) => id)
	}));
}

/** The label of a group of items: its number where there is no room for names. */
type Naming = (pieces: readonly DrawnPiece[], name: string) => string;

function inside(piece: DrawnPiece, frame: Frame, naming: Naming): PieceLabel | null {
	const text = naming([piece], short(piece.label));
	const fits =
		piece.height * frame.perMm >= INSIDE_PX && piece.width * frame.perMm >= text.length * LETTER_PX + 8;
	if (!fits) return null;
	const x = frame.x(piece.x + piece.width / 2);
	const y = frame.y(piece.y + piece.height / 2) + 4;
	return { id: piece.id, text, x, y, anchor: 'middle', leader: null };
}

/** Neighbours with one name are named once, with their count. */
function alike(pieces: readonly DrawnPiece[]): { pieces: readonly DrawnPiece[]; text: string }[] {
	const groups: DrawnPiece[][] = [];
	for (const piece of [...pieces].sort((a, b) => b.y - a.y)) {
		const last = groups.at(-1);
		if (last?.[0]?.label === piece.label) last.push(piece);
		else groups.push([piece]);
	}
	return groups.map((group) => ({
		pieces: group,
		text: `${group.length > 1 ? `${group.length} × ` : ''}${group[0]?.label ?? ''}`
	}));
}

/** Pads are named behind the chair, everything else towards the right, where the drawing is empty. */
function outside(pieces: readonly DrawnPiece[], frame: Frame, toLeft: boolean, naming: Naming): PieceLabel[] {
	const groups = alike(pieces).map((group) => {
		const top = Math.max(...group.pieces.map((p) => p.y + p.height));
		const bottom = Math.min(...group.pieces.map((p) => p.y));
		const edge = toLeft
			? Math.min(...group.pieces.map((p) => p.x))
			: Math.max(...group.pieces.map((p) => p.x + p.width));
		return { ...group, middle: frame.y((top + bottom) / 2), edge: frame.x(edge) };
	});
	let lowest = -Infinity;
	const ys = groups.map(({ middle }) => (lowest = Math.max(middle, lowest + LINE_PX)));
	// Names never lie on the floor line: the column moves up by the excess.
	const up = Math.max(0, lowest - (frame.y(0) - LINE_PX / 2));
	return groups.map(({ pieces: group, text, middle, edge }, i) => {
		const [piece] = group;
		const y = (ys[i] ?? middle) - up;
		const x = edge + (toLeft ? -16 : 16);
		const room = toLeft ? x - frame.rulerPx : frame.width - x;
		return {
			id: piece?.id ?? '',
			text: naming(group, short(text, Math.floor(room / LETTER_PX) - 1)),
			x: x + (toLeft ? -3 : 3),
			y: y + 4,
			anchor: toLeft ? ('end' as const) : ('start' as const),
			leader: { x1: edge, y1: middle, x2: x, y2: y }
		};
	});
}

/** Each text once: a number that several items share. */
function once(labels: readonly PieceLabel[]): PieceLabel[] {
	return labels.filter(({ text }, i) => labels.findIndex((other) => other.text === text) === i);
}

/** In a narrow drawing there is no room behind the chair: pads are numbered below it. */
function underSeat(pieces: readonly DrawnPiece[], frame: Frame, naming: Naming): PieceLabel[] {
	const sorted = alike(pieces).flatMap(({ pieces: [piece] }) => piece ?? []);
	const lowest = frame.y(Math.min(...pieces.map((piece) => piece.y)));
	return sorted.map((piece, i) => ({
		id: piece.id,
		text: naming([piece], short(piece.label)),
		x: frame.x(20) + i * 16,
		y: lowest + 32,
		anchor: 'start' as const,
		leader: null
	}));
}

/** Keyboard and mouse are side by side and hide each other: both stacks are named below the surface. */
function underSurface(section: SideView, frame: Frame, t: LabelTexts, naming: Naming): PieceLabel[] {
	const { surface, pieces } = section.furniture;
	const top = frame.y(surface.y) + 16;
	return (['keys', 'mouse'] as const)
		.flatMap((station) => pieces.filter((piece) => piece.station === station))
		.map((piece, i) => ({
			id: piece.id,
			text: naming(
				[piece],
				t.lists.of(t.steps.places[piece.station as 'keys' | 'mouse'], short(piece.label))
			),
			x: frame.x(surface.x) + 24 + (frame.isNarrow ? i * 16 : 0),
			y: top + (frame.isNarrow ? 0 : i * LINE_PX),
			anchor: 'start' as const,
			leader: null
		}));
}

/** The labels of all stacks of a side view. */
export function pieceLabels(section: SideView, frame: Frame, t: LabelTexts): PieceLabel[] {
	const { pieces } = section.furniture;
	const numbered = frame.isNarrow ? numberedPieces(section) : [];
	const naming: Naming = ([piece], name) =>
		String(numbered.find(({ ids }) => piece && ids.includes(piece.id))?.number ?? name);
	const stacks = (['seat', 'feet', 'screen'] as const).flatMap((station) => {
		const here = pieces.filter((piece) => piece.station === station);
		const within = here.map((piece) => inside(piece, frame, naming));
		const without = here.filter((_, i) => within[i] === null);
		const named = within.filter((label) => label !== null);
		if (station === 'seat' && frame.isNarrow && without.length > 0)
			return [...once(named), ...underSeat(without, frame, naming)];
		return [
			...(frame.isNarrow ? once(named) : named),
			...outside(without, frame, station === 'seat', naming)
		];
	});
	return [...stacks, ...underSurface(section, frame, t, naming)];
}

/** The space that a name takes, px. */
export function pieceLabelRoom({ x, y, anchor, text }: PieceLabel): LabelRoom {
	return labelRoom({ x, y, anchor, widthPx: text.length * LETTER_PX, lines: 1 });
}
