import { bodyOf, type Body } from '../body-length';
import { seatKindOf } from '../../workstation/corner/seat-kinds';
import type { Corner, HouseholdItem } from '../../workstation/corner/corner';
import { pieceIds } from '../../workstation/corner/piece-ids';
import { checkSeatDepth } from './seat-depth';
import { towelRollFor, type TowelRoll } from './towel-roll';

/** What fills the lumbar hollow, and how. */
export interface LumbarFiller {
	/** Id of the item, as plans name items. */
	readonly id: string;
	readonly item: HouseholdItem;
	/** How to roll it; null where it is used as it is. */
	readonly roll: TowelRoll | null;
	/** Thickness behind a leaning back, mm. */
	readonly fill: number;
}

/** What the lower back needs. */
export interface BackSupport {
	/**
	 * `held`: the backrest fills the hollow, or it must not be filled. `fill`: a backrest that does not. `none`: no backrest, so nothing
	 * holds a roll, and the chair itself is the problem.
	 */
	readonly state: 'held' | 'fill' | 'none';
	/**
	 * Where support is needed: in the lumbar hollow, or flat behind the whole back, where the seat is too deep and the hollow must not be
	 * filled.
	 */
	readonly fills: 'hollow' | 'behind' | null;
	/** Thickness needed there, mm; 0 where none is. */
	readonly wanted: number;
	/** How far it should move the person forward, mm: what a seat too deep calls for. */
	readonly forwardMm: number;
	/** The household item that serves; null where none is left. */
	readonly filler: LumbarFiller | null;
}

/** Thickness of a roll in the lumbar hollow where the seat depth does not call for one, mm. Our assumption. */
const DEFAULT_ROLL_MM = 60;

/** What is used first: a towel can be rolled to size, a cushion is ready, a bolster often too thick. Common practice. */
const FILLERS: readonly HouseholdItem['kind'][] = ['towel', 'cushion', 'bolster', 'blanket', 'pillow'];

/** Behind a back that must not be arched: something wide and flat, never a roll. Common practice. */
const BEHIND: readonly HouseholdItem['kind'][] = ['pillow', 'cushion'];

/** Share of a soft item's thickness that remains behind a leaning back. Our working assumption. */
const LEFT_BEHIND_BACK = { cushion: 0.7, pillow: 0.4, bolster: 0.9 } as const;

/**
 * Whether the lumbar hollow is to be filled: not where rounding eases the back, nor where one sits at the front of the seat with the back
 * free. Common practice.
 */
function needsLumbarSupport({ person, way }: Pick<Corner, 'person' | 'way'>): boolean {
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
 * What fills the lumbar hollow, and the space behind the back where the seat is too deep, from the household items left over.
 * @param used ids of items that a plan uses elsewhere
 * @returns null for standing, and where the back is not ours to support: in a wheelchair, on a sofa or a bed
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
