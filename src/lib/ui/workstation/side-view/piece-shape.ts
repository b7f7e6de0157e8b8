import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';

/** A drawn household item: its outline and its characteristic lines; px, y downwards. */
export interface PieceShape {
	readonly outline: string;
	readonly detail: string;
}

interface PxBox {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

const n = (value: number) => Math.round(value * 10) / 10;

function rectangle({ x, y, width, height }: PxBox): string {
	return `M${n(x)} ${n(y)}h${n(width)}v${n(height)}h${n(-width)}Z`;
}

function rounded({ x, y, width, height }: PxBox, radius: number): string {
	const r = Math.min(radius, height / 2, width / 2);
	return `M${n(x + r)} ${n(y)}h${n(width - 2 * r)}a${r} ${r} 0 0 1 ${r} ${r}v${n(height - 2 * r)}a${r} ${r} 0 0 1 ${-r} ${r}h${n(2 * r - width)}a${r} ${r} 0 0 1 ${-r} ${-r}v${n(2 * r - height)}a${r} ${r} 0 0 1 ${r} ${-r}Z`;
}

/** A spine with its two bands, and the edge of the pages. */
function book(box: PxBox): PieceShape {
	const { x, y, width, height } = box;
	const bands = [0.12, 0.2].map((share) => `M${n(x + width * share)} ${n(y)}v${n(height)}`).join('');
	return { outline: rounded(box, 2), detail: height > 5 ? bands : '' };
}

function lines(box: PxBox, count: number): string {
	const { x, y, width, height } = box;
	return Array.from(
		{ length: count },
		(_, i) => `M${n(x)} ${n(y + (height * (i + 1)) / (count + 1))}h${n(width)}`
	).join('');
}

/** Folded cloth: layers with round folds at the front. */
function cloth(box: PxBox): PieceShape {
	const layers = Math.max(1, Math.min(5, Math.floor(box.height / 4)));
	return {
		outline: rounded(box, box.height / 2),
		detail: lines({ ...box, width: box.width - box.height / 2 }, layers - 1)
	};
}

function box(outer: PxBox): PieceShape {
	const { x, y, width, height } = outer;
	const lid = Math.min(6, height / 4);
	return {
		outline: rectangle(outer),
		detail: `M${n(x)} ${n(y + lid)}h${n(width)}M${n(x + width / 2)} ${n(y)}v${n(lid)}`
	};
}

function stool(outer: PxBox): PieceShape {
	const { x, y, width, height } = outer;
	const top = Math.min(8, height / 4);
	const leg = Math.min(10, width / 6);
	return {
		outline: `M${n(x)} ${n(y)}h${n(width)}v${n(top)}h${n(-leg * 0.5)}V${n(y + height)}h${n(-leg)}V${n(y + top)}H${n(x + leg * 1.5)}V${n(y + height)}h${n(-leg)}V${n(y + top)}h${n(-leg * 0.5)}Z`,
		detail: ''
	};
}

/** How a kind of item is drawn from the side, in a box of px. */
export function pieceShape(kind: HouseholdKind, outer: PxBox): PieceShape {
	switch (kind) {
		case 'book':
		case 'binder':
			return book(outer);
		case 'ream':
			return { outline: rectangle(outer), detail: lines(outer, Math.min(4, Math.floor(outer.height / 4))) };
		case 'board-game':
		case 'sturdy-box':
		case 'light-box':
			return box(outer);
		case 'step-stool':
			return stool(outer);
		case 'towel':
		case 'blanket':
			return cloth(outer);
		case 'pillow':
		case 'cushion':
		case 'bolster':
			return { outline: rounded(outer, outer.height / 2), detail: '' };
	}
}
