/** A point or a way in space, mm: x forward, y up, z to the person's right. */
export interface Point3 {
	readonly x: number;
	readonly y: number;
	readonly z: number;
}

/** Makes a point. */
export const at = (x: number, y: number, z: number): Point3 => ({ x, y, z });

/** One and the other. */
export const plus = (a: Point3, b: Point3): Point3 => at(a.x + b.x, a.y + b.y, a.z + b.z);

/** One without the other. */
export const minus = (a: Point3, b: Point3): Point3 => at(a.x - b.x, a.y - b.y, a.z - b.z);

/** So many times as long. */
export const times = (a: Point3, factor: number): Point3 => at(a.x * factor, a.y * factor, a.z * factor);

/** How long. */
export const lengthOf = ({ x, y, z }: Point3): number => Math.hypot(x, y, z);

/** How far from one to the other. */
export const apart = (a: Point3, b: Point3): number => lengthOf(minus(a, b));

const dot = (a: Point3, b: Point3) => a.x * b.x + a.y * b.y + a.z * b.z;

const unit = (a: Point3): Point3 => times(a, 1 / (lengthOf(a) || 1));

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Two angles, degrees: forward from hanging or from upright, and out to the side. */
export type Turn = readonly [forward: number, out: number];

/** The way of a limb that would hang: 90 forward is level, 180 is up. @param side 1 for the right, -1 for the left */
export function hanging([forward, out]: Turn, side: 1 | -1): Point3 {
	const [f, o] = [radians(forward), radians(out)];
	return at(Math.sin(f) * Math.cos(o), -Math.cos(f) * Math.cos(o), side * Math.sin(o));
}

/** The way of what would stand upright: forward, and to the right. */
export function upright([forward, right]: Turn): Point3 {
	const [f, r] = [radians(forward), radians(right)];
	return at(Math.sin(f) * Math.cos(r), Math.cos(f) * Math.cos(r), Math.sin(r));
}

/**
 * The two ends of a limb of two rigid parts that reaches for a point: its middle joint, on the side of `towards`, and its end. What is out
 * of reach is reached for with the limb straight.
 */
export function reaching(
	from: Point3,
	to: Point3,
	[first, second]: readonly [number, number],
	towards: Point3
): readonly [middle: Point3, end: Point3] {
	const axis = unit(minus(to, from));
	const d = Math.min(Math.max(apart(from, to), Math.abs(first - second) + 1), first + second);
	const along = (first ** 2 - second ** 2 + d ** 2) / (2 * d);
	const aside = Math.sqrt(Math.max(0, first ** 2 - along ** 2));
	const across = unit(minus(towards, times(axis, dot(towards, axis))));
	return [plus(plus(from, times(axis, along)), times(across, aside)), plus(from, times(axis, d))];
}
