import type { BodyLengthName } from '../../workstation/corner/vocabulary';
import type { Point } from '../../workstation/side-view/geometry';
import { DRAWN_LEVELS } from '../../workstation/side-view/drawn-levels';
import type { PhotoJoint } from './marks';

/** Angles read from a picture, in the plane seen from the side. */
export const PHOTO_ANGLES = ['neck', 'head-trunk', 'elbow', 'wrist', 'hip', 'knee'] as const;

/** One of {@link PHOTO_ANGLES}. */
export type PhotoAngle = (typeof PHOTO_ANGLES)[number];

/** Heights above the floor read from a picture: of the eye, of the underside of the elbow, and of the seat under the person. */
export const PHOTO_HEIGHTS = DRAWN_LEVELS;

/** One of {@link PHOTO_HEIGHTS}. */
export type PhotoHeight = (typeof PHOTO_HEIGHTS)[number];

/** Body lengths that a picture can give in place of a second person with a tape. */
export const PHOTO_LENGTHS = [
	'sittingEye',
	'sittingElbow',
	'standingEye',
	'standingElbow'
] as const satisfies readonly BodyLengthName[];

/** One of {@link PHOTO_LENGTHS}. */
export type PhotoLength = (typeof PHOTO_LENGTHS)[number];

/** A number read from a picture with its standard deviation: degrees or mm. */
export interface PhotoValue {
	readonly value: number;
	readonly sd: number;
}

/** What speaks against the marks: what gives the scale, the upper arm, or a camera that stands too near or too far to the front. */
export const PHOTO_ISSUES = ['scale', 'upper-arm', 'too-near', 'turned'] as const;

/** One of {@link PHOTO_ISSUES}. */
export type PhotoIssue = (typeof PHOTO_ISSUES)[number];

/** What a picture from the side says. */
export interface SidePhotoReading {
	readonly angles: Readonly<Record<PhotoAngle, PhotoValue>>;
	/** Without the seat for someone standing. */
	readonly heights: Readonly<Partial<Record<PhotoHeight, PhotoValue>>>;
	/** Those of the posture in the picture; true only of someone who sits or stands straight in it. */
	readonly lengths: Readonly<Partial<Record<PhotoLength, PhotoValue>>>;
	/** Joints in the side view, mm: forward from the hip, up from the floor. */
	readonly joints: Readonly<Record<PhotoJoint, Point>>;
	readonly cameraDistanceMm: number;
	readonly issues: readonly PhotoIssue[];
}
