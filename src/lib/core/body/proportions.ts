import type { BodyLengthName } from '../workstation/corner/vocabulary';

/** Mean and standard deviation of a body length in one sex, mm. */
export interface Distribution {
	readonly mean: number;
	readonly sd: number;
}

/** Arm lengths: they decide what is within reach; no height check rests on them. */
export type ReachLengthName = 'shoulderElbow' | 'elbowFingertip';

/**
 * British adults aged 19 to 65, mean and sd in mm. Source: Pheasant & Haslegrave, *Bodyspace*, quoted from
 * memory. Measured barefoot.
 */
export const BODYSPACE: Readonly<
	Record<'female' | 'male', Readonly<Record<BodyLengthName | ReachLengthName | 'stature', Distribution>>>
> = {
	male: {
		stature: { mean: 1740, sd: 70 },
		popliteal: { mean: 440, sd: 29 },
		sittingElbow: { mean: 245, sd: 31 },
		sittingEye: { mean: 790, sd: 35 },
		thigh: { mean: 160, sd: 15 },
		buttockPopliteal: { mean: 495, sd: 32 },
		standingElbow: { mean: 1090, sd: 52 },
		standingEye: { mean: 1630, sd: 69 },
		shoulderElbow: { mean: 365, sd: 20 },
		elbowFingertip: { mean: 475, sd: 21 }
	},
	female: {
		stature: { mean: 1610, sd: 62 },
		popliteal: { mean: 400, sd: 27 },
		sittingElbow: { mean: 235, sd: 29 },
		sittingEye: { mean: 740, sd: 33 },
		thigh: { mean: 155, sd: 17 },
		buttockPopliteal: { mean: 480, sd: 30 },
		standingElbow: { mean: 1005, sd: 46 },
		standingEye: { mean: 1505, sd: 61 },
		shoulderElbow: { mean: 330, sd: 17 },
		elbowFingertip: { mean: 430, sd: 19 }
	}
};

/**
 * How closely each length follows stature (Pearson's r within one sex). Our working assumptions, in the range of published values. Elbow
 * height can hardly be estimated from stature, so it is the first thing worth measuring.
 */
export const CORRELATION_WITH_STATURE: Readonly<Record<BodyLengthName | ReachLengthName, number>> = {
	sittingEye: 0.75,
	sittingElbow: 0.35,
	thigh: 0.35,
	buttockPopliteal: 0.65,
	popliteal: 0.8,
	standingEye: 0.97,
	standingElbow: 0.93,
	shoulderElbow: 0.79,
	elbowFingertip: 0.8
};

/**
 * Fractions of stature for segments that are only drawn, never judged. Source: Drillis & Contini 1966 as tabulated by Winter, from memory.
 */
export const SEGMENT_OF_STATURE = {
	upperArm: 0.186,
	forearm: 0.146,
	hand: 0.108,
	thigh: 0.245,
	footLength: 0.152,
	ankleHeight: 0.039,
	shoulderHeight: 0.818,
	hipHeight: 0.53,
	biacromial: 0.259,
	eyeHeight: 0.936
} as const;
