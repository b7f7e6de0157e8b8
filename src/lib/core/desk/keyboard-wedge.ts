/** A ring binder turned round under a keyboard, so that it slopes away from the typist. */
export interface KeyboardWedge {
	/** Degrees that the keyboard is tilted away. */
	readonly tiltDeg: number;
	/** What the near edge of the keyboard stands higher, mm. */
	readonly nearEdgeRise: number;
	/** What the home row, in the middle of the keyboard, stands higher, mm. */
	readonly homeRowRise: number;
	/** Whether the tilt is one that hands can follow. */
	readonly state: 'good' | 'steep';
}

/**
 * A wrist is straight on a keyboard tilted away as the forearm slopes; more than this and the fingers reach down a
 * slide, degrees. Our working assumption: a usual binder of 75 mm makes 15.1.
 */
const STEEP_FROM_DEG = 16;

/**
 * Angle between the covers of a closed ring binder, degrees: two covers of one depth meet at the open edge and are held
 * apart by the spine, an isosceles triangle, so `2 asin(spine / 2 depth)`.
 *
 * @param spineMm width of the spine, above 0 and below twice the depth
 * @param depthMm from the spine to the open edge
 */
export function binderAngle(spineMm: number, depthMm: number): number {
	return (2 * Math.asin(spineMm / (2 * depthMm)) * 180) / Math.PI;
}

/**
 * What a ring binder does under a keyboard, its spine towards the typist. Common practice.
 *
 * @param spineMm width of the binder's spine
 * @param depthMm depth of the binder, spine to open edge
 * @param keyboardDepthMm depth of the keyboard, laid with its near edge over the spine
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
