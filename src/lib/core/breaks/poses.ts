import type { ExerciseId, PhaseId, ExerciseSide } from './exercise';
import { mirrorPose, type ArmPose, type LegPose, type Pose } from './skeleton';
import { point3 } from './space';

/** An object drawn with an exercise. */
export type DrawingProp =
	| 'stool'
	| 'wheelchair'
	| 'doorway'
	| 'chair-for-heel'
	| 'chair-to-hold'
	| 'stairs'
	| 'far-point';

/** How an exercise is drawn: the view, the objects and the phases. The angles are ours and serve the drawing only. */
export interface ExerciseDrawing {
	/** The view, degrees: 0 from the right, 90 from the front. */
	readonly yaw: number;
	readonly props: readonly DrawingProp[];
	/** As done on the right side, or on both. */
	readonly phases: Readonly<Partial<Record<PhaseId, Pose>>>;
}

const FLAT_FOOT = [75, 0] as const;
const SITTING: LegPose = { thigh: [90, 7], shank: [2, 2], foot: FLAT_FOOT };
const STANDING: LegPose = { thigh: [2, 3], shank: [-3, 1], foot: FLAT_FOOT };
const HANGS: ArmPose = { upper: [2, 8], fore: [8, 3], hand: [10, 2] };
const ON_THIGH: ArmPose = { upper: [14, 8], fore: [62, -8], hand: [78, -4] };

const sits = (arm: ArmPose = ON_THIGH): Pose => ({
	trunk: [0, 0],
	head: [2, 0],
	headBack: 0,
	shouldersBack: 0,
	arch: 0,
	twist: 0,
	right: { arm, leg: SITTING },
	left: { arm, leg: SITTING }
});

const stands = (arm: ArmPose = HANGS): Pose => ({
	...sits(arm),
	right: { arm, leg: STANDING },
	left: { arm, leg: STANDING }
});

const withRight = (pose: Pose, arm: ArmPose): Pose => ({ ...pose, right: { ...pose.right, arm } });
const withBoth = (pose: Pose, arm: ArmPose): Pose => ({
	...pose,
	right: { ...pose.right, arm },
	left: { ...pose.left, arm }
});

const FINGER_AT_CHIN: ArmPose = {
	reachesFor: { from: 'chin', by: point3(0.062, -0.062, 0.02) },
	elbow: point3(0.4, -1, 0.5),
	hand: [225, -10]
};
/** The hand reaches over the head to the other temple. */
const HELPS: ArmPose = {
	reachesFor: { from: 'temple', by: point3(-0.02, 0.09, 0.075) },
	elbow: point3(-0.5, 0, 1),
	hand: [40, -60]
};
const CLASPED = (side: 1 | -1): ArmPose => ({
	reachesFor: { from: 'hip', by: point3(-0.15, 0.075, side * 0.02) },
	elbow: point3(-0.5, 0, side),
	hand: [-30, -18]
});
const PALMS_OUT: ArmPose = { upper: [-16, 16], fore: [2, 32], hand: [4, 78], thumb: [168, 46] };
const FORWARD: Omit<Extract<ArmPose, { upper: unknown }>, 'hand'> = { upper: [66, -16], fore: [84, -36] };
const DRAWS: ArmPose = {
	reachesFor: { from: 'other-hand', by: point3(-0.03, 0, -0.015) },
	elbow: point3(-0.2, -1, -0.6),
	hand: [84, -20]
};

const weightOver: Pose = {
	...sits(),
	trunk: [4, 20],
	head: [2, 6],
	right: { arm: { upper: [26, -8], fore: [58, -16], hand: [78, -6] }, leg: SITTING },
	left: { arm: { upper: [10, -2], fore: [64, -10], hand: [78, -4] }, leg: SITTING }
};

const LEVEL: ArmPose = { upper: [70, 86], fore: [178, 4], hand: [178, 2] };
const HIGH: ArmPose = { upper: [172, 58], fore: [178, 6], hand: [178, 3] };
const ahead = (pose: Pose, trunk: number, step: number): Pose => ({
	...pose,
	trunk: [trunk, 0],
	head: [trunk * 0.5, 0],
	right: { ...pose.right, leg: { thigh: [10 + step, 3], shank: [-2 + step * 0.2, 1], foot: FLAT_FOOT } },
	left: { ...pose.left, leg: { thigh: [-8 - step * 0.5, 3], shank: [-14 - step * 0.4, 1], foot: FLAT_FOOT } }
});

const heelUp = (lean: number): Pose => ({
	...stands(),
	trunk: [lean, 0],
	head: [lean * 0.8, 0],
	right: {
		arm: { upper: [24 + lean, 6], fore: [38 + lean, -4], hand: [46 + lean, 0] },
		leg: { thigh: [63, 2], shank: [63, 2], foot: [150, 0] }
	},
	left: {
		arm: { upper: [20 + lean, 6], fore: [34 + lean, -4], hand: [40 + lean, 0] },
		leg: { thigh: [-3, 3], shank: [-5, 1], foot: FLAT_FOOT }
	}
});

const withLegs = (pose: Pose, right: LegPose, left: LegPose = right): Pose => ({
	...pose,
	right: { ...pose.right, leg: right },
	left: { ...pose.left, leg: left }
});

/** Hands on the back of a chair in front. */
const HOLDS: ArmPose = { upper: [22, 8], fore: [74, -2], hand: [84, 0] };
const legWith = (leg: LegPose, foot: number): LegPose => ({ ...leg, foot: [foot, 0] });

/** A stride on the flat, or up a step. */
const strides: Pose = {
	...stands(),
	trunk: [4, 0],
	right: {
		arm: { upper: [-20, 5], fore: [8, 0], hand: [12, 0] },
		leg: { thigh: [26, 2], shank: [4, 1], foot: [88, 0] }
	},
	left: {
		arm: { upper: [24, 5], fore: [56, 0], hand: [60, 0] },
		leg: { thigh: [-14, 2], shank: [-30, 1], foot: [48, 0] }
	}
};

/** How each exercise is drawn. */
export const EXERCISE_DRAWINGS: Readonly<Record<ExerciseId, ExerciseDrawing>> = {
	'far-look': { yaw: 20, props: ['stool', 'far-point'], phases: { hold: sits() } },
	'chin-back': {
		yaw: 12,
		props: ['stool'],
		phases: {
			begin: withRight({ ...sits(), head: [8, 0], headBack: -0.038 }, FINGER_AT_CHIN),
			hold: withRight({ ...sits(), head: [0, 0], headBack: 0.016 }, FINGER_AT_CHIN)
		}
	},
	'neck-side': {
		yaw: 66,
		props: ['stool'],
		phases: {
			begin: sits(HANGS),
			hold: withRight({ ...sits(HANGS), head: [0, 34] }, HELPS)
		}
	},
	'shoulder-rolls': {
		yaw: 24,
		props: ['stool'],
		phases: {
			begin: { ...sits(HANGS), head: [6, 0], shouldersBack: -0.03 },
			hold: { ...sits(HANGS), shouldersBack: 0.03 }
		}
	},
	'chest-open': {
		yaw: 18,
		props: ['stool'],
		phases: {
			begin: sits(),
			hold: {
				...sits(),
				trunk: [-5, 0],
				head: [-2, 0],
				shouldersBack: 0.024,
				right: { arm: CLASPED(1), leg: SITTING },
				left: { arm: CLASPED(-1), leg: SITTING }
			}
		}
	},
	'palms-out': {
		yaw: 62,
		props: ['stool'],
		phases: {
			begin: withBoth(sits(), { upper: [6, 8], fore: [70, -14], hand: [82, -10], thumb: [130, -20] }),
			hold: { ...withBoth(sits(), PALMS_OUT), shouldersBack: 0.02 }
		}
	},
	forearm: {
		yaw: 22,
		props: ['stool'],
		phases: {
			hold: {
				...sits(),
				right: { arm: { ...FORWARD, hand: [12, 0], thumb: [40, 62] }, leg: SITTING },
				left: { arm: DRAWS, leg: SITTING }
			},
			'hold-2': {
				...sits(),
				right: { arm: { ...FORWARD, hand: [-8, 0], thumb: [20, -62] }, leg: SITTING },
				left: { arm: DRAWS, leg: SITTING }
			}
		}
	},
	thumbs: {
		yaw: 50,
		props: ['stool'],
		phases: {
			hold: withBoth(sits(), { upper: [10, 10], fore: [82, 6], hand: [92, 4], thumb: [160, 20] })
		}
	},
	'seated-arch': {
		yaw: 6,
		props: ['stool'],
		phases: {
			begin: { ...sits(), trunk: [10, 0], head: [24, 0], arch: -0.05, shouldersBack: -0.02 },
			hold: { ...sits(), trunk: [2, 0], head: [-8, 0], arch: 0.035, shouldersBack: 0.024 }
		}
	},
	'seated-turn': {
		yaw: 56,
		props: ['stool'],
		phases: {
			begin: sits(),
			hold: {
				...sits(),
				twist: 52,
				right: { arm: { upper: [-26, 16], fore: [-8, 10], hand: [0, 8] }, leg: SITTING },
				left: { arm: { upper: [38, -8], fore: [58, -4], hand: [72, 0] }, leg: SITTING }
			}
		}
	},
	'seated-march': {
		yaw: 12,
		props: ['stool'],
		phases: {
			begin: sits(HANGS),
			hold: withLegs(sits(HANGS), { thigh: [122, 7], shank: [8, 2], foot: FLAT_FOOT }, SITTING)
		}
	},
	'hip-front': {
		yaw: 0,
		props: ['chair-to-hold'],
		phases: {
			begin: stands(HOLDS),
			hold: withLegs(
				{ ...stands(HOLDS), trunk: [-3, 0] },
				{ thigh: [-24, 3], shank: [-36, 1], foot: [38, 0] },
				{ thigh: [24, 3], shank: [-10, 1], foot: FLAT_FOOT }
			)
		}
	},
	'knee-straight': {
		yaw: 12,
		props: ['stool'],
		phases: {
			begin: sits(HANGS),
			hold: withLegs(sits(HANGS), { thigh: [92, 7], shank: [84, 2], foot: [168, 0] }, SITTING)
		}
	},
	'ankle-pumps': {
		yaw: 12,
		props: ['stool'],
		phases: {
			begin: withLegs(sits(), legWith(SITTING, 112)),
			hold: withLegs(sits(), legWith(SITTING, 42))
		}
	},
	'calf-raises': {
		yaw: 0,
		props: ['chair-to-hold'],
		phases: {
			begin: stands(HOLDS),
			hold: withLegs(stands(HOLDS), legWith(STANDING, 34))
		}
	},
	'thigh-back': { yaw: 0, props: ['chair-for-heel'], phases: { begin: heelUp(4), hold: heelUp(28) } },
	'doorway-level': {
		yaw: 52,
		props: ['doorway'],
		phases: { begin: ahead(stands(LEVEL), -2, 4), hold: ahead(stands(LEVEL), 9, 14) }
	},
	'doorway-high': {
		yaw: 52,
		props: ['doorway'],
		phases: { begin: ahead(stands(HIGH), -2, 4), hold: ahead(stands(HIGH), 9, 14) }
	},
	'weight-shift': { yaw: 78, props: ['stool'], phases: { begin: sits(), hold: weightOver } },
	change: { yaw: 78, props: ['stool'], phases: { hold: weightOver } },
	'stand-up': { yaw: 20, props: ['far-point'], phases: { hold: stands() } },
	walk: { yaw: 0, props: [], phases: { hold: strides } },
	stairs: {
		yaw: 0,
		props: ['stairs'],
		phases: {
			hold: withLegs(
				strides,
				{ thigh: [46, 2], shank: [-14, 1], foot: FLAT_FOOT },
				{ thigh: [-10, 2], shank: [-16, 1], foot: [62, 0] }
			)
		}
	}
};

/** The pose of a phase on a side; the phase before it where the exercise has none of that name. */
export function poseOf(exercise: ExerciseId, phase: PhaseId, side: ExerciseSide): Pose {
	const { phases } = EXERCISE_DRAWINGS[exercise];
	const pose = phases[phase] ?? phases.hold ?? sits();
	return side === 'left' ? mirrorPose(pose) : pose;
}
