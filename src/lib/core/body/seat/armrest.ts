import { bodyOf, type Body } from '../body-length';
import { METHOD_SD } from '../method-uncertainty';
import { verdictProbabilities, verdictOf, type Verdict } from '../../workstation/checks/verdict';
import { setUpAsMeasured, type SetUp } from '../../workstation/checks/set-up';
import { undersideOverSurfaceMm } from '../../workstation/checks/check-values';
import type { Corner } from '../../workstation/corner/corner';
import type { Band } from '../guidance/band';

/** What is wrong with an armrest; there may be more than one fault. */
export type ArmrestFault =
	/** It pushes the shoulder up. */
	| 'too-high'
	/** It gives no support: the elbow does not reach it with a relaxed shoulder. */
	| 'too-low'
	/** It hits the surface's edge and keeps the person away from the desk. */
	| 'meets-surface';

/** The result for an armrest. Heights in mm above the floor. */
export interface Armrest {
	readonly top: number;
	readonly elbow: number;
	readonly underSurface: number;
	/** Elbow above armrest: from -5 to 30 it is supported; below that the armrest pushes the shoulder up. */
	readonly elbowAbove: number;
	/** Whether it supports, as far as the lengths tell. */
	readonly verdict: Verdict;
	/** Clearance between armrest and surface; negative where it does not fit under. */
	readonly passes: number;
	/** Faults whose direction is known. */
	readonly faults: readonly ArmrestFault[];
}

/**
 * Elbow above a supporting armrest, mm. Common practice: just high enough to support the elbow with a relaxed shoulder; the widths are
 * ours.
 */
export const ARMREST_BAND = { low: -5, ideal: 10, high: 30 } as const satisfies Band;

/** Clearance of an armrest that fits under the surface, mm. */
const PASSES: Band = { low: 0, ideal: null, high: null };

/**
 * Checks an armrest against the elbow and the surface: just high enough to support the elbow with a relaxed shoulder, and able to pass
 * under the surface. Common practice. The elbow is the person's on the padded seat: pads raise the person, and the armrest becomes lower by
 * as much.
 * @param setUp what is set and built; as measured if left out
 * @returns null where there is no armrest, or nobody sits
 */
export function checkArmrest(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	body: Body = bodyOf(corner)
): Armrest | null {
	const { seat, posture, by } = corner.spot;
	if (!seat || seat.armrest === null || posture === 'standing') return null;
	// Measured above the empty seat, which is `give` higher than the seat under the person.
	const top = setUp.seat + seat.give + seat.armrest;
	const elbow = setUp.seat + setUp.pads + body.sittingElbow.mm;
	const underSurface = setUp.surface + undersideOverSurfaceMm(corner);
	const elbowAbove = elbow - top;
	const passes = underSurface - top;
	const sd = METHOD_SD[by];
	const carrying = verdictProbabilities(ARMREST_BAND, elbowAbove, Math.hypot(sd, body.sittingElbow.sd));
	const passing = verdictProbabilities(PASSES, passes, Math.hypot(sd, sd, sd));
	const verdict = verdictOf(carrying);
	const faults: ArmrestFault[] = [];
	if (verdict === 'off') faults.push(elbowAbove < ARMREST_BAND.low ? 'too-high' : 'too-low');
	if (verdictOf(passing) === 'off') faults.push('meets-surface');
	return { top, elbow, underSurface, elbowAbove, verdict, passes, faults };
}
