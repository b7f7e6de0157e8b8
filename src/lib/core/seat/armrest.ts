import { bodyOf, METHOD_SD, type Body } from '../body';
import {
	verdictProbabilities,
	setUpAsMeasured,
	undersideOverSurfaceMm,
	verdictOf,
	type SetUp,
	type Verdict
} from '../checks';
import type { Corner } from '../corner';
import type { Band } from '../guidance';

/** What is wrong with an armrest; more than one may be. */
export type ArmrestFault =
	/** It lifts the shoulder. */
	| 'too-high'
	/** It does nothing: the elbow does not reach it with the shoulder down. */
	| 'too-low'
	/** It meets the surface's edge and keeps the person off the desk. */
	| 'meets-surface';

/** The judgement of an armrest. Heights in mm above the floor. */
export interface Armrest {
	readonly top: number;
	readonly elbow: number;
	readonly underSurface: number;
	/** Elbow above armrest: from 5 below to 30 above it is carried; farther below it the armrest lifts the shoulder. */
	readonly elbowAbove: number;
	/** Whether it carries, as far as the lengths tell. */
	readonly verdict: Verdict;
	/** Free space between armrest and surface; below 0 it does not pass. */
	readonly passes: number;
	/** Faults whose direction is known. */
	readonly faults: readonly ArmrestFault[];
}

/** Elbow above an armrest that carries it, mm. Common practice: just high enough to carry the elbow with the shoulder down; the widths are ours. */
export const ARMREST_BAND = { low: -5, ideal: 10, high: 30 } as const satisfies Band;

/** Free space between an armrest that passes and the surface, mm. */
const PASSES: Band = { low: 0, ideal: null, high: null };

/**
 * Judges an armrest against the elbow and the surface: just high enough to carry the elbow with the shoulder down, and it
 * must pass under the surface. Common practice. The elbow is the person's own over the padded seat: pads raise the
 * person, and the armrest sinks by as much.
 *
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
	// Measured above the empty seat, which stands `give` higher than the seat under the person.
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
