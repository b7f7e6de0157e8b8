import { isOwnSafetyId } from './own-ids';

/** Findings that can injure someone: the coordinator is told of these without being asked. Common practice. */
export const HAZARDS = [
	'cables-in-the-way',
	'chained-strips',
	'stack-wobbles',
	'vents-covered'
] as const satisfies readonly string[];

/** A finding that is a hazard. */
export type HazardId = (typeof HAZARDS)[number];

/** Whether a finding is a hazard: it stays one until it is fixed, even where it is refused. */
export function isHazard(id: string): boolean {
	return HAZARDS.some((hazard) => hazard === id) || isOwnSafetyId(id);
}
