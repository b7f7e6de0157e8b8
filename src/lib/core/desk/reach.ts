import { estimateBodyLength, SEGMENT_OF_STATURE } from '../body';
import type { Person } from '../corner';

/** A place on the desk seen from above, mm: x to the right of the person's middle, y forward from the shoulders. */
export interface PlanPoint {
	readonly x: number;
	readonly y: number;
}

/** How far a thing lies. */
export type ReachZone = 'usual' | 'occasional' | 'beyond';

/** The sweeps of a person's arms over the desk, seen from above. Lengths in mm. */
export interface ReachEnvelope {
	/** Sweep of the forearm about the elbow at the body: what is used all the time lies in here. */
	readonly forearm: number;
	/** Sweep of the outstretched arm about the shoulder: what is used now and then. */
	readonly arm: number;
	/** Elbows hang under the shoulders: half the distance between them. */
	readonly halfWidth: number;
	/** The desk's front edge, before the shoulders. */
	readonly edge: number;
}

/** From the middle of the trunk to the desk's edge: half a trunk and three fingers. Our working assumption. */
const SHOULDER_TO_EDGE_MM = 150;

/** Fingertips touch, hands grip: what is taken hold of lies so much nearer, mm. Our working assumption. */
const GRIP_SHORTER_MM = 60;

/** From the shoulder to the fingertips with the arm stretched out, estimated from stature, mm. */
export function armsLengthMm(person: Pick<Person, 'stature' | 'sex'>): number {
	return estimateBodyLength(person, 'shoulderElbow').mm + estimateBodyLength(person, 'elbowFingertip').mm;
}

/**
 * The reach of a person estimated from stature: often used things lie within the sweep of the forearms with the elbows at
 * the body, rarely used ones within the sweep of the outstretched arms. Common practice.
 */
export function reachEnvelope(person: Pick<Person, 'stature' | 'sex'>): ReachEnvelope {
	const forearm = estimateBodyLength(person, 'elbowFingertip').mm - GRIP_SHORTER_MM;
	const upperArm = estimateBodyLength(person, 'shoulderElbow').mm;
	return {
		forearm,
		arm: forearm + upperArm,
		halfWidth: Math.round((SEGMENT_OF_STATURE.biacromial * person.stature) / 2),
		edge: SHOULDER_TO_EDGE_MM
	};
}

function within({ halfWidth }: ReachEnvelope, radius: number, { x, y }: PlanPoint): boolean {
	return Math.min(Math.hypot(x - halfWidth, y), Math.hypot(x + halfWidth, y)) <= radius;
}

/** The zone that a place lies in: within either forearm's sweep, either arm's, or beyond both. */
export function reachZoneOf(reach: ReachEnvelope, at: PlanPoint): ReachZone {
	if (within(reach, reach.forearm, at)) return 'usual';
	return within(reach, reach.arm, at) ? 'occasional' : 'beyond';
}
