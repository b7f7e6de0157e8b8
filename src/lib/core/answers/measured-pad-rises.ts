import type { Corner } from '../corner';
import type { Plan } from '../plan';
import { itemOfPiece, type RemeasuredHeights } from '../side-view';
import { measuredRiseField } from './household-things';

/** Less than this is within what a tape tells apart, mm. Our working assumption. */
const TOLD_APART_MM = 4;

/**
 * What was learnt of the pads of a plan from the seat as it was measured again, as fields: how much each pillow or
 * cushion really rises under this person, mm. Several pads share the difference by their planned rises. Folded cloth is
 * left out: a millimetre a layer can't be given.
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
