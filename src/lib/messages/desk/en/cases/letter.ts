import type { CheckId } from '$lib/core/workstation/checks/check-values';
import type { Corner } from '$lib/core/workstation/corner/corner';
import type { SeatKind } from '$lib/core/workstation/corner/vocabulary';
import type { ConsentWay } from '$lib/core/cases/referral/consent';

/** The referral letter, in a clinician's words. */
export const letterTexts = {
	/** How the person gave consent. */
	consent: {
		spoken: 'gave verbal consent to this referral',
		written: 'gave written consent to this referral'
	} satisfies Record<ConsentWay, string>,
	/** What a misfit does to the posture. Common practice. */
	loads: {
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
	} satisfies Record<CheckId, Record<'low' | 'high', string>>,
	/** The working posture, for use within a sentence. */
	postures: { sitting: 'sitting', standing: 'standing' } satisfies Record<Corner['spot']['posture'], string>,
	seats: {
		chair: 'on a chair',
		stool: 'on a stool',
		ball: 'on an exercise ball',
		wheelchair: 'in a wheelchair',
		sofa: 'on a sofa',
		bed: 'on a bed',
		saddle: 'on a saddle seat',
		kneeling: 'on a kneeling chair',
		floor: 'on the floor'
	} satisfies Record<SeatKind, string>
};
