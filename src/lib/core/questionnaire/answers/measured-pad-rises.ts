import type { Corner } from '../../workstation/corner/corner';
import { isPad } from '../../workstation/household/pads';
import type { Plan } from '../../plan/plan-corner';
import { itemOfPiece } from '../../workstation/side-view/drawn-furniture';
import type { MeasuredHeights } from '../../workstation/side-view/remeasured-heights';
import { measuredRiseField } from './household-things';

/** Differences below this can't be told apart with a tape measure, mm: the pads rise as planned. Our working assumption. */
const TOLD_APART_MM = 4;

/**
 * What measuring the seat again teaches about the pads of a plan, as fields: how much each pillow or cushion really raises this person, mm.
 * It is kept where it is as planned, too: an average of surprises alone would be wrong for the next person.
 * Several pads share the difference in proportion to their planned rises. Folded cloth is left out, because less than a millimetre per
 * layer cannot be stored.
 */
export function measuredPadRises(corner: Corner, plan: Plan, again: MeasuredHeights): Record<string, string> {
	const { rise, pieces } = plan.stations.seat;
	const { seatUnder = null } = again;
	if (seatUnder === null || plan.heights.seat === null || rise === 0) return {};
	const measured = seatUnder - plan.heights.seat;
	if (measured <= 0) return {};
	const achieved = Math.abs(measured - rise) < TOLD_APART_MM ? rise : measured;
	return Object.fromEntries(
		pieces.flatMap((piece): [string, string][] => {
			const { id, kind } = itemOfPiece(corner, piece.id);
			if (!isPad(kind)) return [];
			return [
				[
					measuredRiseField(Number(id.slice(1))),
					String(Math.max(1, Math.round((piece.rise * achieved) / rise)))
				]
			];
		})
	);
}
