import {
	factsOf,
	conditionHolds,
	AT_A_TABLE,
	FEET_ON_FLOOR,
	LUMBAR_IS_SUPPORTED,
	type FactSource,
	type FactCondition
} from '../conditions';
import type { StepPlace } from '../plan/step-places';

interface SidePoint {
	/** For whom it is looked at. */
	readonly holds: FactCondition;
	/** Steps that see to it, the likeliest first: what is seen to be off leads back to the first of them that the plan has. */
	readonly steps: readonly StepPlace[];
}

const SITTING = { posture: ['sitting'] } as const satisfies FactCondition;

/**
 * What a second person, a mirror or a phone that is propped up shows from the side, once the plan is carried out: from the head down, then
 * what is before the person. Common practice.
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

/** Name of a point that is looked at from the side. */
export type SideViewPointId = keyof typeof SIDE_VIEW_POINTS;

/** A point as one person looks at it. */
export interface SideViewPoint {
	readonly id: SideViewPointId;
	/** The step of the plan that it leads back to; null where the plan has none for it. */
	readonly step: StepPlace | null;
}

/** The points that hold for a person at a corner, with the step of the plan that each leads back to. */
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
