import type { BodyCondition } from '$lib/core/breaks/choose-exercise-set';

/** Someone whom nothing keeps from any exercise. */
export const SOUND_BODY: BodyCondition = {
	worst: {},
	signs: [],
	hasOtherSign: false,
	hasUrgentSign: false,
	isInWheelchair: false,
	care: [],
	arms: 'both',
	dropped: []
};
