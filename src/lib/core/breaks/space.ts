/** A point or a vector in space, mm: x forward, y up, z to the person's right. */
export interface Point3 {
	readonly x: number;
	readonly y: number;
	readonly z: number;
}

/** Makes a point. */
export const point3 = (x: number, y: number, z: number): Point3 => ({ x, y, z });

/** The sum of two vectors. */
export const addPoints = (a: Point3, b: Point3): Point3 => point3(a.x + b.x, a.y + b.y, a.z + b.z);

/** The difference of two vectors. */
export const subtractPoints = (a: Point3, b: Point3): Point3 => point3(a.x - b.x, a.y - b.y, a.z - b.z);

/** A vector scaled by a factor. */
export const scalePoint = (a: Point3, factor: number): Point3 =>
	point3(a.x * factor, a.y * factor, a.z * factor);

/** The length of a vector. */
const vectorLength = ({ x, y, z }: Point3): number => Math.hypot(x, y, z);

/** The distance between two points. */
export const distanceBetween = (a: Point3, b: Point3): number => vectorLength(subtractPoints(a, b));

const dot = (a: Point3, b: Point3) => a.x * b.x + a.y * b.y + a.z * b.z;

const unit = (a: Point3): Point3 => scalePoint(a, 1 / (vectorLength(a) || 1));

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Two angles, degrees: forward from hanging or from upright, and out to the side. */
export type LimbTurn = readonly [forward: number, out: number];

/**
 * The direction of a limb that hangs at zero: 90 forward is level, 180 is up.
 * @param side 1 for the right, -1 for the left
 */
export function hangingDirection([forward, out]: LimbTurn, side: 1 | -1): Point3 {
	const [f, o] = [radians(forward), radians(out)];
	return point3(Math.sin(f) * Math.cos(o), -Math.cos(f) * Math.cos(o), side * Math.sin(o));
}

/** The direction of a part that is upright at zero, turned forward and to the right. */
export function uprightDirection([forward, right]: LimbTurn): Point3 {
	const [f, r] = [radians(forward), radians(right)];
	return point3(Math.sin(f) * Math.cos(r), Math.cos(f) * Math.cos(r), Math.sin(r));
}

/**
 * Both joints of a two-segment limb that reaches for a point: the middle joint, on the side of `towards`, and the end. Where the point is
 * out of reach, the limb is straight.
 */
export function solveReach(
	from: Point3,
	to: Point3,
	[first, second]: readonly [number, number],
	towards: Point3
): readonly [middle: Point3, end: Point3] {
	const axis = unit(subtractPoints(to, from));
	const d = Math.min(Math.max(distanceBetween(from, to), Math.abs(first - second) + 1), first + second);
	const along = (first ** 2 - second ** 2 + d ** 2) / (2 * d);
	const aside = Math.sqrt(Math.max(0, first ** 2 - along ** 2));
	const across = unit(subtractPoints(towards, scalePoint(axis, dot(towards, axis))));
	return [
		addPoints(addPoints(from, scalePoint(axis, along)), scalePoint(across, aside)),
		addPoints(from, scalePoint(axis, d))
	];
}
