import { bodyOf, type Body } from '../body';
import { setUpAsMeasured, type SetUp } from '../checks';
import type { Corner } from '../corner';

/** What is wrong with an armrest; more than one may be. */
export type ArmrestFault =
	/** It lifts the shoulder. */
	| 'too-high'
	/** It is so low that one leans to reach it. */
	| 'too-low'
	/** It meets the surface's edge and keeps the person off the desk. */
	| 'meets-surface';

/** The judgement of an armrest. Heights in mm above the floor. */
export interface Armrest {
	readonly top: number;
	readonly elbow: number;
	readonly underSurface: number;
	/** Elbow above armrest: 0 carries it; below 0 it lifts the shoulder. */
	readonly elbowAbove: number;
	/** Free space between armrest and surface; below {@link PASSES_MM} it does not pass. */
	readonly passes: number;
	readonly faults: readonly ArmrestFault[];
}

/** An armrest may be so far over the elbow before the shoulder rises, and so far under it, mm. Ours. */
const CARRIES = { above: 5, below: 30 } as const;

/** Free space that lets an armrest slide under a surface, mm. Working assumption of ours. */
const PASSES_MM = 5;

/**
 * Judges an armrest against the elbow and the surface: just high enough to carry the elbow with the shoulder down, and it
 * must pass under the surface. Common practice. The elbow is the person's own over the padded seat; what the
 * pads raise the armrest does not follow.
 *
 * @param setUp what is set and built; as measured if left out
 * @returns null where there is no armrest, or nobody sits
 */
export function checkArmrest(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	body: Body = bodyOf(corner)
): Armrest | null {
	const { seat, posture, surface } = corner.spot;
	if (!seat || seat.armrest === null || posture === 'standing') return null;
	// Measured above the empty seat, which stands `give` higher than the seat under the person.
	const top = setUp.seat + seat.give + seat.armrest;
	const elbow = setUp.seat + setUp.pads + body.sittingElbow.mm;
	const underSurface = setUp.surface - surface.thickness;
	const elbowAbove = elbow - top;
	const passes = underSurface - top;
	const faults: ArmrestFault[] = [];
	if (elbowAbove < -CARRIES.above) faults.push('too-high');
	if (elbowAbove > CARRIES.below) faults.push('too-low');
	if (passes < PASSES_MM) faults.push('meets-surface');
	return { top, elbow, underSurface, elbowAbove, passes, faults };
}
