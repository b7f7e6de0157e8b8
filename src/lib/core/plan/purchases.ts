import type { Corner, Range } from '../corner';

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
	if (corner.spot.posture === 'standing') return [];
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

/** What can be bought, in the order in which equals are named: the cheapest that helps most first. Common practice. */
export const PURCHASES = [
	'keyboard-and-mouse',
	'footrest',
	'seat-cushion',
	'monitor',
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
			return corner.spot.posture === 'standing' ? [] : [{ corner, footrest: FOOTREST }];
		case 'seat-cushion':
			return plain(withCushion(corner));
		case 'monitor':
			return plain(withMonitor(corner));
		case 'another-surface':
			return plain(withSurface(corner));
	}
}
