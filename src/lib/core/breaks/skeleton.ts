import { SEGMENT_OF_STATURE as PART } from '../body/proportions';
import {
	distanceBetween,
	point3,
	hangingDirection,
	subtractPoints,
	addPoints,
	solveReach,
	scalePoint,
	uprightDirection,
	type Point3,
	type LimbTurn
} from './space';

/** An arm, given by the directions of its parts or by what the wrist reaches for. */
export type ArmPose =
	| { readonly upper: LimbTurn; readonly fore: LimbTurn; readonly hand: LimbTurn; readonly thumb?: LimbTurn }
	| {
			/** Where the wrist is relative to a body point, in fractions of stature. */
			readonly reachesFor: { readonly from: 'chin' | 'hip' | 'temple' | 'other-hand'; readonly by: Point3 };
			/** The direction of the elbow. */
			readonly elbow: Point3;
			readonly hand: LimbTurn;
	  };

/** A leg, given by the directions of its parts. */
export interface LegPose {
	readonly thigh: LimbTurn;
	readonly shank: LimbTurn;
	readonly foot: LimbTurn;
}

/** A pose: directions of the body parts in degrees, and shifts in fractions of stature. */
export interface Pose {
	readonly trunk: LimbTurn;
	readonly head: LimbTurn;
	/** Head drawn straight back; negative is forward. */
	readonly headBack: number;
	/** Shoulder blades drawn back. */
	readonly shouldersBack: number;
	/** Lower back arched forward; negative is rounded. */
	readonly arch: number;
	/** Rotation of everything above the hips to the right, degrees. */
	readonly twist: number;
	readonly right: { readonly arm: ArmPose; readonly leg: LegPose };
	readonly left: { readonly arm: ArmPose; readonly leg: LegPose };
}

/** The joints of one side of the body. */
export interface SideJoints {
	readonly shoulder: Point3;
	readonly elbow: Point3;
	readonly wrist: Point3;
	readonly fingertips: Point3;
	/** Null where the thumb is not drawn separately. */
	readonly thumbTip: Point3 | null;
	readonly hip: Point3;
	readonly knee: Point3;
	readonly ankle: Point3;
	readonly toes: Point3;
}

/** Joint positions, mm, with the floor at y = 0. */
export interface Joints {
	readonly pelvis: Point3;
	readonly neckBase: Point3;
	/** Half-way up the trunk; an arch moves it forward. */
	readonly waist: Point3;
	/** The middle of the skull. */
	readonly skull: Point3;
	readonly chin: Point3;
	/** The tip of the nose, which shows where the face points. */
	readonly nose: Point3;
	/** Right, then left. */
	readonly eyes: readonly [Point3, Point3];
	readonly right: SideJoints;
	readonly left: SideJoints;
}

/** Segment lengths as fractions of stature: those of the side view, and proportions of our own where it has none. */
export const LIMB_FRACTIONS = {
	trunk: PART.shoulderHeight - PART.hipHeight,
	neck: 0.105,
	upperArm: PART.upperArm,
	forearm: PART.forearm,
	hand: PART.hand * 0.85,
	thumb: 0.07,
	thigh: PART.thigh,
	shank: PART.hipHeight - PART.thigh - PART.ankleHeight,
	foot: 0.115
} as const;

/** Half the distance between the shoulders, and between the hips; proportions of our own. */
const HALF = { shoulders: 0.105, hips: 0.05 } as const;

/** Height of the toe tip of a foot that stands flat. Our assumption. */
const TOES_HIGH = 0.0092;

/** From the middle of the skull to the chin and the nose: forward, up. Our assumption. */
const FACE = { chin: [0.03, -0.08], nose: [0.066, -0.012], eye: [0.046, 0.004], temple: 0.045 } as const;

type SideName = 'right' | 'left';

/** The leg joints, standing on the floor: the lower foot is flat or on its toes, so that nobody floats. */
function legsOf(pose: Pose, H: number) {
	const hung = ([name, side]: readonly [SideName, 1 | -1]) => {
		const { thigh, shank, foot } = pose[name].leg;
		const hip = point3(0, 0, side * HALF.hips * H);
		const knee = addPoints(hip, scalePoint(hangingDirection(thigh, side), LIMB_FRACTIONS.thigh * H));
		const ankle = addPoints(knee, scalePoint(hangingDirection(shank, side), LIMB_FRACTIONS.shank * H));
		return {
			hip,
			knee,
			ankle,
			toes: addPoints(ankle, scalePoint(hangingDirection(foot, side), LIMB_FRACTIONS.foot * H))
		};
	};
	const [right, left] = [hung(['right', 1]), hung(['left', -1])];
	const lift = Math.max(
		PART.ankleHeight * H - Math.min(right.ankle.y, left.ankle.y),
		TOES_HIGH * H - Math.min(right.toes.y, left.toes.y)
	);
	const up = (p: Point3) => point3(p.x, p.y + lift, p.z);
	const raised = (leg: typeof right) => ({
		hip: up(leg.hip),
		knee: up(leg.knee),
		ankle: up(leg.ankle),
		toes: up(leg.toes)
	});
	return { pelvis: point3(0, lift, 0), right: raised(right), left: raised(left) };
}

/** The points of the head. */
function headOf(pose: Pose, neckBase: Point3, H: number) {
	const up = uprightDirection(pose.head);
	const ahead = uprightDirection([pose.head[0] + 90, 0]);
	const skull = addPoints(
		addPoints(neckBase, scalePoint(up, LIMB_FRACTIONS.neck * H)),
		point3(-pose.headBack * H, 0, 0)
	);
	const onFace = ([forward, high]: readonly [number, number]) =>
		addPoints(skull, addPoints(scalePoint(ahead, forward * H), scalePoint(up, high * H)));
	const eye = (side: 1 | -1) => addPoints(onFace(FACE.eye), point3(0, 0, side * 0.021 * H));
	return { skull, chin: onFace(FACE.chin), nose: onFace(FACE.nose), eyes: [eye(1), eye(-1)] as const };
}

type ArmJoints = Pick<SideJoints, 'shoulder' | 'elbow' | 'wrist' | 'fingertips' | 'thumbTip'>;

/**
 * The joints of an arm.
 * @param places what it may reach for
 */
function armOf(
	arm: ArmPose,
	side: 1 | -1,
	shoulder: Point3,
	places: Record<'chin' | 'hip' | 'skull' | 'other-hand', Point3>,
	H: number
): ArmJoints {
	if ('upper' in arm) {
		const elbow = addPoints(
			shoulder,
			scalePoint(hangingDirection(arm.upper, side), LIMB_FRACTIONS.upperArm * H)
		);
		const wrist = addPoints(elbow, scalePoint(hangingDirection(arm.fore, side), LIMB_FRACTIONS.forearm * H));
		const fingertips = addPoints(
			wrist,
			scalePoint(hangingDirection(arm.hand, side), LIMB_FRACTIONS.hand * H)
		);
		const thumbTip = arm.thumb
			? addPoints(wrist, scalePoint(hangingDirection(arm.thumb, side), LIMB_FRACTIONS.thumb * H))
			: null;
		return { shoulder, elbow, wrist, fingertips, thumbTip };
	}
	const { from, by } = arm.reachesFor;
	// The hand supports the head from its far side.
	const place =
		from === 'temple' ? addPoints(places.skull, point3(0, 0, -side * FACE.temple * H)) : places[from];
	const lengths = [LIMB_FRACTIONS.upperArm * H, LIMB_FRACTIONS.forearm * H] as const;
	const [elbow, wrist] = solveReach(shoulder, addPoints(place, scalePoint(by, H)), lengths, arm.elbow);
	const fingertips = addPoints(wrist, scalePoint(hangingDirection(arm.hand, side), LIMB_FRACTIONS.hand * H));
	return { shoulder, elbow, wrist, fingertips, thumbTip: null };
}

const reachesOther = ({ arm }: Pose['right']) => 'reachesFor' in arm && arm.reachesFor.from === 'other-hand';

/** The joints of a pose. @param stature mm */
export function jointsOf(pose: Pose, stature: number): Joints {
	const H = stature;
	const { pelvis, ...legs } = legsOf(pose, H);
	const neckBase = addPoints(pelvis, scalePoint(uprightDirection(pose.trunk), LIMB_FRACTIONS.trunk * H));
	const head = headOf(pose, neckBase, H);
	const shoulderOf = (side: 1 | -1) => {
		// Across the trunk: level when the trunk is upright, and leaning with it.
		const across = hangingDirection([0, 90 - pose.trunk[1] * side], side);
		return addPoints(
			addPoints(neckBase, scalePoint(across, HALF.shoulders * H)),
			point3(-pose.shouldersBack * H, -0.012 * H, 0)
		);
	};
	const armAt = (name: SideName, side: 1 | -1, other: Point3) =>
		armOf(
			pose[name].arm,
			side,
			shoulderOf(side),
			{ chin: head.chin, hip: pelvis, skull: head.skull, 'other-hand': other },
			H
		);
	// An arm that reaches for the other one is placed after it.
	const isRightSecond = reachesOther(pose.right);
	const first = isRightSecond ? armAt('left', -1, pelvis) : armAt('right', 1, pelvis);
	const second = isRightSecond ? armAt('right', 1, first.fingertips) : armAt('left', -1, first.fingertips);
	const [right, left] = isRightSecond ? [second, first] : [first, second];
	const waist = addPoints(scalePoint(addPoints(pelvis, neckBase), 0.5), point3(pose.arch * H, 0, 0));
	const turned = turnedAbout(pelvis, pose.twist);
	const armTurned = (arm: ArmJoints): ArmJoints => ({
		shoulder: turned(arm.shoulder),
		elbow: turned(arm.elbow),
		wrist: turned(arm.wrist),
		fingertips: turned(arm.fingertips),
		thumbTip: arm.thumbTip && turned(arm.thumbTip)
	});
	return {
		pelvis,
		neckBase: turned(neckBase),
		waist: turned(waist),
		skull: turned(head.skull),
		chin: turned(head.chin),
		nose: turned(head.nose),
		eyes: [turned(head.eyes[0]), turned(head.eyes[1])],
		right: { ...armTurned(right), ...legs.right },
		left: { ...armTurned(left), ...legs.left }
	};
}

/**
 * Rotates points to the right about the vertical through one of them.
 * @param degrees angle
 */
function turnedAbout(middle: Point3, degrees: number): (p: Point3) => Point3 {
	const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
	return (p) => {
		const { x, y, z } = subtractPoints(p, middle);
		return addPoints(middle, point3(x * cos - z * sin, y, x * sin + z * cos));
	};
}

/** Limb lengths of a pose, mm, by name: the same in every pose of one person. */
export function limbLengths(joints: Joints): Readonly<Record<string, number>> {
	const of = (name: SideName) => {
		const s = joints[name];
		return {
			[`${name} upper arm`]: distanceBetween(s.shoulder, s.elbow),
			[`${name} forearm`]: distanceBetween(s.elbow, s.wrist),
			[`${name} hand`]: distanceBetween(s.wrist, s.fingertips),
			[`${name} thigh`]: distanceBetween(s.hip, s.knee),
			[`${name} shank`]: distanceBetween(s.knee, s.ankle),
			[`${name} foot`]: distanceBetween(s.ankle, s.toes)
		};
	};
	return { trunk: distanceBetween(joints.pelvis, joints.neckBase), ...of('right'), ...of('left') };
}

const between = (a: number, b: number, share: number) => a + (b - a) * share;

const turnBetween = (a: LimbTurn, b: LimbTurn, share: number): LimbTurn => [
	between(a[0], b[0], share),
	between(a[1], b[1], share)
];

function armBetween(a: ArmPose, b: ArmPose, share: number): ArmPose {
	if ('upper' in a && 'upper' in b)
		return {
			upper: turnBetween(a.upper, b.upper, share),
			fore: turnBetween(a.fore, b.fore, share),
			hand: turnBetween(a.hand, b.hand, share),
			...(a.thumb && b.thumb ? { thumb: turnBetween(a.thumb, b.thumb, share) } : {})
		};
	if ('reachesFor' in a && 'reachesFor' in b && a.reachesFor.from === b.reachesFor.from)
		return {
			...b,
			reachesFor: {
				from: b.reachesFor.from,
				by: addPoints(a.reachesFor.by, scalePoint(subtractPoints(b.reachesFor.by, a.reachesFor.by), share))
			}
		};
	// Nothing between hanging and reaching is worth showing.
	return share < 0.5 ? a : b;
}

/**
 * The pose at a share of the way from one to another; segments keep their lengths throughout.
 * @param share 0 to 1
 */
export function interpolatePose(a: Pose, b: Pose, share: number): Pose {
	const side = (name: SideName) => ({
		arm: armBetween(a[name].arm, b[name].arm, share),
		leg: {
			thigh: turnBetween(a[name].leg.thigh, b[name].leg.thigh, share),
			shank: turnBetween(a[name].leg.shank, b[name].leg.shank, share),
			foot: turnBetween(a[name].leg.foot, b[name].leg.foot, share)
		}
	});
	return {
		trunk: turnBetween(a.trunk, b.trunk, share),
		head: turnBetween(a.head, b.head, share),
		headBack: between(a.headBack, b.headBack, share),
		shouldersBack: between(a.shouldersBack, b.shouldersBack, share),
		arch: between(a.arch, b.arch, share),
		twist: between(a.twist, b.twist, share),
		right: side('right'),
		left: side('left')
	};
}

/** The pose mirrored: what is held on the left is held on the right. */
export function mirrorPose(pose: Pose): Pose {
	const arm = (of: ArmPose): ArmPose =>
		'reachesFor' in of
			? {
					...of,
					reachesFor: {
						...of.reachesFor,
						by: point3(of.reachesFor.by.x, of.reachesFor.by.y, -of.reachesFor.by.z)
					},
					elbow: point3(of.elbow.x, of.elbow.y, -of.elbow.z)
				}
			: of;
	return {
		...pose,
		trunk: [pose.trunk[0], -pose.trunk[1]],
		head: [pose.head[0], -pose.head[1]],
		twist: -pose.twist,
		right: { arm: arm(pose.left.arm), leg: pose.left.leg },
		left: { arm: arm(pose.right.arm), leg: pose.right.leg }
	};
}
