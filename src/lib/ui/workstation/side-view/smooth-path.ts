import type { Point } from '$lib/core/workstation/side-view/geometry';

/** Tension of the curve between its points; less than a plain Catmull-Rom spline keeps joints crisp. */
const TENSION = 0.82;

function number(value: number): string {
	return String(Math.round(value * 10) / 10);
}

function segment(before: Point, from: Point, to: Point, after: Point): string {
	const pull = TENSION / 6;
	const control = [
		from.x + (to.x - before.x) * pull,
		from.y + (to.y - before.y) * pull,
		to.x - (after.x - from.x) * pull,
		to.y - (after.y - from.y) * pull,
		to.x,
		to.y
	];
	return `C${control.map(number).join(' ')}`;
}

/**
 * SVG path data of a smooth line through points (a Catmull-Rom spline as cubic Béziers).
 * @param closed whether the last point joins the first
 */
export function smoothPath(points: readonly Point[], closed: boolean): string {
	const first = points[0];
	if (!first) return '';
	const n = points.length;
	const at = (i: number): Point => points[closed ? (i + n) % n : Math.min(Math.max(i, 0), n - 1)] ?? first;
	const segments = Array.from({ length: closed ? n : n - 1 }, (_, i) =>
		segment(at(i - 1), at(i), at(i + 1), at(i + 2))
	);
	return `M${number(first.x)} ${number(first.y)}${segments.join('')}${closed ? 'Z' : ''}`;
}
