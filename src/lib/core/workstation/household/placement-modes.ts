import type { HouseholdItem } from '../corner/corner';
import type { Footprint } from './stations';

/** One way an item can lie. */
export interface PlacementMode {
	/** `flat`, `face-LxW` (the face that is down), `fold-N` (layers), `stands`. */
	readonly name: string;
	/** Height it adds, mm; for soft items, under a person's weight. */
	readonly rise: number;
	readonly footprint: Footprint;
}

/** The share of a soft item's thickness that remains under a person. Common practice: a 12 cm pillow is 4 cm. */
export const COMPRESSED_FRACTION = { pillow: 0.3, cushion: 0.6, towel: 0.8, blanket: 0.8 } as const;

/** Ways to fold a towel or blanket, in layers: folded once to four times. */
const FOLDS = [2, 4, 8, 16] as const;

function footprint(a: number, b: number): Footprint {
	return a >= b ? [a, b] : [b, a];
}

/** Length times a fraction in hundredths, rounded, without binary noise at halves. */
function share(fraction: number, lengthMm: number): number {
	return Math.round((Math.round(fraction * 100) * lengthMm) / 100);
}

function flat(sizes: readonly number[], rise: (thicknessMm: number) => number): PlacementMode[] {
	const [thickness = 0, middle = 0, longest = 0] = [...sizes].sort((a, b) => a - b);
	return [{ name: 'flat', rise: rise(thickness), footprint: footprint(middle, longest) }];
}

function faces([a, b, c]: readonly [number, number, number]): PlacementMode[] {
	const all: readonly (readonly [number, number, number])[] = [
		[a, b, c],
		[a, c, b],
		[b, c, a]
	];
	const modes = all.map(([x, y, rise]) => {
		const print = footprint(x, y);
		return { name: `face-${print[0]}x${print[1]}`, rise, footprint: print };
	});
	return modes.filter(
		(mode, i) => modes.findIndex((m) => m.name === mode.name && m.rise === mode.rise) === i
	);
}

function folds([length, width, layer]: readonly [number, number, number], left: number): PlacementMode[] {
	let sides = footprint(length, width);
	return FOLDS.map((layers) => {
		sides = footprint(sides[0] / 2, sides[1]);
		return { name: `fold-${layers}`, rise: share(left * layers, layer), footprint: sides };
	});
}

/**
 * The ways an item can lie, each with the height it adds and its footprint. Notes: 1. Books, reams, binders and board games lie flat, on
 * the largest face; a box stands on any of its three. 2. A towel's footprint halves along its longer side at each fold, and may end in half
 * a millimetre. 3. A bolster rolls: it can't be stacked and has no mode.
 */
export function placementModes({ kind, size }: Pick<HouseholdItem, 'kind' | 'size'>): PlacementMode[] {
	switch (kind) {
		case 'book':
		case 'ream':
		case 'binder':
		case 'board-game':
			return flat(size, (thickness) => thickness);
		case 'pillow':
		case 'cushion':
			return flat(size, (thickness) => share(COMPRESSED_FRACTION[kind], thickness));
		case 'sturdy-box':
		case 'light-box':
			return faces(size);
		case 'step-stool':
			return [{ name: 'stands', rise: size[2], footprint: footprint(size[0], size[1]) }];
		case 'towel':
		case 'blanket':
			return folds(size, COMPRESSED_FRACTION[kind]);
		case 'bolster':
			return [];
	}
}
