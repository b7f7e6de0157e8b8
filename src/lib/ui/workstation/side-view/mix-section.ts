import type { Rectangle, Point } from '$lib/core/workstation/side-view/geometry';
import type { DrawnFurniture } from '$lib/core/workstation/side-view/drawn-furniture';
import type { DrawnLevel, SideView } from '$lib/core/workstation/side-view/side-view';

const between = (a: number, b: number, t: number) => a + (b - a) * t;

function mixPoint(a: Point, b: Point, t: number): Point {
	return { x: between(a.x, b.x, t), y: between(a.y, b.y, t) };
}

function mixPoints(a: readonly Point[], b: readonly Point[], t: number): Point[] {
	return b.map((point, i) => mixPoint(a[i] ?? point, point, t));
}

function mixBox(a: Rectangle, b: Rectangle, t: number): Rectangle {
	return {
		x: between(a.x, b.x, t),
		y: between(a.y, b.y, t),
		width: between(a.width, b.width, t),
		height: between(a.height, b.height, t)
	};
}

function mixSeat(a: DrawnFurniture['seat'], b: DrawnFurniture['seat'], t: number): DrawnFurniture['seat'] {
	if (!a || !b) return b;
	const back =
		a.back && b.back
			? ([mixPoint(a.back[0], b.back[0], t), mixPoint(a.back[1], b.back[1], t)] as const)
			: b.back;
	return { ...b, slab: mixBox(a.slab, b.slab, t), back };
}

function mixLevel(a: readonly DrawnLevel[], b: DrawnLevel, t: number): DrawnLevel {
	const from = a.find((level) => level.name === b.name);
	return { ...b, y: between(from?.y ?? b.y, b.y, t) };
}

/**
 * A side view part of the way between two, for a smooth transition. Stacks, gaps and verdicts are those of the second: a book is there or
 * it is not.
 * @param t 0 is `a`, 1 is `b`
 */
export function mixSection(a: SideView, b: SideView, t: number): SideView {
	if (t >= 1 || a.posture !== b.posture) return b;
	const [from, to] = [a.furniture, b.furniture];
	return {
		...b,
		figure: {
			body: mixPoints(a.figure.body, b.figure.body, t),
			arm: mixPoints(a.figure.arm, b.figure.arm, t),
			hair: mixPoints(a.figure.hair, b.figure.hair, t),
			shoe: mixPoints(a.figure.shoe, b.figure.shoe, t),
			farLeg: mixPoints(a.figure.farLeg, b.figure.farLeg, t),
			spine: mixPoints(a.figure.spine, b.figure.spine, t),
			fingers: mixPoints(a.figure.fingers, b.figure.fingers, t)
		},
		joints: mixPoints(a.joints, b.joints, t),
		eye: mixPoint(a.eye, b.eye, t),
		levels: b.levels.map((level) => mixLevel(a.levels, level, t)),
		furniture: {
			...to,
			seat: mixSeat(from.seat, to.seat, t),
			surface: mixBox(from.surface, to.surface, t),
			screen: {
				...to.screen,
				foot: mixBox(from.screen.foot, to.screen.foot, t),
				top: mixPoint(from.screen.top, to.screen.top, t),
				bottom: mixPoint(from.screen.bottom, to.screen.bottom, t),
				middle: mixPoint(from.screen.middle, to.screen.middle, t)
			},
			keys: from.keys && to.keys ? mixBox(from.keys, to.keys, t) : to.keys,
			mouse: from.mouse && to.mouse ? mixBox(from.mouse, to.mouse, t) : to.mouse
		}
	};
}
