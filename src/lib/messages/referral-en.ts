import type { CheckId, CheckResult } from '$lib/core/checks';
import type { Corner, SeatKind } from '$lib/core/corner';
import type { RegionReport } from '$lib/core/discomfort';
import type { ConsentWay } from '$lib/core/referral';

type Posture = Corner['spot']['posture'];

/** How the person agreed, as the letter says it. */
export const consentEn: Readonly<Record<ConsentWay, string>> = {
	spoken: 'gave verbal consent to this referral',
	written: 'gave written consent to this referral'
};

/** What a misfit does to the posture, in a clinician's words. Common practice. */
const LOADS: Readonly<Record<CheckId, Readonly<Record<'low' | 'high', string>>>> = {
	knee: {
		low: 'hips and knees flexed beyond a right angle',
		high: 'feet unsupported, pressure under the thighs'
	},
	elbow: {
		low: 'shoulders raised or wrists extended while typing',
		high: 'trunk and neck flexed to reach the keys'
	},
	eye: { low: 'neck flexed to look at the screen', high: 'neck extended to look at the screen' },
	thigh: { low: 'no clearance for the thighs', high: 'no load' }
};

/** What a check that is off means for the posture; empty where it fits or is not sure. */
export function loadEn({ id, value, low, verdict }: CheckResult): string {
	return verdict === 'off' ? LOADS[id][value < low ? 'low' : 'high'] : '';
}

/** The working posture, for use within a sentence. */
export const postureEn: Readonly<Record<Posture, string>> = { sitting: 'sitting', standing: 'standing' };

/** What carries them. */
export const seatEn: Readonly<Record<SeatKind, string>> = {
	chair: 'on a chair',
	stool: 'on a stool',
	ball: 'on an exercise ball',
	wheelchair: 'in a wheelchair',
	sofa: 'on a sofa',
	bed: 'on a bed',
	saddle: 'on a saddle seat',
	kneeling: 'on a kneeling chair',
	floor: 'on the floor'
};

/** The same place and side in two reports. */
export const isSamePlace = (
	a: Pick<RegionReport, 'region' | 'side'>,
	b: Pick<RegionReport, 'region' | 'side'>
) => a.region === b.region && a.side === b.side;
