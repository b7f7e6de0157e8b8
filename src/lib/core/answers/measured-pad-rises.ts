import type { Corner } from '../corner';
import type { Plan } from '../plan';
import { itemOfPiece, type RemeasuredHeights } from '../side-view';
import { measuredRiseField } from './household-things';

/** Differences below this cannot be told apart with a tape measure, mm. Our working assumption. */
const TOLD_APART_MM = 4;

/**
 * What measuring the seat again teaches about the pads of a plan, as fields: how much each pillow or cushion really raises this person, mm.
 * Several pads share the difference in proportion to their planned rises. Folded cloth is left out, because less than a millimetre per
 * layer cannot be stored.
 */
export function measuredPadRises(
	corner: Corner,
	plan: Plan,
	again: RemeasuredHeights
): Record<string, string> {
	const { rise, pieces } = plan.stations.seat;
	if (again.seatUnder === null || plan.heights.seat === null || rise === 0) return {};
	const achieved = again.seatUnder - plan.heights.seat;
	if (achieved <= 0 || Math.abs(achieved - rise) < TOLD_APART_MM) return {};
	return Object.fromEntries(
		pieces.flatMap((piece): [string, string][] => {
			const { id, kind } = itemOfPiece(corner, piece.id);
			if (kind !== 'pillow' && kind !== 'cushion') return [];
			return [
				[
					measuredRiseField(Number(id.slice(1))),
					String(Math.max(1, Math.round((piece.rise * achieved) / rise)))
				]
			];
		})
	);
}
