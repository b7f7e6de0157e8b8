import type { Bodily } from '$lib/core/moving';

/** Somebody whom nothing keeps from any exercise. */
export const SOUND_BODY: Bodily = {
	worst: {},
	signs: [],
	hasOtherSign: false,
	hasUrgentSign: false,
	isInWheelchair: false,
	care: [],
	arms: 'both',
	dropped: []
};
