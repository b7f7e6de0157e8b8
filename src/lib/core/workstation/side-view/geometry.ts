/** A point of the side view, mm: x forward from the back of the seated person, y up from the floor. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** An axis-parallel rectangle of the side view, mm: `x`, `y` is its lower left corner. */
export interface Rectangle {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** Makes a point. */
export function point(x: number, y: number): Point {
	return { x, y };
}

/** A point rotated about another, counter-clockwise, degrees. */
export function rotatePoint(p: Point, about: Point, degrees: number): Point {
	const a = (degrees * Math.PI) / 180;
	const [dx, dy] = [p.x - about.x, p.y - about.y];
	return point(about.x + dx * Math.cos(a) - dy * Math.sin(a), about.y + dx * Math.sin(a) + dy * Math.cos(a));
}

/** Distance between two points, mm. */
export function distance(a: Point, b: Point): number {
	return Math.hypot(a.x - b.x, a.y - b.y);
}

/** The angle at `at` between the lines to `a` and to `b`, degrees from 0 to 180. */
export function angleAt(at: Point, a: Point, b: Point): number {
	const cosine =
		((a.x - at.x) * (b.x - at.x) + (a.y - at.y) * (b.y - at.y)) / (distance(at, a) * distance(at, b) || 1);
	return (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
}

/**
 * The middle joint of a two-segment limb with given ends: it bends downwards and backwards, like an elbow. Where the end is out of reach,
 * the limb is straight.
 */
export function middleJoint(from: Point, to: Point, first: number, second: number): Point {
	const reach = distance(from, to);
	const d = Math.min(Math.max(reach, Math.abs(first - second) + 1), first + second);
	const along = (first * first - second * second + d * d) / (2 * d);
	const aside = Math.sqrt(Math.max(0, first * first - along * along));
	const [ux, uy] = [(to.x - from.x) / (reach || 1), (to.y - from.y) / (reach || 1)];
	// The normal that points down: (uy, -ux) for a limb pointing forward.
	return point(from.x + ux * along + uy * aside, from.y + uy * along - ux * aside);
}

/** Keeps a number within bounds. */
export function clamp(value: number, low: number, high: number): number {
	return Math.min(Math.max(value, low), high);
}
