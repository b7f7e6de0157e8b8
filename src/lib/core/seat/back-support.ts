import { bodyOf, type Body } from '../body';
import { seatKindOf, type Corner, type HouseholdItem } from '../corner';
import { pieceIds } from '../corner/piece-ids';
import { checkSeatDepth } from './seat-depth';
import { towelRollFor, type TowelRoll } from './towel-roll';

/** What fills the low back, and how. */
export interface LumbarFiller {
	/** Id of the piece, as a plan names pieces. */
	readonly id: string;
	readonly item: HouseholdItem;
	/** How to roll it; null where it goes in as it is. */
	readonly roll: TowelRoll | null;
	/** How thick it is behind a leaning back, mm. */
	readonly fill: number;
}

/** What the low back needs. */
export interface BackSupport {
	/**
	 * `held`: the backrest fills the hollow, or it is not to be filled. `fill`: a backrest without it. `none`: no backrest, so nothing holds a
	 * roll, and the chair itself is the matter.
	 */
	readonly state: 'held' | 'fill' | 'none';
	/** Where something is wanted: in the hollow of the low back, or flat behind all of the back, where the seat is too deep and no hollow is to be filled. */
	readonly fills: 'hollow' | 'behind' | null;
	/** Thickness that is wanted there, mm; 0 where nothing is. */
	readonly wanted: number;
	/** How far it is meant to bring the person forward, mm: what a seat too deep asks for. */
	readonly forwardMm: number;
	/** What of the household does it; null where nothing is left. */
	readonly filler: LumbarFiller | null;
}

/** Thickness of a roll in the hollow of the low back when the seat's depth asks for none, mm. Our assumption. */
export const DEFAULT_ROLL_MM = 60;

/**
 * What is taken first: a towel can be rolled to measure, a cushion is ready, a bolster often too thick. Common practice.
 */
const FILLERS: readonly HouseholdItem['kind'][] = ['towel', 'cushion', 'bolster', 'blanket', 'pillow'];

/** Behind all of a back that is not to be arched: something wide and flat, never a roll. Common practice. */
const BEHIND: readonly HouseholdItem['kind'][] = ['pillow', 'cushion'];

/** Part of a soft thing's thickness that is left behind a leaning back. Our working assumption. */
const LEFT_BEHIND_BACK = { cushion: 0.7, pillow: 0.4, bolster: 0.9 } as const;

/**
 * Whether the hollow of the low back is to be filled: not where rounding eases the back, nor where one sits at the seat's front with the
 * back free. Common practice.
 */
export function needsLumbarSupport({ person, way }: Pick<Corner, 'person' | 'way'>): boolean {
	return person.back !== 'eased-by-rounding' && way !== 'active';
}

function fillerOf(item: HouseholdItem, id: string, wantedMm: number): LumbarFiller {
	if (item.kind === 'towel' || item.kind === 'blanket') {
		const roll = towelRollFor(wantedMm, item.size);
		return { id, item, roll, fill: roll.diameter };
	}
	const left = item.kind === 'bolster' || item.kind === 'pillow' ? LEFT_BEHIND_BACK[item.kind] : 0.7;
	return { id, item, roll: null, fill: Math.round(left * Math.min(...item.size)) };
}

/**
 * What fills the hollow of the low back, and the space behind it where the seat is too deep, made of what the household
 * has left.
 *
 * @param used ids of the pieces that a plan has put elsewhere
 * @returns null at a standing spot, and where the back is the chair's own or lies: in a wheelchair, on a sofa or a bed
 */
export function backSupport(
	corner: Corner,
	used: ReadonlySet<string> = new Set(),
	body: Body = bodyOf(corner)
): BackSupport | null {
	const depth = checkSeatDepth(corner, 0, body);
	const { seat } = corner.spot;
	const kind = seatKindOf(corner);
	if (!seat || (kind !== 'chair' && kind !== 'stool' && kind !== 'ball')) return null;
	if (!depth || !seat.backrest) return { state: 'none', fills: null, wanted: 0, forwardMm: 0, filler: null };
	// At the front of the seat its depth is not used either.
	const behind = corner.way === 'active' ? 0 : depth.fill;
	const hollow = seat.lumbar || !needsLumbarSupport(corner) ? 0 : DEFAULT_ROLL_MM;
	const wanted = Math.max(behind, hollow);
	if (wanted === 0) return { state: 'held', fills: null, wanted, forwardMm: 0, filler: null };
	const fills = hollow > 0 ? 'hollow' : 'behind';
	for (const kind of fills === 'hollow' ? FILLERS : BEHIND)
		for (const item of corner.household) {
			if (item.kind !== kind) continue;
			const id = pieceIds(item.id, item.count ?? 1).find((piece) => !used.has(piece));
			if (id !== undefined)
				return { state: 'fill', fills, wanted, forwardMm: behind, filler: fillerOf(item, id, wanted) };
		}
	return { state: 'fill', fills, wanted, forwardMm: behind, filler: null };
}
