/** A ring binder under a keyboard, spine towards the typist, so that the keyboard slopes away. */
export interface KeyboardWedge {
	/** Tilt of the keyboard away from the typist, degrees. */
	readonly tiltDeg: number;
	/** How much higher the keyboard's near edge is, mm. */
	readonly nearEdgeRise: number;
	/** How much higher the home row, in the middle of the keyboard, is, mm. */
	readonly homeRowRise: number;
	/** Whether hands can follow the tilt. */
	readonly state: 'good' | 'steep';
}

/**
 * The wrist is straight if the keyboard tilts away as the forearm slopes; beyond this the fingers have to reach down, degrees. Our working
 * assumption: a usual binder of 75 mm gives 15.1.
 */
const STEEP_FROM_DEG = 16;

/**
 * Angle between the covers of a closed ring binder, degrees. Two covers of equal depth meet at the open edge and are held apart by the
 * spine: an isosceles triangle, so `2 asin(spine / 2 depth)`.
 * @param spineMm width of the spine, above 0 and below twice the depth
 * @param depthMm from the spine to the open edge
 */
export function binderAngle(spineMm: number, depthMm: number): number {
	return (2 * Math.asin(spineMm / (2 * depthMm)) * 180) / Math.PI;
}

/**
 * The effect of a ring binder under a keyboard, with its spine towards the typist. Common practice.
 * @param spineMm width of the binder's spine
 * @param depthMm depth of the binder, spine to open edge
 * @param keyboardDepthMm depth of the keyboard, whose near edge lies over the spine
 */
export function keyboardWedge(spineMm: number, depthMm: number, keyboardDepthMm: number): KeyboardWedge {
	const tiltDeg = binderAngle(spineMm, depthMm);
	const slope = Math.sin((tiltDeg * Math.PI) / 180);
	const homeRowAlong = depthMm - Math.min(keyboardDepthMm, depthMm) / 2;
	return {
		tiltDeg,
		nearEdgeRise: Math.round(depthMm * slope),
		homeRowRise: Math.round(homeRowAlong * slope),
		state: tiltDeg > STEEP_FROM_DEG ? 'steep' : 'good'
	};
}
