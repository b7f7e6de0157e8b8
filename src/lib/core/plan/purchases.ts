import { seatKindOf, seatRulesOf, type Corner, type Range } from '../corner';

/** A corner with one thing bought. */
export interface Bought {
	readonly corner: Corner;
	/** Heights of a footrest that was bought, mm; the corner document has no place for one. */
	readonly footrest: Range | null;
}

/** A keyboard as they are sold: height of its home row, longer and shorter side, mm. Ours. */
const KEYBOARD = { homeRow: 20, base: [440, 130] } as const;

/** Heights that a footrest takes, mm. Working assumption of ours. */
const FOOTREST: Range = [60, 160];

/** Firm seat cushions as they are sold: side and thicknesses, mm. Working assumption of ours. */
const CUSHION = { side: 400, thicknesses: [40, 60, 80] } as const;

/** A monitor on a stand that moves: top of the picture over its foot, height of the picture, foot, distance, mm. Ours. */
const MONITOR = { range: [390, 520], visibleHeight: 300, base: [240, 200], distance: 600 } as const;

/**
 * A surface whose height can be set: EN 527-1:2011, type A, from memory; thickness and depth are ours. Mm.
 */
const SURFACE = { range: [650, 1250], thickness: 30, depth: 800 } as const;

/** A chair whose height can be set: EN 1335-1:2020, type B, from memory, for the range; the rest is ours. Mm. */
const CHAIR = {
	give: 10,
	range: [400, 510],
	depth: 420,
	backrest: true,
	lumbar: true,
	armrest: null,
	castors: true
} as const;

const nearest = (value: number, [lowest, highest]: Range) => Math.min(Math.max(value, lowest), highest);

const OWN_ID = 'bought';

function freeId({ household }: Corner): string {
	let id = OWN_ID;
	while (household.some((item) => item.id.startsWith(id))) id += '+';
	return id;
}

function withKeyboard(corner: Corner): Corner[] {
	const { spot } = corner;
	if (spot.keys.kind === 'separate') return [];
	return [{ ...corner, spot: { ...spot, keys: { kind: 'separate', ...KEYBOARD }, mouse: 'separate' } }];
}

function withCushion(corner: Corner): Corner[] {
	if (!seatRulesOf(corner).takesPads) return [];
	const id = freeId(corner);
	return CUSHION.thicknesses.map((thickness) => ({
		...corner,
		household: [
			...corner.household,
			{ id, kind: 'cushion', label: 'seat cushion', size: [CUSHION.side, CUSHION.side, thickness] }
		]
	}));
}

function withMonitor(corner: Corner): Corner[] {
	const { spot } = corner;
	if (spot.screen.range !== null) return [];
	const topAboveBase = nearest(spot.screen.topAboveBase, MONITOR.range);
	const screen = { kind: 'monitor' as const, topAboveBase, ...MONITOR };
	// A laptop under a monitor is a keyboard with a touchpad: it lies where the keys are.
	const keys =
		spot.keys.kind === 'separate'
			? spot.keys
			: { kind: 'separate' as const, homeRow: spot.keys.homeRow, base: spot.screen.base };
	const mouse = spot.keys.kind === 'separate' ? spot.mouse : 'touchpad';
	return [{ ...corner, spot: { ...spot, screen, keys, mouse } }];
}

function withSurface(corner: Corner): Corner[] {
	const { surface } = corner.spot;
	if (surface.range !== null) return [];
	const height = nearest(surface.height, SURFACE.range);
	return [{ ...corner, spot: { ...corner.spot, surface: { ...SURFACE, height } } }];
}

function withChair(corner: Corner): Corner[] {
	const { seat } = corner.spot;
	const kind = seatKindOf(corner);
	const isReplaced = kind === 'stool' || kind === 'ball' || kind === 'chair';
	if (!seat || !isReplaced || (kind === 'chair' && (seat.range ?? null) !== null)) return [];
	const named = seat.kind ? { kind: 'chair' as const } : {};
	const height = nearest(seat.height, CHAIR.range);
	return [{ ...corner, spot: { ...corner.spot, seat: { ...named, ...CHAIR, height } } }];
}

/** A firm block of a height, wide enough for feet and screen: what stands for further books. */
export function withFirmBlock(corner: Corner, heightMm: number): Corner {
	const size = [BLOCK_SIDE_MM, BLOCK_SIDE_MM, heightMm] as const;
	return {
		...corner,
		household: [...corner.household, { id: freeId(corner), kind: 'book', label: 'firm things', size }]
	};
}

/** Side of a block that stands for further firm things, mm: as wide as any base asks for, and wider than it is high. */
const BLOCK_SIDE_MM = 450;

/** What can be bought, in the order in which equals are named: the cheapest that helps most first. Common practice. */
export const PURCHASES = [
	'keyboard-and-mouse',
	'footrest',
	'seat-cushion',
	'monitor',
	'chair',
	'another-surface'
] as const;

/** One of {@link PURCHASES}. */
export type PurchaseId = (typeof PURCHASES)[number];

/** A corner with one thing bought: one for each make of it that differs, none where it would change nothing. */
export function cornersWith(purchase: PurchaseId, corner: Corner): Bought[] {
	const plain = (corners: readonly Corner[]) => corners.map((c): Bought => ({ corner: c, footrest: null }));
	switch (purchase) {
		case 'keyboard-and-mouse':
			return plain(withKeyboard(corner));
		case 'footrest':
			return seatRulesOf(corner).takesFeet ? [{ corner, footrest: FOOTREST }] : [];
		case 'seat-cushion':
			return plain(withCushion(corner));
		case 'monitor':
			return plain(withMonitor(corner));
		case 'chair':
			return plain(withChair(corner));
		case 'another-surface':
			return plain(withSurface(corner));
	}
}
