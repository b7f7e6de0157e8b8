import type { Point } from '../workstation/side-view/geometry';
import type { ExerciseId } from './exercise';
import { EXERCISE_DRAWINGS } from './poses';
import { propLines, type PropLine } from './prop-lines';
import { jointsOf, type Joints, type Pose, type SideJoints } from './skeleton';
import type { Point3 } from './space';

/** A rounded shape: the outline around circles, mm. */
interface RoundedShape {
	readonly part: 'arm' | 'leg' | 'trunk' | 'head' | 'hair';
	readonly outline: readonly Point[];
}

/** A pose ready to draw: shapes from back to front, with the surroundings. y points up, the floor is at 0. */
export interface PoseDrawing {
	/** Shapes of the same depth; those of one layer share an outline. */
	readonly layers: readonly (readonly RoundedShape[])[];
	/** Behind the head where the person is seen from the front. */
	readonly hair: RoundedShape;
	readonly isHairBehind: boolean;
	/** The visible eyes. */
	readonly eyes: readonly Point[];
	readonly props: readonly PropLine[];
}

const point = (x: number, y: number): Point => ({ x, y });

interface Circle {
	readonly at: Point;
	readonly r: number;
}

/** Half thicknesses as fractions of stature: the arm as in the side view; proportions of our own. */
const R = {
	shoulder: 0.03,
	elbow: 0.024,
	wrist: 0.017,
	tips: 0.012,
	thumb: 0.008,
	hip: 0.05,
	knee: 0.036,
	ankle: 0.021,
	heel: 0.022,
	toes: 0.013,
	chest: 0.058,
	waist: 0.054,
	belly: 0.046,
	neck: 0.031,
	skull: 0.056,
	chin: 0.032,
	nose: 0.011,
	hair: 0.05
} as const;

const CORNERS = 20;

/** The outline around circles: the hull of points on them (monotone chain). */
function around(circles: readonly Circle[]): Point[] {
	const points = circles
		.flatMap(({ at, r }) =>
			Array.from({ length: CORNERS }, (_, i) => {
				const a = (i / CORNERS) * 2 * Math.PI;
				return point(at.x + r * Math.cos(a), at.y + r * Math.sin(a));
			})
		)
		.sort((a, b) => a.x - b.x || a.y - b.y);
	const turn = (o: Point, a: Point, b: Point) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
	const half = (all: readonly Point[]) =>
		all.reduce<Point[]>((chain, next) => {
			let kept = chain;
			for (;;) {
				const [o, a] = kept.slice(-2);
				if (kept.length < 2 || !o || !a || turn(o, a, next) > 0) break;
				kept = kept.slice(0, -1);
			}
			return [...kept, next];
		}, []);
	return [...half(points).slice(0, -1), ...half(points.toReversed()).slice(0, -1)];
}

/**
 * The shapes of a body.
 * @param circle a circle around a joint, as projected
 */
function partsOf(joints: Joints, circle: (p: Point3, r: number) => Circle) {
	const limb = (part: RoundedShape['part'], ...ends: (readonly [Point3, number])[]): RoundedShape[] =>
		ends.slice(1).map((end, i) => {
			const from = ends[i] ?? end;
			return { part, outline: around([circle(...from), circle(...end)]) };
		});
	const arm = ({ shoulder, elbow, wrist, fingertips, thumbTip }: SideJoints) => [
		...limb('arm', [shoulder, R.shoulder], [elbow, R.elbow], [wrist, R.wrist], [fingertips, R.tips]),
		...(thumbTip ? limb('arm', [wrist, R.wrist * 0.7], [thumbTip, R.thumb]) : [])
	];
	const leg = ({ hip, knee, ankle, toes }: SideJoints) => [
		...limb('leg', [hip, R.hip], [knee, R.knee], [ankle, R.ankle]),
		...limb('leg', [ankle, R.heel], [toes, R.toes])
	];
	const trunk: RoundedShape[] = [
		{
			part: 'trunk',
			outline: around([
				circle(joints.right.shoulder, R.chest * 0.72),
				circle(joints.left.shoulder, R.chest * 0.72),
				circle(joints.neckBase, R.chest * 0.7),
				circle(joints.waist, R.belly),
				circle(joints.right.hip, R.waist),
				circle(joints.left.hip, R.waist)
			])
		},
		...limb('head', [joints.neckBase, R.neck], [joints.skull, R.neck]),
		{
			part: 'head',
			outline: around([
				circle(joints.skull, R.skull),
				circle(joints.chin, R.chin),
				circle(joints.nose, R.nose)
			])
		}
	];
	return { arm, leg, trunk };
}

/**
 * Draws a pose of an exercise.
 * @param stature mm
 * @param isInWheelchair whether the person sits in a wheelchair
 */
export function drawPose(
	exercise: ExerciseId,
	pose: Pose,
	stature: number,
	isInWheelchair = false
): PoseDrawing {
	const { yaw, props } = EXERCISE_DRAWINGS[exercise];
	const drawn = props.map((prop) => (prop === 'stool' && isInWheelchair ? 'wheelchair' : prop));
	const joints = jointsOf(pose, stature);
	const H = stature;
	const [cos, sin] = [Math.cos((yaw * Math.PI) / 180), Math.sin((yaw * Math.PI) / 180)];
	const seen = (p: Point3) => point(p.x * cos - p.z * sin, p.y);
	const circle = (p: Point3, r: number): Circle => ({ at: seen(p), r: r * H });
	const { arm, leg, trunk } = partsOf(joints, circle);
	// Seen from the right or from the front, the right side is nearer, except from straight ahead, where the arms lie in front of the
	// trunk.
	const isFront = yaw > 45;
	const layers = isFront
		? [[...leg(joints.left), ...leg(joints.right), ...trunk], arm(joints.left), arm(joints.right)]
		: [arm(joints.left), leg(joints.left), [...trunk, ...leg(joints.right)], arm(joints.right)];
	const up = (isFront ? 0.032 : 0.02) * H;
	const hair: RoundedShape = {
		part: 'hair',
		outline: around([
			circle(backOf(joints, 0.012 * H, up), R.hair),
			circle(backOf(joints, 0.02 * H, isFront ? up : -0.006 * H), R.hair * 0.82)
		])
	};
	const toViewer = (p: Point3) => (p.x - joints.skull.x) * sin + (p.z - joints.skull.z) * cos;
	const eyes = joints.eyes.filter((eye) => toViewer(eye) > 0.012 * H).map(seen);
	return {
		layers,
		hair,
		isHairBehind: isFront,
		eyes,
		props: drawn.flatMap((prop) => propLines(prop, joints, H, seen))
	};
}

/** A point on the back of the skull. */
function backOf({ skull, nose }: Joints, back: number, up: number): Point3 {
	const d = Math.hypot(nose.x - skull.x, nose.z - skull.z) || 1;
	return {
		x: skull.x - ((nose.x - skull.x) / d) * back,
		y: skull.y + up,
		z: skull.z - ((nose.z - skull.z) / d) * back
	};
}
