import type { PlanPoint, ReachZone } from './reach';

/** Things with a place on a desk besides keyboard, mouse and screens. */
export type DeskThing = 'phone' | 'papers' | 'cup' | 'lamp';

/** A thing and its place, seen from above. Lengths in mm. */
export interface Placement {
	readonly name: DeskThing | 'keyboard' | 'mouse' | 'screen-1' | 'screen-2';
	/** Its middle. */
	readonly at: PlanPoint;
	/** Width, and depth. */
	readonly size: readonly [number, number];
	/** Rotation towards the person: degrees to the right of straight on; negative to the left. */
	readonly turnedDeg: number;
}

/** A placed thing with its assessment. */
export interface PlacedDeskThing extends Placement {
	readonly zone: ReachZone;
	/** Whether all of it is on the desk. */
	readonly onDesk: boolean;
}

/** A side of the person: 1 for right, -1 for left. */
export type DeskSide = 1 | -1;

/** The other side. */
export function oppositeSide(side: DeskSide): DeskSide {
	return side === 1 ? -1 : 1;
}

/** Gap between neighbours on a desk, mm. Our working assumption. */
export const NEIGHBOUR_GAP_MM = 20;
