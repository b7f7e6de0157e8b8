import { describe, expect, it } from 'vitest';
import { SOUND_BODY } from '../../../../tests/support/sound-body';
import { Dice } from '../../../../seed/random';
import { PRECAUTIONS } from '../workstation/corner/vocabulary';
import { REGIONS, type Region } from '../cases/discomfort/regions';
import { chooseExerciseSet, type BodyCondition, type ExerciseSetRequest } from './choose-exercise-set';
import {
	EXERCISE_RULES,
	EXERCISES,
	exerciseSeconds,
	PAIN_LIMIT,
	type ExerciseId,
	type ExercisePosition
} from './exercise';
import { BREAK_INTERVALS, DEFAULT_BREAK_SCHEDULE } from './break-schedules';

const ANYWHERE: readonly ExercisePosition[] = ['seated', 'standing', 'doorway', 'fixed-chair'];

/** The set of a real break of the main break schedule. */
const setOf = (body: Partial<BodyCondition>, over: Partial<ExerciseSetRequest> = {}) =>
	chooseExerciseSet({
		kind: 'up',
		seconds: BREAK_INTERVALS[DEFAULT_BREAK_SCHEDULE][0]?.takesS ?? 0,
		body: { ...SOUND_BODY, ...body },
		positions: ANYWHERE,
		sinceMin: {},
		...over
	}).exercises;

const isFor = (region: Region) => (id: ExerciseId) => EXERCISE_RULES[id].regions.includes(region);

describe('the exercises of a break', () => {
	it('have one for what hurts among them, all day long, on one’s feet and seated', () => {
		for (const positions of [ANYWHERE, ['seated']] as const)
			for (const region of REGIONS) {
				const doneAt: Partial<Record<ExerciseId, number>> = {};
				for (let minute = 0; minute < 8 * 60; minute += 75) {
					const sinceMin = Object.fromEntries(Object.entries(doneAt).map(([id, at]) => [id, minute - at]));
					const set = setOf({ worst: { [region]: 5 } }, { positions, sinceMin });
					expect(set.some(isFor(region)), `${region} at ${minute}, ${positions.join()}`).toBe(true);
					for (const id of set) doneAt[id] = minute;
				}
			}
	});

	it('differ by where it hurts', () => {
		const sets = REGIONS.map((region) => setOf({ worst: { [region]: 5 } }).join());
		expect(new Set(sets).size).toBeGreaterThanOrEqual(REGIONS.length - 2);
		expect(setOf({ worst: { 'low-back': 5 } })).toEqual(expect.arrayContaining(['seated-arch']));
		expect(setOf({ worst: { eyes: 5 } })).toContain('far-look');
		expect(setOf({ worst: { neck: 5 } })).not.toContain('far-look');
	});

	it('have no stairs for legs that hurt, and nothing at all that loads what is bad', () => {
		expect(setOf({})[0]).toBe('stairs');
		for (const region of ['knee', 'hip-thigh', 'ankle-foot'] as const) {
			expect(setOf({ worst: { [region]: 4 } })[0]).toBe('walk');
			const bad = setOf({ worst: { [region]: 9 } });
			expect(bad[0]).toBe('walk');
			expect(bad.flatMap((id) => EXERCISE_RULES[id].loads)).not.toContain(region);
		}
	});

	it('leave out what a person is not to do, whoever they are', () => {
		const dice = new Dice(25);
		for (let n = 0; n < 400; n += 1) {
			const body: BodyCondition = {
				worst: Object.fromEntries(
					REGIONS.filter(() => dice.chance(0.4)).map((region) => [region, dice.int(0, 10)])
				),
				signs: REGIONS.filter(() => dice.chance(0.1)),
				hasOtherSign: dice.chance(0.1),
				hasUrgentSign: dice.chance(0.1),
				isInWheelchair: dice.chance(0.2),
				care: PRECAUTIONS.filter(() => dice.chance(0.25)),
				arms: dice.pick(['both', 'right-only', 'left-only'] as const),
				dropped: EXERCISES.filter(() => dice.chance(0.05))
			};
			const positions: readonly ExercisePosition[] = dice.pick([
				ANYWHERE,
				['seated'],
				['seated', 'standing']
			]);
			const kind = dice.pick(['up', 'stand', 'micro', 'shift', 'eyes'] as const);
			const seconds = { up: 180, stand: 20, micro: 30, shift: 10, eyes: 20 }[kind];
			const { exercises } = chooseExerciseSet({ kind, seconds, body, positions, sinceMin: {} });
			const isBarred = body.hasOtherSign || body.hasUrgentSign || body.care.includes('recent-surgery');
			for (const id of exercises) {
				const { loads, notWith, wantsBothHands, fitsWheelchair, isOnFeet, ...one } = EXERCISE_RULES[id];
				expect(body.dropped).not.toContain(id);
				expect(one.positions.some((position) => positions.includes(position))).toBe(true);
				expect(body.care.filter((care) => notWith.some((not) => not === care))).toEqual([]);
				if (body.arms !== 'both') expect(wantsBothHands).toBe(false);
				if (body.isInWheelchair) expect(fitsWheelchair).toBe(true);
				if (isBarred) expect(loads).toEqual([]);
				if (body.hasUrgentSign) expect(isOnFeet).toBe(false);
				for (const region of loads) {
					expect(body.worst[region] ?? 0).toBeLessThan(PAIN_LIMIT);
					expect(body.signs).not.toContain(region);
				}
			}
			expect(exercises.reduce((sum, id) => sum + exerciseSeconds(EXERCISE_RULES[id]), 0)).toBeLessThanOrEqual(
				seconds
			);
		}
	});

	it('are the best of all that fit, tried out on small breaks', () => {
		const dice = new Dice(7);
		const worthOf = (set: readonly ExerciseId[], worst: BodyCondition['worst']) => {
			const regions = set.flatMap((id) => EXERCISE_RULES[id].regions);
			const times = (region: Region) => regions.filter((one) => one === region).length;
			const soothed = REGIONS.map((region) => (worst[region] ?? 0) * Math.min(2, times(region)));
			return [soothed.reduce((sum, one) => sum + one, 0), new Set(regions).size] as const;
		};
		for (let n = 0; n < 60; n += 1) {
			const worst = Object.fromEntries(
				REGIONS.filter(() => dice.chance(0.3)).map((region) => [region, dice.int(1, 6)])
			);
			const seconds = 110;
			const chosen = setOf({ worst, isInWheelchair: false }, { positions: ['seated'], seconds });
			// Nothing is begun with: two minutes are more than there are.
			const open = EXERCISES.filter(
				(id) =>
					EXERCISE_RULES[id].positions.includes('seated') &&
					!['change', 'weight-shift'].includes(id) &&
					(id !== 'far-look' || (worst.eyes ?? 0) > 0)
			);
			let best: readonly number[] = [0, 0];
			const grow = (at: number, set: readonly ExerciseId[], left: number) => {
				const [soothed, size] = worthOf(set, worst);
				if (soothed > (best[0] ?? 0) || (soothed === best[0] && size > (best[1] ?? 0)))
					best = [soothed, size];
				for (const [i, id] of open.entries())
					if (i >= at && set.length < 5 && exerciseSeconds(EXERCISE_RULES[id]) <= left)
						grow(i + 1, [...set, id], left - exerciseSeconds(EXERCISE_RULES[id]));
			};
			grow(0, [], seconds);
			const own = chosen.filter((id) => id !== 'weight-shift');
			expect(worthOf(own, worst)).toEqual(best);
		}
	});

	it('relieve the skin for two minutes first, for who stays seated', () => {
		expect(exerciseSeconds(EXERCISE_RULES['weight-shift'])).toBe(120);
		for (const body of [{ isInWheelchair: true }, {}])
			expect(setOf(body, { positions: ['seated'] })[0]).toBe('weight-shift');
		const forNeck = setOf({ isInWheelchair: true, worst: { neck: 5 } }, { positions: ['seated'] });
		expect(forNeck[0]).toBe('weight-shift');
		expect(forNeck.some(isFor('neck'))).toBe(true);
	});

	it('say why nothing is pulled at: what is gravest, once', () => {
		const why = (body: Partial<BodyCondition>) =>
			chooseExerciseSet({
				kind: 'micro',
				seconds: 30,
				body: { ...SOUND_BODY, ...body },
				positions: ANYWHERE,
				sinceMin: {}
			}).heldBack.map(({ region, why: reason }) => `${region ?? 'all'} ${reason}`);
		const care = ['recent-surgery'] as const;
		expect(why({})).toEqual([]);
		expect(why({ care, hasOtherSign: true, hasUrgentSign: true })).toEqual(['all urgent']);
		expect(why({ care, hasOtherSign: true })).toEqual(['all sign']);
		expect(why({ care, worst: { neck: 9 } })).toEqual(['all surgery']);
		expect(why({ worst: { neck: 8 }, signs: ['wrist-hand'] })).toEqual(['wrist-hand sign', 'neck too-bad']);
	});
});
