import { breakIntervalsFor } from '../src/lib/core/breaks/break-schedules';
import { chooseExerciseSet } from '../src/lib/core/breaks/choose-exercise-set';
import { planDay, type BusyTime } from '../src/lib/core/breaks/day-plan';
import { measure } from './measure';

/** Eight hours with twelve meetings, some minutes later on each day. */
const days: readonly (readonly BusyTime[])[] = Array.from({ length: 200 }, (_, n) =>
	Array.from({ length: 12 }, (_day, i) => ({
		from: 515 + (n % 15) + i * 38,
		to: 535 + (n % 15) + i * 38,
		isCall: i % 3 === 0
	}))
);

/** Plans days and chooses sets: what a page does at each change. */
export function benchMoving(): void {
	const beats = breakIntervalsFor('small-changes', { hurts: ['neck', 'eyes'], isLaptopAlone: true });
	measure('moving: 8 hours with 12 meetings, 4 kinds of break, half standing', 'ms', days, (busy) =>
		planDay({
			day: { from: 510, to: 990 },
			lunch: { from: 720, to: 750 },
			busy,
			walksCalls: true,
			beats,
			places: [
				{ number: 1, posture: 'sitting' },
				{ number: 2, posture: 'standing' }
			],
			share: 'half',
			changesOften: false
		})
	);
	measure('moving: the set of a break of three minutes', 'ms', days, () =>
		chooseExerciseSet({
			kind: 'up',
			seconds: 180,
			body: {
				worst: { neck: 5, 'wrist-hand': 3 },
				signs: [],
				hasOtherSign: false,
				hasUrgentSign: false,
				care: [],
				arms: 'both',
				isInWheelchair: false,
				dropped: []
			},
			positions: ['seated', 'standing', 'doorway'],
			sinceMin: {}
		})
	);
}
