import { describe, expect, it } from 'vitest';
import { SOUND_BODY } from '../../../../tests/support/sound-body';
import { Dice } from '../../../../seed/random';
import { REGIONS } from '../cases/discomfort/regions';
import { SEGMENT_OF_STATURE } from '../body/proportions';
import { EXERCISE_DRAWINGS, poseOf } from './poses';
import { distanceBetween, point3 } from './space';
import { jointsOf, limbLengths, LIMB_FRACTIONS, mirrorPose, interpolatePose } from './skeleton';
import { mergeSpans } from './place-breaks';
import {
	BREAK_INTERVALS,
	breakIntervalsFor,
	endsSitting,
	DEFAULT_BREAK_SCHEDULE,
	isFullBreak,
	BREAK_SCHEDULES,
	STANDING_SHARE_OF_DAY
} from './break-schedules';
import {
	stepStartMs,
	elapsedMs,
	moveStopwatch,
	nextBreak,
	pauseStopwatch,
	setPositionAt,
	startStopwatch,
	exerciseSetSteps,
	STOPPED_STOPWATCH
} from './stopwatch';
import { drawPose } from './drawing';
import { EXERCISE_RULES, EXERCISES, type ExerciseId } from './exercise';
import { chooseExerciseSet } from './choose-exercise-set';
import { planDay } from './day-plan';
import { schedulePlaces, type WorkPlace } from './schedule-places';

const H = 1700;
const dice = new Dice(14);

describe('break schedules', () => {
	it('are those of common practice', () => {
		const ups = Object.fromEntries(
			BREAK_SCHEDULES.map((breakSchedule) => [
				breakSchedule,
				BREAK_INTERVALS[breakSchedule].find(({ kind }) => kind === 'up')
			])
		);
		expect(ups['half-hour']?.everyMin).toBe(30);
		expect(ups.twenty?.everyMin).toBe(20);
		expect(ups.stairs?.everyMin).toBeGreaterThanOrEqual(30);
		expect(ups.stairs?.everyMin).toBeLessThanOrEqual(40);
		expect(ups.hour).toMatchObject({ everyMin: 60, takesS: 600 });
		expect(ups.walks?.everyMin).toBeGreaterThanOrEqual(10);
		expect(ups.walks?.everyMin).toBeLessThanOrEqual(20);
		const shift = BREAK_INTERVALS['small-changes'].find(({ kind }) => kind === 'shift');
		expect(shift?.everyMin).toBeGreaterThanOrEqual(6);
		expect(shift?.everyMin).toBeLessThanOrEqual(10);
		for (const breakSchedule of BREAK_SCHEDULES) {
			// What someone is up for, they look away in too.
			const eyes = BREAK_INTERVALS[breakSchedule].find(({ kind }) => kind === 'eyes' || kind === 'stand');
			expect([20, 30]).toContain(eyes?.everyMin);
			expect(eyes?.takesS).toBe(20);
		}
	});

	it('have no more small breaks for a neck that hurts: the moments up are longer', () => {
		const beats = (hurts: Parameters<typeof breakIntervalsFor>[1]['hurts']) =>
			breakIntervalsFor(DEFAULT_BREAK_SCHEDULE, { hurts, isLaptopAlone: false }).map(({ kind, everyMin }) => [
				kind,
				everyMin
			]);
		expect(beats(['neck', 'wrist-hand'])).toEqual(beats([]));
		const { exercises } = chooseExerciseSet({
			kind: 'stand',
			seconds:
				breakIntervalsFor(DEFAULT_BREAK_SCHEDULE, { hurts: ['neck'], isLaptopAlone: false })[1]?.takesS ?? 0,
			body: { ...SOUND_BODY, worst: { neck: 4 } },
			positions: ['seated', 'standing'],
			sinceMin: {}
		});
		expect(exercises).toHaveLength(2);
		expect(exercises[0]).toBe('stand-up');
	});

	it('are fitted to what hurts, and to a laptop alone', () => {
		const kinds = (hurts: Parameters<typeof breakIntervalsFor>[1]['hurts']) =>
			breakIntervalsFor('stairs', { hurts, isLaptopAlone: false }).map(({ kind }) => kind);
		expect(kinds([])).toEqual(['up', 'eyes']);
		expect(kinds(['wrist-hand'])).toEqual(['up', 'micro', 'eyes']);
		expect(kinds(['knee'])).toEqual(['up', 'eyes']);
		const eyes = breakIntervalsFor('stairs', { hurts: ['eyes'], isLaptopAlone: false }).find(
			(b) => b.kind === 'eyes'
		);
		expect(eyes?.everyMin).toBe(20);
		const often = (breakSchedule: (typeof BREAK_SCHEDULES)[number]) =>
			Math.min(
				...breakIntervalsFor(breakSchedule, { hurts: [], isLaptopAlone: true })
					.filter(({ kind }) => endsSitting(kind))
					.map(({ everyMin }) => everyMin)
			);
		for (const breakSchedule of BREAK_SCHEDULES) expect(often(breakSchedule)).toBeLessThanOrEqual(30);
		// Up for a moment to change the place, and no ten minutes each half hour.
		const up = breakIntervalsFor('hour', { hurts: [], isLaptopAlone: true }).find(
			({ kind }) => kind === 'up'
		);
		expect(up?.everyMin).toBe(60);
	});
});

describe('a planned day', () => {
	const places: readonly WorkPlace[] = [
		{ number: 1, posture: 'sitting' },
		{ number: 2, posture: 'standing' }
	];

	it('has no break in a meeting or over lunch, and none over another, on random days', () => {
		for (let n = 0; n < 120; n += 1) {
			const busy = Array.from({ length: 12 }, () => {
				const from = 480 + dice.int(0, 500);
				return { from, to: from + dice.int(5, 60), isCall: dice.chance(0.4) };
			});
			const breakSchedule = BREAK_SCHEDULES[dice.int(0, BREAK_SCHEDULES.length - 1)] ?? 'half-hour';
			const plan = planDay({
				day: { from: 510, to: 510 + 480 },
				lunch: { from: 720, to: 760 },
				busy,
				walksCalls: dice.chance(0.5),
				beats: breakIntervalsFor(breakSchedule, { hurts: ['neck'], isLaptopAlone: false }),
				places,
				share: (['moving', 'half', 'mostly'] as const)[n % 3] ?? 'moving',
				changesOften: n % 2 === 0
			});
			const spans = [...plan.meetings, ...plan.rests, ...plan.breaks].sort((a, b) => a.from - b.from);
			for (const [i, one] of spans.entries())
				expect(one.from).toBeGreaterThanOrEqual(spans[i - 1]?.to ?? 510);
			expect(plan.longestMin).toBeLessThanOrEqual(plan.longestWithoutMin);
			const longestWork = Math.max(...plan.work.map(({ from, to }) => to - from));
			if (n % 2 === 0) expect(plan.longestMin).toBe(longestWork);
			else expect(plan.longestMin).toBeLessThanOrEqual(longestWork);
			// Work and what it is broken by make up the day.
			const ups = plan.breaks.filter(({ kind }) => isFullBreak(kind) || (n % 2 === 0 && endsSitting(kind)));
			expect(mergeSpans([...plan.work, ...ups, ...plan.rests], { from: 510, to: 990 })).toEqual([
				{ from: 510, to: 990 }
			]);
		}
	});

	it('makes one break of what coincides', () => {
		const plan = planDay({
			day: { from: 540, to: 660 },
			lunch: null,
			busy: [],
			walksCalls: false,
			beats: [
				{ kind: 'up', everyMin: 20, takesS: 60 },
				{ kind: 'eyes', everyMin: 20, takesS: 20 }
			],
			places,
			share: 'moving',
			changesOften: false
		});
		// Getting up is a look away too.
		expect(plan.breaks.every(({ kind }) => kind === 'up')).toBe(true);
		expect(plan.longestMin).toBeLessThanOrEqual(20);
		expect(plan.longestWithoutMin).toBe(120);
	});

	it('counts a call that is taken walking as a rest from sitting', () => {
		const ask = (walksCalls: boolean) =>
			planDay({
				day: { from: 540, to: 660 },
				lunch: null,
				busy: [{ from: 560, to: 640, isCall: true }],
				walksCalls,
				beats: breakIntervalsFor('half-hour', { hurts: [], isLaptopAlone: false }),
				places,
				share: 'moving',
				changesOften: false
			});
		expect(ask(false).longestMin).toBeGreaterThanOrEqual(80);
		expect(ask(true).longestMin).toBeLessThanOrEqual(30);
	});
});

describe('sitting and standing', () => {
	const places: readonly WorkPlace[] = [
		{ number: 1, posture: 'sitting' },
		{ number: 2, posture: 'standing' }
	];

	it('come as near to the wanted share as any choice of stretches does', () => {
		for (let n = 0; n < 60; n += 1) {
			let from = 540;
			const stretches = Array.from({ length: dice.int(2, 9) }, () => {
				const span = { from, to: from + dice.int(5, 70) };
				from = span.to + 3;
				return span;
			});
			const share = n % 2 ? 0.5 : 0.6;
			const total = stretches.reduce((sum, one) => sum + one.to - one.from, 0);
			const distance = (standing: number) => Math.abs(standing - share * total);
			let best = Infinity;
			for (let mask = 0; mask < 1 << stretches.length; mask += 1) {
				const stood = stretches.filter((_, i) => mask & (1 << i));
				// Nobody begins with standing, or stands for longer than an hour.
				if (mask & 1 || stood.some((one) => one.to - one.from > 60)) continue;
				best = Math.min(best, distance(stood.reduce((sum, one) => sum + one.to - one.from, 0)));
			}
			const { standingShare } = schedulePlaces(stretches, places, share);
			expect(distance((standingShare ?? 0) * total)).toBeCloseTo(best, 6);
		}
	});

	it('are mixed at each getting up where no share is wanted, over the places that there are', () => {
		const stretches = [0, 1, 2, 3].map((i) => ({ from: i * 40, to: i * 40 + 30 }));
		const numbers = (of: readonly WorkPlace[]) =>
			schedulePlaces(stretches, of, STANDING_SHARE_OF_DAY.moving).work.map(({ place }) => place.number);
		expect(numbers(places)).toEqual([1, 2, 1, 2]);
		expect(numbers(places.slice(0, 1))).toEqual([1, 1, 1, 1]);
		expect(schedulePlaces(stretches, places.slice(0, 1), null).standingShare).toBeNull();
	});
});

describe('exercises', () => {
	it('have the doses of common practice', () => {
		const holds = (id: ExerciseId) =>
			EXERCISE_RULES[id].phases.filter(({ id: of }) => of !== 'begin').map((p) => p.seconds);
		expect([holds('chin-back'), EXERCISE_RULES['chin-back'].times]).toEqual([[5], 10]);
		expect(holds('neck-side')[0]).toBeGreaterThanOrEqual(10);
		expect(holds('neck-side')[0]).toBeLessThanOrEqual(15);
		expect(holds('chest-open')).toEqual([15]);
		expect(holds('forearm')).toEqual([15, 15]);
		expect(holds('thigh-back')).toEqual([15]);
		expect([holds('doorway-level'), holds('doorway-high')]).toEqual([[15], [15]]);
		expect(holds('palms-out')[0]).toBeGreaterThanOrEqual(20);
		expect(holds('palms-out')[0]).toBeLessThanOrEqual(30);
		expect(holds('thumbs')).toEqual([60]);
		for (const id of ['neck-side', 'forearm', 'thigh-back'] as const)
			expect(EXERCISE_RULES[id].hasSides).toBe(true);
	});

	it('are for a region each, and each region that hurts at a desk has one', () => {
		const all = new Set(EXERCISES.flatMap((id) => EXERCISE_RULES[id].regions));
		expect(REGIONS.filter((region) => !all.has(region))).toEqual([]);
	});

	it('are drawn by a body whose parts keep their lengths, in every phase and on the way between, to 1 mm', () => {
		for (const id of EXERCISES) {
			const phases = EXERCISE_RULES[id].phases.map((phase) => phase.id);
			const sides = EXERCISE_RULES[id].hasSides ? (['left', 'right'] as const) : [null];
			const lengths = sides.flatMap((side) =>
				phases.flatMap((phase, i) =>
					[0, 0.25, 0.5, 0.75, 1].map((share) =>
						limbLengths(
							jointsOf(
								interpolatePose(poseOf(id, phases[i - 1] ?? phase, side), poseOf(id, phase, side), share),
								H
							)
						)
					)
				)
			);
			for (const one of lengths)
				for (const [name, mm] of Object.entries(one))
					expect(Math.abs(mm - (lengths[0]?.[name] ?? 0))).toBeLessThan(1);
			// The section's own proportions.
			expect(lengths[0]?.['right upper arm']).toBeCloseTo(SEGMENT_OF_STATURE.upperArm * H, 0);
			expect(lengths[0]?.['left thigh']).toBeCloseTo(SEGMENT_OF_STATURE.thigh * H, 0);
			expect(lengths[0]?.trunk).toBeCloseTo(
				(SEGMENT_OF_STATURE.shoulderHeight - SEGMENT_OF_STATURE.hipHeight) * H,
				0
			);
		}
	});

	it('touch what they touch: a foot the floor, a finger the chin, a hand the other, a heel the chair', () => {
		for (const id of EXERCISES)
			for (const { id: phase } of EXERCISE_RULES[id].phases) {
				const j = jointsOf(poseOf(id, phase, EXERCISE_RULES[id].hasSides ? 'right' : null), H);
				const soles = [j.right, j.left].flatMap(({ ankle, toes }) => [
					ankle.y - 0.039 * H,
					toes.y - 0.0092 * H
				]);
				expect(Math.min(...soles)).toBeCloseTo(0, 6);
				if (id === 'chin-back') expect(distanceBetween(j.right.fingertips, j.chin)).toBeLessThan(0.035 * H);
				if (id === 'forearm')
					expect(distanceBetween(j.left.wrist, j.right.fingertips)).toBeLessThan(0.06 * H);
				if (id === 'chest-open' && phase === 'hold')
					expect(distanceBetween(j.left.wrist, j.right.wrist)).toBeLessThan(0.05 * H);
			}
		for (const side of ['right', 'left'] as const) {
			const pose = poseOf('thigh-back', 'hold', side);
			const heel = jointsOf(pose, H)[side].ankle;
			const [from, to] = drawPose('thigh-back', pose, H).props[0]?.points ?? [];
			expect(Math.abs((from?.y ?? 0) - heel.y)).toBeLessThan(0.03 * H);
			expect(from?.x).toBeLessThan(heel.x);
			expect(to?.x).toBeGreaterThan(heel.x);
			// The hand that helps is at the head, on either side.
			const helping = jointsOf(poseOf('neck-side', 'hold', side), H);
			expect(distanceBetween(helping[side].fingertips, helping.skull)).toBeLessThan(0.14 * H);
		}
	});

	it('are drawn the other way round on the other side', () => {
		const right = jointsOf(poseOf('neck-side', 'hold', 'right'), H);
		const left = jointsOf(mirrorPose(poseOf('neck-side', 'hold', 'right')), H);
		const over = (p: { x: number; y: number; z: number }) => point3(p.x, p.y, -p.z);
		expect(distanceBetween(left.skull, over(right.skull))).toBeLessThan(1);
		expect(distanceBetween(left.left.wrist, over(right.right.wrist))).toBeLessThan(1);
		expect(LIMB_FRACTIONS.upperArm).toBe(SEGMENT_OF_STATURE.upperArm);
	});

	it('are drawn with shapes that are closed and of some size', () => {
		for (const id of EXERCISES) {
			const { yaw } = EXERCISE_DRAWINGS[id];
			expect(yaw).toBeLessThanOrEqual(90);
			for (const { id: phase } of EXERCISE_RULES[id].phases)
				for (const { outline } of drawPose(id, poseOf(id, phase, null), H).layers.flat())
					expect(outline.length).toBeGreaterThan(8);
		}
	});
});

describe('the clock of a break', () => {
	const steps = exerciseSetSteps(['chin-back', 'neck-side']);

	it('counts each part down, through all of them', () => {
		expect(setPositionAt(steps, 0)).toMatchObject({ at: 0, leftS: 1 });
		expect(setPositionAt(steps, 1000)).toMatchObject({
			at: 1,
			leftS: 5,
			step: { phase: 'hold', round: 1, rounds: 10 }
		});
		expect(setPositionAt(steps, 5999)).toMatchObject({ at: 1, leftS: 1 });
		expect(setPositionAt(steps, 60_000)).toMatchObject({ step: { exercise: 'neck-side', side: 'left' } });
		expect(setPositionAt(steps, 88_000)).toMatchObject({ step: null, at: steps.length, leftInAllS: 0 });
		for (let i = 0; i < steps.length; i += 1) expect(setPositionAt(steps, stepStartMs(steps, i)).at).toBe(i);
	});

	it('stands still while it is paused, and a tab that slept has lost nothing', () => {
		let watch = startStopwatch(STOPPED_STOPWATCH, 1_000_000);
		// No tick for half an hour: the moment tells.
		expect(elapsedMs(watch, 1_000_000 + 1_800_000)).toBe(1_800_000);
		watch = pauseStopwatch(watch, 1_010_000);
		expect(elapsedMs(watch, 9_000_000)).toBe(10_000);
		watch = startStopwatch(watch, 9_000_000);
		expect(elapsedMs(watch, 9_005_000)).toBe(15_000);
		// A clock that is set back takes nothing away; started twice is started once.
		expect(elapsedMs(watch, 8_000_000)).toBe(10_000);
		expect(startStopwatch(watch, 9_002_000)).toEqual(watch);
		expect(elapsedMs(moveStopwatch(watch, 60_000, 9_010_000), 9_011_000)).toBe(61_000);
	});

	it('tells the next break of a day to the second', () => {
		const breaks = [{ from: 600 }, { from: 630 }];
		expect(nextBreak(breaks, 599.5)).toEqual({ next: { from: 600 }, inS: 30 });
		expect(nextBreak(breaks, 600.01)?.next.from).toBe(630);
		expect(nextBreak(breaks, 631)).toBeNull();
	});
});
