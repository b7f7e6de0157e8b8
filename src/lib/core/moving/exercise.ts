import type { Region } from '../discomfort';

/** How somebody is while they do an exercise. */
export type Position = 'seated' | 'standing' | 'doorway';

/** Exercises, by where they work. */
export const EXERCISES = [
	'far-look',
	'chin-back',
	'neck-side',
	'chest-open',
	'palms-out',
	'forearm',
	'thumbs',
	'thigh-back',
	'doorway-level',
	'doorway-high',
	'weight-shift',
	'walk'
] as const;

/** One of {@link EXERCISES}. */
export type ExerciseId = (typeof EXERCISES)[number];

/** Drawn states of an exercise: how it begins, and what is held. */
export type PhaseId = 'begin' | 'hold' | 'hold-2';

/** A part of an exercise that takes its time. */
export interface Phase {
	readonly id: PhaseId;
	readonly seconds: number;
}

/** An exercise with its dose. */
export interface Exercise {
	readonly id: ExerciseId;
	/** One round of it. */
	readonly phases: readonly Phase[];
	readonly times: number;
	/** Done on each side: the rounds of the left side, then those of the right. */
	readonly hasSides: boolean;
	readonly positions: readonly Position[];
	/** Regions that it is for. */
	readonly regions: readonly Region[];
	/** Regions that it pulls at or presses on: left out where one of these is bad, or has a sign. */
	readonly loads: readonly Region[];
	/** Done by somebody who sits in a wheelchair: nothing that wants legs to stand on. */
	readonly fitsWheelchair: boolean;
}

const hold = (seconds: number, begin = 2): Phase[] => [
	{ id: 'begin', seconds: begin },
	{ id: 'hold', seconds }
];

/** Only held: there is no state to begin from that differs. */
const held = (...seconds: readonly number[]): Phase[] =>
	seconds.map((one, i) => ({ id: i === 0 ? 'hold' : 'hold-2', seconds: one }));

/** An exercise that is done once, with both sides at it, seated or standing, by anybody; with what differs. */
const exercise = (
	id: ExerciseId,
	{ phases, regions, loads, ...differs }: Pick<Exercise, 'phases' | 'regions' | 'loads'> & Partial<Exercise>
): Exercise => ({
	id,
	phases,
	times: 1,
	hasSides: false,
	positions: ['seated', 'standing'],
	regions,
	loads,
	fitsWheelchair: true,
	...differs
});

/** What a leg is stretched or moved along. */
const LEG: readonly Region[] = ['hip-thigh', 'knee'];

const DOORWAY: Parameters<typeof exercise>[1] = {
	phases: hold(15),
	positions: ['doorway'],
	regions: ['shoulder', 'upper-back'],
	loads: ['shoulder', 'elbow'],
	fitsWheelchair: false
};

/**
 * The exercises, common practice with their doses; where a dose is a range, its middle. A change of side takes two seconds, a
 * walk forty-five (one flight of stairs, or a glass of water); shifting the weight is held as the stretches are.
 */
export const EXERCISE: Readonly<Record<ExerciseId, Exercise>> = {
	'far-look': exercise('far-look', { phases: held(20), regions: ['eyes'], loads: [] }),
	'chin-back': exercise('chin-back', {
		phases: hold(5, 1),
		times: 10,
		regions: ['neck', 'head'],
		loads: ['neck']
	}),
	'neck-side': exercise('neck-side', {
		phases: hold(12),
		hasSides: true,
		regions: ['neck', 'shoulder'],
		loads: ['neck']
	}),
	'chest-open': exercise('chest-open', {
		phases: hold(15),
		regions: ['upper-back', 'shoulder'],
		loads: ['shoulder']
	}),
	'palms-out': exercise('palms-out', {
		phases: hold(25, 3),
		regions: ['shoulder', 'upper-back', 'elbow', 'wrist-hand'],
		loads: ['shoulder', 'wrist-hand']
	}),
	forearm: exercise('forearm', {
		phases: held(15, 15),
		hasSides: true,
		regions: ['wrist-hand', 'elbow'],
		loads: ['wrist-hand', 'elbow']
	}),
	thumbs: exercise('thumbs', { phases: held(60), regions: ['wrist-hand'], loads: ['wrist-hand'] }),
	'thigh-back': exercise('thigh-back', {
		phases: hold(15),
		hasSides: true,
		positions: ['standing'],
		regions: ['low-back', ...LEG],
		loads: ['low-back', ...LEG],
		fitsWheelchair: false
	}),
	'doorway-level': exercise('doorway-level', DOORWAY),
	'doorway-high': exercise('doorway-high', DOORWAY),
	'weight-shift': exercise('weight-shift', {
		phases: hold(15),
		hasSides: true,
		positions: ['seated'],
		regions: ['low-back', 'hip-thigh'],
		loads: ['wrist-hand']
	}),
	walk: exercise('walk', {
		phases: held(45),
		positions: ['standing'],
		regions: ['low-back', ...LEG, 'ankle-foot'],
		loads: [],
		fitsWheelchair: false
	})
};

/** Which side of the body; null where both are at it. */
export type Side = 'left' | 'right' | null;

/** A part of an exercise as it is gone through. */
export interface Step {
	readonly exercise: ExerciseId;
	readonly phase: PhaseId;
	readonly side: Side;
	/** Which round of how many. */
	readonly round: number;
	readonly rounds: number;
	readonly seconds: number;
}

/** An exercise as the parts that it is gone through in, in order. */
export function stepsOf({ id, phases, times, hasSides }: Exercise): readonly Step[] {
	const sides: readonly Side[] = hasSides ? ['left', 'right'] : [null];
	return sides.flatMap((side) =>
		Array.from({ length: times }, (_, i) => i + 1).flatMap((round) =>
			phases.map((phase) => ({
				exercise: id,
				phase: phase.id,
				side,
				round,
				rounds: times,
				seconds: phase.seconds
			}))
		)
	);
}

/** How long an exercise takes, s. */
export function secondsOf(exercise: Exercise): number {
	return stepsOf(exercise).reduce((sum, { seconds }) => sum + seconds, 0);
}
