import type { Point } from '../workstation/side-view/geometry';
import type { DrawingProp } from './poses';
import type { Joints } from './skeleton';
import { point3, type Point3 } from './space';

/** A line of an object. */
export interface PropLine {
	readonly points: readonly Point[];
	readonly isDotted: boolean;
}

/** A line in space, before projection. */
interface Line {
	readonly points: readonly Point3[];
	readonly isDotted?: boolean;
}

/** Half thickness of a thigh on a seat, and of a heel, as fractions of stature. */
const [THIGH, HEEL] = [0.05, 0.022];

/** Legs of a stool: front or back, right or left. */
const stool = ({ pelvis }: Joints, H: number): Line[] => {
	const seat = pelvis.y - THIGH * H;
	const leg = (top: number, foot: number, z: number): Line => ({
		points: [point3(top * H, seat, z * 0.8 * H), point3(foot * H, 0, z * H)]
	});
	return [
		{
			points: [
				point3(-0.1 * H, seat, -0.13 * H),
				point3(0.14 * H, seat, -0.13 * H),
				point3(0.14 * H, seat, 0.13 * H),
				point3(-0.1 * H, seat, 0.13 * H),
				point3(-0.1 * H, seat, -0.13 * H)
			]
		},
		...[-0.14, 0.14].flatMap((z) => [leg(-0.07, -0.09, z), leg(0.11, 0.13, z)])
	];
};

const wheelchair = ({ pelvis }: Joints, H: number): Line[] => {
	const seat = pelvis.y - THIGH * H;
	const [radius, side, front, back] = [0.17 * H, 0.13 * H, 0.16 * H, -0.1 * H];
	const wheel = (z: number): Line => ({
		points: Array.from({ length: 33 }, (_, i) => {
			const a = (i / 32) * 2 * Math.PI;
			return point3(-0.02 * H + radius * Math.cos(a), radius + radius * Math.sin(a), z);
		})
	});
	const high = seat + 0.22 * H;
	return [
		wheel(-0.16 * H),
		wheel(0.16 * H),
		{
			points: [
				point3(back, seat, -side),
				point3(back, seat, side),
				point3(front, seat, side),
				point3(front, seat, -side),
				point3(back, seat, -side)
			]
		},
		{
			points: [
				point3(back, seat, -side),
				point3(-0.12 * H, high, -side),
				point3(-0.12 * H, high, side),
				point3(back, seat, side)
			]
		}
	];
};

/** The posts stand where the forearms lie on them; the lintel is well above the head. */
const doorway = ({ right, left }: Joints, H: number): Line[] => {
	const x = (right.wrist.x + left.wrist.x) / 2 + 0.02 * H;
	const z = Math.max(Math.abs(right.wrist.z), Math.abs(left.wrist.z)) + 0.02 * H;
	const top = Math.max(1.16 * H, right.fingertips.y + 0.05 * H);
	return [{ points: [point3(x, 0, -z), point3(x, top, -z), point3(x, top, z), point3(x, 0, z)] }];
};

/** A chair under the raised heel, on either side, pushed against something fixed. */
const chairForHeel = ({ right, left }: Joints, H: number): Line[] => {
	const { ankle } = right.ankle.y > left.ankle.y ? right : left;
	const { x } = ankle;
	const y = ankle.y - HEEL * H;
	const by = (dx: number, height: number) => point3(x + dx * H, height, 0);
	return [
		{ points: [by(-0.1, y), by(0.16, y)] },
		{ points: [by(-0.08, y), by(-0.1, 0)] },
		{ points: [by(0.15, y + 0.27 * H), by(0.16, 0)] },
		{ points: [by(0.2, 0), by(0.2, y + 0.5 * H)] }
	];
};

/** The back of a chair that the hands rest on, its seat turned away. */
const chairToHold = ({ right, left }: Joints, H: number): Line[] => {
	const [x, top] = [Math.max(right.wrist.x, left.wrist.x) + 0.03 * H, right.wrist.y - 0.01 * H];
	const seat = 0.27 * H;
	return [-0.11, 0.11].flatMap((z) => {
		const by = (dx: number, height: number) => point3(x + dx * H, height, z * H);
		return [
			{ points: [by(0, top), by(0.02, 0)] },
			{ points: [by(0.01, seat), by(0.26, seat), by(0.27, 0)] },
			...(z > 0 ? [{ points: [point3(x, top, -0.11 * H), by(0, top)] }] : [])
		];
	});
};

const stairs = ({ right }: Joints, H: number): Line[] => {
	const step = right.ankle.y - 0.039 * H;
	const by = (dx: number, height: number) => point3(right.ankle.x + dx * H, height, 0);
	return [
		{
			points: [
				point3(0.02 * H, 0, 0),
				by(-0.08, 0),
				by(-0.08, step),
				by(0.14, step),
				by(0.14, step * 2),
				by(0.34, step * 2)
			]
		}
	];
};

/** A window with something far away in it, and the line of sight. */
const farPoint = ({ nose }: Joints, H: number): Line[] => {
	const by = (x: number, up: number) => point3(x * H, nose.y + up * H, 0);
	return [
		{ isDotted: true, points: [nose, by(0.62, 0.01)] },
		{ points: [by(0.66, -0.1), by(0.66, 0.14), by(0.86, 0.14), by(0.86, -0.1), by(0.66, -0.1)] },
		{ points: [by(0.67, -0.06), by(0.73, 0.02), by(0.77, -0.03), by(0.81, 0.05), by(0.855, -0.05)] }
	];
};

const PROPS: Readonly<Record<DrawingProp, (joints: Joints, H: number) => Line[]>> = {
	stool,
	wheelchair,
	doorway,
	'chair-for-heel': chairForHeel,
	'chair-to-hold': chairToHold,
	stairs,
	'far-point': farPoint
};

/**
 * The lines of the objects around a person; placed from the joints, so that heel, hands and seat touch them.
 * @param seen projection
 */
export function propLines(
	prop: DrawingProp,
	joints: Joints,
	stature: number,
	seen: (p: Point3) => Point
): PropLine[] {
	return PROPS[prop](joints, stature).map(({ points, isDotted = false }) => ({
		points: points.map(seen),
		isDotted
	}));
}
