import { estimateBodyLength } from '../../body/body-length';
import { SEGMENT_OF_STATURE } from '../../body/proportions';
import type { Person } from '../corner/corner';

/** A point on the desk seen from above, mm: x to the right of the person's middle, y forward from the shoulders. */
export interface PlanPoint {
	readonly x: number;
	readonly y: number;
}

/** How far away a thing is. */
export type ReachZone = 'usual' | 'occasional' | 'beyond';

/** The reach of a person's arms over the desk, seen from above. Lengths in mm. */
export interface ReachEnvelope {
	/** Radius of the forearm about an elbow held at the body: frequently used things belong here. */
	readonly forearm: number;
	/** Radius of the outstretched arm about the shoulder: for occasional use. */
	readonly arm: number;
	/** Elbows hang below the shoulders: half the distance between them. */
	readonly halfWidth: number;
	/** The desk's front edge, in front of the shoulders. */
	readonly edge: number;
}

/** From the middle of the trunk to the desk's edge: half a trunk and three fingers. Our working assumption. */
const SHOULDER_TO_EDGE_MM = 150;

/** Fingertips touch but hands grip: what is gripped must be this much closer, mm. Our working assumption. */
const GRIP_SHORTER_MM = 60;

/** Arm's length from the shoulder to the fingertips, estimated from stature, mm. */
export function armsLengthMm(person: Pick<Person, 'stature' | 'sex'>): number {
	return estimateBodyLength(person, 'shoulderElbow').mm + estimateBodyLength(person, 'elbowFingertip').mm;
}

/**
 * A person's reach, estimated from stature: frequently used things belong within reach of the forearms with the elbows at the body,
 * occasionally used ones within reach of the outstretched arms. Common practice.
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

/** The zone of a point: within reach of either forearm, of either arm, or beyond both. */
export function reachZoneOf(reach: ReachEnvelope, at: PlanPoint): ReachZone {
	if (within(reach, reach.forearm, at)) return 'usual';
	return within(reach, reach.arm, at) ? 'occasional' : 'beyond';
}
