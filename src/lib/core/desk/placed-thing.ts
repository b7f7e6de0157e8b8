import type { PlanPoint, ReachZone } from './reach';

/** Things that have a place on a desk besides the keys and screens. */
export type DeskThing = 'phone' | 'papers' | 'cup' | 'lamp';

/** A thing and where it lies, seen from above. Lengths in mm. */
export interface Placement {
	readonly name: DeskThing | 'keyboard' | 'mouse' | 'screen-1' | 'screen-2';
	/** Its middle. */
	readonly at: PlanPoint;
	/** Side to side, and front to back. */
	readonly size: readonly [number, number];
	/** Turned towards the person: degrees to the right of straight on; below 0 to the left. */
	readonly turnedDeg: number;
}

/** A thing in its place, judged. */
export interface PlacedDeskThing extends Placement {
	readonly zone: ReachZone;
	/** Whether all of it lies on the desk. */
	readonly onDesk: boolean;
}

/** A side of the person: 1 is right, -1 is left. */
export type DeskSide = 1 | -1;

/** The other side. */
export function oppositeSide(side: DeskSide): DeskSide {
	return side === 1 ? -1 : 1;
}

/** Room between neighbours on a desk, mm. Our working assumption. */
export const NEIGHBOUR_GAP_MM = 20;
