import type { Checked, Issue } from '../../platform/issue';
import { compileSchema } from '../../platform/schema/compile-schema';
import { CORNER_FORMATS, type Corner, type Range } from './corner';
import { cornerSchema } from './corner-schema';
import { pieceIds } from './piece-ids';

const checkShape = compileSchema<Corner>(cornerSchema);

function unordered(range: Range | null | undefined, at: string): Issue | null {
	if (!range || range[0] <= range[1]) return null;
	return { code: 'range-order', at, text: `${at} must run from the lowest to the highest` };
}

/** Adjustable parts must stand within their range. Documents of older versions are accepted as they are. */
function outsideRange(height: number, range: Range | null | undefined, at: string): Issue | null {
	if (!range || (range[0] <= height && height <= range[1])) return null;
	return { code: 'outside-range', at, text: `${at} lies outside its own range` };
}

/** The first rule broken that only version 3 documents can break. */
function firstNewRuleBroken({ format, person, spot }: Corner): Issue | null {
	if (format !== CORNER_FORMATS[2]) return null;
	const { surface, seat, screen, keys } = spot;
	const arms = person.arms ?? 'both';
	if (person.pointer && arms !== 'both' && arms !== `${person.pointer}-only`)
		return {
			code: 'pointer-arms',
			at: '/person/pointer',
			text: '/person/pointer contradicts /person/arms: the mouse is used by a hand that works'
		};
	if (keys.tray && keys.kind === 'built-in')
		return {
			code: 'tray-built-in',
			at: '/spot/keys/tray',
			text: '/spot/keys/tray must be null: built-in keys stand where the laptop stands'
		};
	return (
		outsideRange(surface.height, surface.range, '/spot/surface/height') ??
		(seat && spot.posture === 'sitting'
			? outsideRange(seat.height, seat.range, '/spot/seat/height')
			: null) ??
		outsideRange(screen.topAboveBase, screen.range, '/spot/screen/topAboveBase')
	);
}

function repeatedId(corner: Corner): Issue | null {
	const seen = new Set<string>();
	for (const [index, item] of corner.household.entries()) {
		const ids = pieceIds(item.id, item.count ?? 1);
		if (ids.some((id) => seen.has(id))) {
			const at = `/household/${index}/id`;
			return {
				code: 'duplicate-id',
				at,
				text: `${at} is used twice; each thing needs an id of its own`
			};
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
		firstNewRuleBroken(corner) ??
		repeatedId(corner)
	);
}

/**
 * Checks an unknown value against the workstation document's schema and the rules a schema can't express. Nothing is guessed or repaired.
 * @returns the typed document, or the first error with its JSON Pointer
 */
export function validateCorner(value: unknown): Checked<Corner> {
	const shaped = checkShape(value);
	if (!shaped.ok) return shaped;
	const issue = firstRuleBroken(shaped.value);
	return issue ? { ok: false, issue } : shaped;
}
