import type { PhotoJoint } from './marks';

/**
 * How far to the side of the body's middle each marked point lies, as a share of stature: what faces the camera is nearer to it than the
 * middle. Working assumptions of ours, from the breadths of adults in Drillis & Contini 1966 (from memory).
 */
export const ASIDE_OF_STATURE: Readonly<Record<PhotoJoint | 'floor' | 'seat', number>> = {
	eye: 0.02,
	ear: 0.045,
	neck: 0,
	shoulder: 0.11,
	elbow: 0.135,
	wrist: 0.105,
	knuckle: 0.095,
	hip: 0.1,
	knee: 0.075,
	ankle: 0.06,
	floor: 0.06,
	seat: 0.1
};

/** The same for what has a known size: held against the person's side, or the edge of the table beside them. */
export const SCALE_ASIDE_OF_STATURE = 0.115;

/** The points of the arm, which is nearer or farther as a whole. */
export const ARM: ReadonlySet<string> = new Set(['elbow', 'wrist', 'knuckle']);

/** How well depths are known, mm: of the whole body before what gives the scale, of the arm, and of each point. Our assumptions. */
export const DEPTH_SD_MM = { body: 25, arm: 20, point: 10 } as const;
