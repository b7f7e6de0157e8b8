import { DEFAULT_BREAK_SCHEDULE } from '../../src/lib/core/breaks/break-schedules';
import type { BreakProfile } from '../../src/lib/core/breaks/break-profile';
import type { BreakCallbacks } from '../../src/lib/ui/breaks/break-run.svelte';
import { BreaksDay } from '../../src/lib/ui/breaks/breaks-day.svelte';
import { MemoryStorage } from './memory-storage';

export const PROFILE: BreakProfile & { token: string } = {
	token: 'abc',
	sentBreakSchedule: DEFAULT_BREAK_SCHEDULE,
	chosenBreakSchedule: null,
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
	const visit = new BreaksDay(() => profile);
	visit.today = '2026-11-25';
	visit.open(new MemoryStorage());
	return visit;
};

export const quiet: BreakCallbacks = { changed: () => {}, due: () => {}, took: () => {} };

export const at = (clock: string) => new Date(`2026-11-25T${clock}`);
