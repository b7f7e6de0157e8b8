import { bodyOf, type Body } from '../body-length';
import { METHOD_SD } from '../method-uncertainty';
import { verdictProbabilities, verdictOf, type Verdict } from '../../workstation/checks/verdict';
import { seatDepthToCheck } from '../../workstation/corner/seat-kinds';
import type { Corner } from '../../workstation/corner/corner';
import type { Band } from '../guidance/band';

/** The result for the gap between the seat's front edge and the hollow of the knee. */
type SeatDepthState = 'presses' | 'good' | 'long' | 'unsupported';

/** The result for a seat's depth. Lengths in mm. */
export interface SeatDepth {
	/** Buttock-popliteal length minus the depth of the seat. */
	readonly gap: number;
	readonly sd: number;
	/** Probability that the gap is good. */
	readonly p: number;
	readonly verdict: Verdict;
	readonly state: SeatDepthState;
	/** How much the gap falls short of the range, 0 where it does not. */
	readonly short: number;
	/** Thickness behind the back that makes the gap good, 0 where none is needed. */
	readonly fill: number;
}

/** Two or three fingers to a fist. Common practice. */
export const SEAT_DEPTH_BAND = { low: 20, ideal: 50, high: 80 } as const satisfies Band;

/** From here on the thigh is unsupported. Our working assumption. */
const UNSUPPORTED_FROM_MM = 120;

function stateOf(gapMm: number): SeatDepthState {
	if (gapMm < SEAT_DEPTH_BAND.low) return 'presses';
	if (gapMm <= SEAT_DEPTH_BAND.high) return 'good';
	return gapMm > UNSUPPORTED_FROM_MM ? 'unsupported' : 'long';
}

/**
 * Checks the seat depth against the person's thigh. Notes: 1. Below 20 mm the edge presses behind the knee: the back is filled by what is
 * missing to the ideal. 2. Between 80 and 120 mm the gap is longer than ideal but harmless.
 * @param fillMm what already lies behind the back, mm
 * @returns null where no depth is checked: when standing, and on every seat but a chair
 */
export function checkSeatDepth(corner: Corner, fillMm = 0, body: Body = bodyOf(corner)): SeatDepth | null {
	const { by } = corner.spot;
	const depth = seatDepthToCheck(corner);
	if (depth === null) return null;
	const gap = body.buttockPopliteal.mm - depth + fillMm;
	const sd = Math.hypot(body.buttockPopliteal.sd, METHOD_SD[by]);
	const chances = verdictProbabilities(SEAT_DEPTH_BAND, gap, sd);
	const state = stateOf(gap);
	return {
		gap,
		sd,
		p: chances.p,
		verdict: verdictOf(chances),
		state,
		short: Math.max(0, SEAT_DEPTH_BAND.low - gap),
		fill: state === 'presses' ? SEAT_DEPTH_BAND.ideal - gap : 0
	};
}
