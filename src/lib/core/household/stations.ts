import type { Corner, HouseholdKind } from '../corner';

/** Where household pieces go, from the floor up. */
export const STATIONS = ['seat', 'feet', 'keys', 'mouse', 'screen'] as const;

/** One of {@link STATIONS}. */
export type Station = (typeof STATIONS)[number];

/** Longer and shorter side of a footprint, mm. */
export type Footprint = readonly [longer: number, shorter: number];

/** What a station takes. */
export interface StationRule {
	readonly kinds: readonly HouseholdKind[];
	/** Smallest footprint, longer and shorter side; may be a fraction of a mm. */
	readonly smallest: Footprint;
	readonly mostPieces: number;
	/** Highest rise in mm that needs no comparison with the footprint. */
	readonly highest: number;
	/** Highest rise as a multiple of the shortest side of any of its pieces; Infinity: not limited so. */
	readonly slenderness: number;
}

const UNDER_KEYS: readonly HouseholdKind[] = ['book', 'ream', 'board-game', 'sturdy-box', 'light-box'];

const RIGID = { highest: Infinity, slenderness: 1 } as const;

/** Footprint of `size` scaled by tenths, longer side first: whole-number arithmetic, so that 0.9 x 130 is 117. */
function scaled([a, b]: readonly [number, number], longerTenths: number, shorterTenths: number): Footprint {
	return [(Math.max(a, b) * longerTenths) / 10, (Math.min(a, b) * shorterTenths) / 10];
}

/**
 * The rules of each station for one spot: what may go there, how wide it must be and how high it may get.
 * Rigid things under feet, keys and screen, soft things on the seat (common practice); the limits on number and
 * slenderness keep a stack from falling over and are ours.
 */
export function stationRules({ spot }: Pick<Corner, 'spot'>): Readonly<Record<Station, StationRule>> {
	return {
		seat: {
			kinds: ['pillow', 'cushion', 'towel', 'blanket'],
			smallest: [300, 300],
			mostPieces: 2,
			highest: 80,
			slenderness: Infinity
		},
		feet: {
			kinds: ['book', 'ream', 'sturdy-box', 'step-stool'],
			smallest: [280, 180],
			mostPieces: 6,
			...RIGID
		},
		keys: { kinds: UNDER_KEYS, smallest: scaled(spot.keys.base, 5, 9), mostPieces: 6, ...RIGID },
		mouse: { kinds: UNDER_KEYS, smallest: [200, 180], mostPieces: 6, ...RIGID },
		screen: {
			kinds: ['book', 'ream', 'board-game', 'sturdy-box', 'light-box', 'step-stool'],
			smallest: scaled(spot.screen.base, 7.5, 7.5),
			mostPieces: 10,
			highest: Infinity,
			slenderness: 1.5
		}
	};
}

/** How far the mouse's stack may differ from the keys', mm: one level for both hands. Ours. */
export const MOUSE_LEVEL_MM = 10;
