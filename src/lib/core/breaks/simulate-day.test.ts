import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { breakIntervalsFor, BREAK_SCHEDULES } from './break-schedules';
import { NO_REPEAT_MIN, type BodyCondition } from './choose-exercise-set';
import { planDay } from './day-plan';
import { EXERCISE_RULES } from './exercise';
import { momentOfDay, simulateBreaks } from './simulate-day';

const body: BodyCondition = {
	worst: { neck: 4 },
	signs: [],
	hasOtherSign: false,
	hasUrgentSign: false,
	isInWheelchair: false,
	care: [],
	arms: 'both',
	dropped: []
};
const taker = { body, positions: ['seated', 'standing'] as const };

const day = { from: 9 * 60, to: 17 * 60 };
const places = [
	{ number: 1, posture: 'sitting' as const },
	{ number: 2, posture: 'standing' as const }
];

const planOf = (breakSchedule: (typeof BREAK_SCHEDULES)[number], meetingAt = 600) =>
	planDay({
		day,
		lunch: { from: 750, to: 780 },
		busy: [{ from: meetingAt, to: meetingAt + 60, isCall: false }],
		walksCalls: false,
		beats: breakIntervalsFor(breakSchedule, { hurts: ['neck'], isLaptopAlone: false }),
		places,
		share: 'half',
		changesOften: false
	});

describe('a simulated day', () => {
	it('has something at every minute of it, and nothing outside, whatever the schedule and the meetings', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...BREAK_SCHEDULES),
				fc.integer({ min: 540, max: 900 }),
				(breakSchedule, meetingAt) => {
					const plan = planOf(breakSchedule, meetingAt);
					const breaks = simulateBreaks(plan, taker);
					for (let minute = day.from; minute < day.to; minute += 1) {
						const moment = momentOfDay(plan, breaks, minute);
						expect(moment).not.toBeNull();
						if (moment?.kind !== 'work') continue;
						// What the plan promises: never longer at it than the longest stretch.
						expect(moment.forMin).toBeLessThanOrEqual(plan.longestMin);
						expect(moment.until).toBeGreaterThan(minute);
					}
					expect(momentOfDay(plan, breaks, day.from - 1)).toBeNull();
					expect(momentOfDay(plan, breaks, day.to)).toBeNull();
				}
			),
			{ numRuns: 40 }
		);
	});

	it('shows the meeting, lunch, the place and the exercise of its minute', () => {
		const plan = planOf('half-hour');
		const breaks = simulateBreaks(plan, taker);
		expect(momentOfDay(plan, breaks, 630)).toMatchObject({ kind: 'work', isMeeting: true });
		expect(momentOfDay(plan, breaks, 760)).toEqual({ kind: 'rest', until: 780 });
		expect(momentOfDay(plan, breaks, day.from)).toMatchObject({ kind: 'work', place: places[0], forMin: 0 });
		const [first] = breaks;
		expect(momentOfDay(plan, breaks, first?.from ?? 0)).toMatchObject({
			kind: 'break',
			step: first?.steps[0]
		});
	});

	it('offers no exercise again within two hours of it, except what a break begins with', () => {
		const plan = planOf('hour');
		const breaks = simulateBreaks(plan, { ...taker, body: { ...body, worst: {} } });
		const begins: readonly string[] = ['walk', 'stairs', 'far-look', 'stand-up', 'change', 'weight-shift'];
		const doneAt = new Map<string, number>();
		for (const { from, steps } of breaks)
			for (const id of new Set(steps.map(({ exercise }) => exercise))) {
				const before = doneAt.get(id);
				if (before !== undefined && !begins.includes(id))
					expect(from - before).toBeGreaterThanOrEqual(NO_REPEAT_MIN);
				doneAt.set(id, from);
			}
		expect(breaks.some(({ steps }) => steps.length > 0)).toBe(true);
	});

	it('has no exercise on one’s feet and none that strains anything under an urgent warning sign', () => {
		const breaks = simulateBreaks(planOf('few'), { ...taker, body: { ...body, hasUrgentSign: true } });
		const exercises = breaks.flatMap(({ steps }) => steps.map(({ exercise }) => EXERCISE_RULES[exercise]));
		expect(exercises.filter(({ isOnFeet, loads }) => isOnFeet || loads.length > 0)).toEqual([]);
		expect(exercises.length).toBeGreaterThan(0);
	});
});
