import type { ExerciseId, PhaseId, Side } from './exercise';
import { mirrored, type ArmPose, type LegPose, type Pose } from './skeleton';
import { at } from './space';

/** What an exercise is drawn with. */
export type Prop = 'stool' | 'wheelchair' | 'doorway' | 'chair-for-heel' | 'stairs' | 'far-point';

/** How an exercise is drawn: from where it is seen, with what, and its phases. Angles of ours, for drawings and no more. */
export interface Drawn {
	/** From where it is seen, degrees: 0 from the right, 90 from the front. */
	readonly yaw: number;
	readonly props: readonly Prop[];
	/** As it is done on the right side, or on both. */
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
	reachesFor: { from: 'chin', by: at(0.062, -0.062, 0.02) },
	elbow: at(0.4, -1, 0.5),
	hand: [225, -10]
};
/** The hand over the head to the other temple. */
const HELPS: ArmPose = {
	reachesFor: { from: 'temple', by: at(-0.02, 0.09, 0.075) },
	elbow: at(-0.5, 0, 1),
	hand: [40, -60]
};
const CLASPED = (side: 1 | -1): ArmPose => ({
	reachesFor: { from: 'hip', by: at(-0.15, 0.075, side * 0.02) },
	elbow: at(-0.5, 0, side),
	hand: [-30, -18]
});
const PALMS_OUT: ArmPose = { upper: [-14, 14], fore: [48, 52], hand: [66, 72], thumb: [120, 88] };
const FORWARD: Omit<Extract<ArmPose, { upper: unknown }>, 'hand'> = { upper: [50, -4], fore: [76, -34] };
const DRAWS: ArmPose = {
	reachesFor: { from: 'other-hand', by: at(0, 0.02, -0.015) },
	elbow: at(0.2, -1, -0.6),
	hand: [95, -55]
};

const weightOver: Pose = {
	...sits(),
	trunk: [4, 20],
	head: [2, 6],
	right: { arm: { upper: [8, 26], fore: [58, 4], hand: [78, 0] }, leg: SITTING },
	left: { arm: { upper: [10, -2], fore: [64, -10], hand: [78, -4] }, leg: SITTING }
};

const LEVEL: ArmPose = { upper: [70, 86], fore: [178, 4], hand: [178, 2] };
const HIGH: ArmPose = { upper: [176, 52], fore: [178, 34], hand: [178, 26] };
const ahead = (pose: Pose, trunk: number, step: number): Pose => ({
	...pose,
	trunk: [trunk, 0],
	head: [trunk * 0.5, 0],
	right: { ...pose.right, leg: { thigh: [10 + step, 3], shank: [-2 + step * 0.2, 1], foot: FLAT_FOOT } },
	left: { ...pose.left, leg: { thigh: [-8 - step * 0.5, 3], shank: [-14 - step * 0.4, 1], foot: FLAT_FOOT } }
});

const heelUp = (lean: number): Pose => ({
	trunk: [lean, 0],
	head: [lean * 0.8, 0],
	headBack: 0,
	shouldersBack: 0,
	right: {
		arm: { upper: [24 + lean, 6], fore: [38 + lean, -4], hand: [46 + lean, 0] },
		leg: { thigh: [63, 2], shank: [63, 2], foot: [150, 0] }
	},
	left: {
		arm: { upper: [20 + lean, 6], fore: [34 + lean, -4], hand: [40 + lean, 0] },
		leg: { thigh: [-3, 3], shank: [-5, 1], foot: FLAT_FOOT }
	}
});

/** How each exercise is drawn. */
export const DRAWN_EXERCISE: Readonly<Record<ExerciseId, Drawn>> = {
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
				right: { arm: { ...FORWARD, hand: [14, 0], thumb: [60, 70] }, leg: SITTING },
				left: { arm: DRAWS, leg: SITTING }
			},
			'hold-2': {
				...sits(),
				right: { arm: { ...FORWARD, hand: [6, 0], thumb: [40, -70] }, leg: SITTING },
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
	'weight-shift': { yaw: 78, props: ['wheelchair'], phases: { begin: sits(), hold: weightOver } },
	walk: {
		yaw: 0,
		props: ['stairs'],
		phases: {
			hold: {
				...stands(),
				trunk: [5, 0],
				right: {
					arm: { upper: [-22, 5], fore: [10, 0], hand: [14, 0] },
					leg: { thigh: [46, 2], shank: [-14, 1], foot: FLAT_FOOT }
				},
				left: {
					arm: { upper: [26, 5], fore: [58, 0], hand: [62, 0] },
					leg: { thigh: [-10, 2], shank: [-16, 1], foot: [62, 0] }
				}
			}
		}
	}
};

/** The pose of a phase on a side; of the phase before it where the exercise has none of that name. */
export function poseOf(exercise: ExerciseId, phase: PhaseId, side: Side): Pose {
	const { phases } = DRAWN_EXERCISE[exercise];
	const pose = phases[phase] ?? phases.hold ?? sits();
	return side === 'left' ? mirrored(pose) : pose;
}
