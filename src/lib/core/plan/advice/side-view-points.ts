import { factsOf, type FactSource } from '../conditions/facts';
import { conditionHolds, type FactCondition } from '../conditions/fact-condition';
import { AT_A_TABLE, FEET_ON_FLOOR, LUMBAR_IS_SUPPORTED } from '../conditions/fact-groups';
import type { StepPlace } from '../step-places';

interface SidePoint {
	/** Whom the point applies to. */
	readonly holds: FactCondition;
	/** Steps that resolve it, the most likely first: a point that looks wrong leads back to the first of them in the plan. */
	readonly steps: readonly StepPlace[];
}

const SITTING = { posture: ['sitting'] } as const satisfies FactCondition;

/**
 * What a helper, a mirror or a propped-up phone shows from the side once the plan is carried out: from the head down, then what stands in
 * front of the person. Common practice.
 */
export const SIDE_VIEW_POINTS = {
	'ear-over-shoulder': { holds: {}, steps: ['screen', 'distance', 'tilt'] },
	'shoulder-over-hip': { holds: {}, steps: ['back', 'seat'] },
	'hip-against-knee': { holds: { ...SITTING, ...FEET_ON_FLOOR }, steps: ['seat', 'feet'] },
	'whole-foot': { holds: FEET_ON_FLOOR, steps: ['feet', 'seat'] },
	'back-filled': { holds: { ...LUMBAR_IS_SUPPORTED, seat: ['chair'] }, steps: ['back'] },
	'forearm-level': {
		holds: { way: ['upright', 'active', 'forearms-down'] },
		steps: ['keys', 'surface', 'seat']
	},
	'wrist-straight': { holds: {}, steps: ['keys', 'surface'] },
	'elbow-at-body': { holds: AT_A_TABLE, steps: ['mouse', 'keys', 'distance'] },
	'screen-top': { holds: {}, steps: ['screen', 'tilt'] },
	'arms-length': { holds: {}, steps: ['distance', 'screen'] }
} as const satisfies Record<string, SidePoint>;

/** Id of a point to look at from the side. */
export type SideViewPointId = keyof typeof SIDE_VIEW_POINTS;

/** A point as it applies to one person. */
export interface SideViewPoint {
	readonly id: SideViewPointId;
	/** The plan step it leads back to; null where the plan has none. */
	readonly step: StepPlace | null;
}

/** The points that apply to a person at a workstation, each with the plan step it leads back to. */
export function sideViewPointsFor(
	corner: FactSource,
	steps: readonly { readonly place: StepPlace }[]
): SideViewPoint[] {
	const facts = factsOf(corner);
	return (Object.entries(SIDE_VIEW_POINTS) as [SideViewPointId, SidePoint][])
		.filter(([, { holds }]) => conditionHolds(holds, facts))
		.map(([id, point]) => ({
			id,
			step: point.steps.find((place) => steps.some((step) => step.place === place)) ?? null
		}));
}
