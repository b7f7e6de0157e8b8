import type { Checked, Issue } from '../issue';
import { compileSchema } from '../schema';
import type { Corner, Range } from './corner';
import { cornerSchema } from './corner-schema';
import { pieceIds } from './piece-ids';

const checkShape = compileSchema<Corner>(cornerSchema);

function unordered(range: Range | null | undefined, at: string): Issue | null {
	if (!range || range[0] <= range[1]) return null;
	return { code: 'range-order', at, text: `${at} must run from the lowest to the highest` };
}

function repeatedId(corner: Corner): Issue | null {
	const seen = new Set<string>();
	for (const [index, item] of corner.household.entries()) {
		const ids = pieceIds(item.id, item.count ?? 1);
		if (ids.some((id) => seen.has(id))) {
			const at = `/household/${index}/id`;
			return { code: 'duplicate-id', at, text: `${at} is used twice; each thing needs an id of its own` };
		}
		ids.forEach((id) => seen.add(id));
	}
	return null;
}

function firstRuleBroken(corner: Corner): Issue | null {
	const { spot } = corner;
	if (spot.posture === 'sitting' && spot.seat === null)
		return {
			code: 'seat-missing',
			at: '/spot/seat',
			text: '/spot/seat is missing: a sitting spot has a seat'
		};
	if (spot.screen.kind === 'laptop' && spot.screen.range !== null)
		return {
			code: 'laptop-range',
			at: '/spot/screen/range',
			text: '/spot/screen/range must be null: only a monitor moves on its foot'
		};
	return (
		unordered(spot.surface.range, '/spot/surface/range') ??
		unordered(spot.seat?.range, '/spot/seat/range') ??
		unordered(spot.screen.range, '/spot/screen/range') ??
		repeatedId(corner)
	);
}

/**
 * Checks an unknown value against the corner document's schema and the rules a schema can't say. Nothing is
 * guessed or repaired.
 *
 * @returns the document, typed, or the first fault with its JSON Pointer
 */
export function validateCorner(value: unknown): Checked<Corner> {
	const shaped = checkShape(value);
	if (!shaped.ok) return shaped;
	const issue = firstRuleBroken(shaped.value);
	return issue ? { ok: false, issue } : shaped;
}
