import type { Corner } from '../corner/corner';
import type { HouseholdKind } from '../corner/vocabulary';

/** Where household items go, from the floor up. */
export const STATIONS = ['seat', 'feet', 'keys', 'mouse', 'screen'] as const;

/** One of {@link STATIONS}. */
export type Station = (typeof STATIONS)[number];

/** Longer and shorter side of a footprint, mm. */
export type Footprint = readonly [longer: number, shorter: number];

/** What a station accepts. */
export interface StationRule {
	readonly kinds: readonly HouseholdKind[];
	/** Smallest footprint, longer and shorter side; may be fractions of a mm. */
	readonly smallest: Footprint;
	readonly mostPieces: number;
	/** Highest stack, mm, however wide its items. */
	readonly highestMm: number;
	/** Highest stack in hundredths of the shortest side of any item in it; Infinity for no such limit. */
	readonly slendernessPercent: number;
	/** At most one item on the seat may rise more than this, mm; Infinity elsewhere. */
	readonly oneRisesOverMm: number;
}

const UNDER_KEYS: readonly HouseholdKind[] = ['book', 'ream', 'board-game', 'sturdy-box'];

const ANY = { slendernessPercent: Infinity, oneRisesOverMm: Infinity } as const;

/** An ironing board sways: no stack on it is higher than this, mm. Our assumption. */
const HIGHEST_ON_IRONING_BOARD_MM = 150;

/** The footprint scaled by hundredths, longer side first; in whole numbers, so that 90 % of 130 is exactly 117. */
function scaled([a, b]: readonly [number, number], longerPercent: number, shorterPercent: number): Footprint {
	return [(Math.max(a, b) * longerPercent) / 100, (Math.min(a, b) * shorterPercent) / 100];
}

/** Soft items on the seat: fewer where it can roll away under someone sitting down. */
const ON_SEAT: Pick<StationRule, 'mostPieces' | 'highestMm'> = { mostPieces: 2, highestMm: 70 };
const ON_CASTORS: Pick<StationRule, 'mostPieces' | 'highestMm'> = { mostPieces: 1, highestMm: 30 };

const UNDER_LAPTOP = {
	kinds: ['book', 'ream', 'board-game', 'sturdy-box', 'step-stool'],
	mostPieces: 8,
	highestMm: 350,
	slendernessPercent: 120
} as const;

/** A monitor is heavy and stands on a single foot. */
const UNDER_MONITOR = {
	kinds: ['book', 'ream', 'sturdy-box', 'step-stool'],
	mostPieces: 5,
	highestMm: 250,
	slendernessPercent: 100
} as const;

/**
 * The rules of each station at one workstation: what may go there, how wide it must be and how high it may get. They are limits and are
 * never traded for a better height. Rigid items under feet, keyboard and screen, soft items on the seat (common practice); the limits on
 * number, height and slenderness keep a stack from falling over and are ours.
 */
export function stationRules({ spot }: Pick<Corner, 'spot'>): Readonly<Record<Station, StationRule>> {
	const isLaptop = spot.screen.kind === 'laptop' || spot.keys.kind === 'built-in';
	const onIt = spot.surface.kind === 'ironing-board' ? HIGHEST_ON_IRONING_BOARD_MM : Infinity;
	const keys = {
		...ANY,
		kinds: UNDER_KEYS,
		mostPieces: 3,
		highestMm: Math.min(100, onIt),
		slendernessPercent: 75
	};
	const screen = isLaptop ? UNDER_LAPTOP : UNDER_MONITOR;
	return {
		seat: {
			...ANY,
			...(spot.seat?.castors ? ON_CASTORS : ON_SEAT),
			kinds: ['pillow', 'cushion', 'towel', 'blanket'],
			smallest: [350, 350],
			oneRisesOverMm: 25
		},
		feet: {
			...ANY,
			kinds: ['book', 'ream', 'sturdy-box', 'step-stool'],
			smallest: [290, 200],
			mostPieces: 3,
			highestMm: 150,
			slendernessPercent: 75
		},
		keys: { ...keys, smallest: scaled(spot.keys.base, 75, 90) },
		mouse: { ...keys, smallest: [220, 180] },
		screen: {
			...ANY,
			...screen,
			highestMm: Math.min(screen.highestMm, onIt),
			smallest: isLaptop ? scaled(spot.screen.base, 80, 80) : scaled(spot.screen.base, 100, 100)
		}
	};
}

/** Highest stack that an item with this footprint may be part of, mm: limited by the station and by the item's shorter side. */
export function highestStackMm(
	{ highestMm, slendernessPercent }: StationRule,
	[, shorter]: Footprint
): number {
	return Math.min(
		highestMm,
		slendernessPercent === Infinity ? Infinity : Math.floor((slendernessPercent * shorter) / 100)
	);
}

/** How far the mouse's stack may differ from the keyboard's, mm: one level for both hands. Our assumption. */
export const MOUSE_LEVEL_TOLERANCE_MM = 10;
