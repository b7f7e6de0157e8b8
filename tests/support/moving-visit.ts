import { MAIN_RHYTHM, type MovingProfile } from '../../src/lib/core/moving';
import type { Calls } from '../../src/lib/ui/moving/break-run.svelte';
import { MovingDay } from '../../src/lib/ui/moving/moving-day.svelte';
import { MemoryStorage } from './memory-storage';

export const PROFILE: MovingProfile & { token: string } = {
	token: 'abc',
	setRhythm: MAIN_RHYTHM,
	ownRhythm: null,
	share: 'moving',
	isShared: false,
	body: {
		worst: { neck: 4 },
		signs: [],
		hasOtherSign: false,
		hasUrgentSign: false,
		isInWheelchair: false,
		care: [],
		arms: 'both'
	},
	hurts: ['neck'],
	isLaptopAlone: false,
	places: [{ number: 1, posture: 'sitting' }]
};

export const visitOf = (profile = PROFILE) => {
	const visit = new MovingDay(() => profile);
	visit.today = '2026-11-25';
	visit.open(new MemoryStorage());
	return visit;
};

export const quiet: Calls = { changed: () => {}, due: () => {}, took: () => {} };

export const at = (clock: string) => new Date(`2026-11-25T${clock}`);
