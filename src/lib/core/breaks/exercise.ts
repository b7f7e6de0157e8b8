import type { Precaution } from '../workstation/corner/vocabulary';
import type { Region } from '../cases/discomfort/regions';

/** The position for an exercise, and what it needs: a doorway, a chair that can't roll. */
export type ExercisePosition = 'seated' | 'standing' | 'doorway' | 'fixed-chair';

/** Exercises, by body region. */
export const EXERCISES = [
	'far-look',
	'chin-back',
	'neck-side',
	'shoulder-rolls',
	'chest-open',
	'palms-out',
	'forearm',
	'thumbs',
	'seated-arch',
	'seated-turn',
	'seated-march',
	'hip-front',
	'knee-straight',
	'thigh-back',
	'ankle-pumps',
	'calf-raises',
	'doorway-level',
	'doorway-high',
	'weight-shift',
	'change',
	'stand-up',
	'walk',
	'stairs'
] as const;

/** One of {@link EXERCISES}. */
export type ExerciseId = (typeof EXERCISES)[number];

/** Drawn states of an exercise: the starting position, and what is held. */
export type PhaseId = 'begin' | 'hold' | 'hold-2';

/** A timed part of an exercise. */
interface ExercisePhase {
	readonly id: PhaseId;
	readonly seconds: number;
}

/** An exercise with its dose. */
export interface Exercise {
	readonly id: ExerciseId;
	/** The parts of one repetition. */
	readonly phases: readonly ExercisePhase[];
	readonly times: number;
	/** Done on each side: all repetitions on the left, then those on the right. */
	readonly hasSides: boolean;
	readonly positions: readonly ExercisePosition[];
	/** Regions it helps. */
	readonly regions: readonly Region[];
	/** Regions it stretches or presses on: the exercise is left out where one of these is painful or has a warning sign. */
	readonly loads: readonly Region[];
	/** Discomfort score of a loaded region from which the exercise is left out. */
	readonly tooBadFrom: number;
	/** Whether it is walking or standing, which an urgent warning sign can rule out even where nothing is stretched. */
	readonly isOnFeet: boolean;
	/** Needs both hands. */
	readonly wantsBothHands: boolean;
	/** Can be done in a wheelchair: needs no leg movement. */
	readonly fitsWheelchair: boolean;
	/** Left out for these people. After recent surgery, nothing that loads any region is offered. */
	readonly notWith: readonly Exclude<Precaution, 'recent-surgery'>[];
}

/** Discomfort from which no exercise for a region is offered. Common practice: pain is not to be stretched through. */
export const PAIN_LIMIT = 7;

/** Stairs are left out earlier than a stretch: moderate pain is not to be climbed on. Our assumption. */
const TOO_BAD_FOR_STAIRS = 4;

const hold = (seconds: number, begin = 2): ExercisePhase[] => [
	{ id: 'begin', seconds: begin },
	{ id: 'hold', seconds }
];

/** Only held: the starting position looks the same. */
const held = (...seconds: readonly number[]): ExercisePhase[] =>
	seconds.map((one, i) => ({ id: i === 0 ? 'hold' : 'hold-2', seconds: one }));

/** An exercise done once, with both sides, seated or standing, by anyone; the differences are passed in. */
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
	tooBadFrom: PAIN_LIMIT,
	isOnFeet: false,
	wantsBothHands: false,
	fitsWheelchair: true,
	notWith: [],
	...differs
});

/** Regions along which a leg is stretched or moved. */
const LEG: readonly Region[] = ['hip-thigh', 'knee'];

/** A stretch held at the end of the range: not for hypermobile joints. */
const AT_ITS_END = { notWith: ['hypermobile'] } as const satisfies Partial<Exercise>;

/** Done standing, without a chair. */
const ON_FEET = {
	positions: ['standing'],
	isOnFeet: true,
	fitsWheelchair: false
} as const satisfies Partial<Exercise>;

const DOORWAY: Parameters<typeof exercise>[1] = {
	phases: hold(15),
	positions: ['doorway'],
	regions: ['shoulder', 'upper-back'],
	loads: ['shoulder', 'elbow'],
	isOnFeet: true,
	wantsBothHands: true,
	fitsWheelchair: false,
	...AT_ITS_END
};

/**
 * The exercises with their doses, common practice; where a dose is a range, its middle. Changing sides takes two seconds, a walk forty-five
 * (one flight of stairs, or a glass of water). Shifting the weight takes two minutes in all: it relieves the skin of someone who sits in a
 * wheelchair. What each is left out for, and the doses of those that only move, are from memory.
 */
export const EXERCISE_RULES: Readonly<Record<ExerciseId, Exercise>> = {
	'far-look': exercise('far-look', { phases: held(20), regions: ['eyes'], loads: [] }),
	'chin-back': exercise('chin-back', {
		phases: hold(5, 1),
		times: 10,
		regions: ['neck', 'head'],
		loads: ['neck'],
		notWith: ['dizzy']
	}),
	'neck-side': exercise('neck-side', {
		phases: hold(12),
		hasSides: true,
		regions: ['neck', 'shoulder'],
		loads: ['neck'],
		notWith: ['dizzy', 'hypermobile']
	}),
	'shoulder-rolls': exercise('shoulder-rolls', {
		phases: hold(3, 3),
		times: 5,
		regions: ['shoulder', 'neck', 'upper-back'],
		loads: ['shoulder']
	}),
	'chest-open': exercise('chest-open', {
		phases: hold(15),
		regions: ['upper-back', 'shoulder'],
		loads: ['shoulder'],
		wantsBothHands: true,
		...AT_ITS_END
	}),
	'palms-out': exercise('palms-out', {
		phases: hold(25, 3),
		regions: ['shoulder', 'upper-back', 'elbow', 'wrist-hand'],
		loads: ['shoulder', 'wrist-hand'],
		...AT_ITS_END
	}),
	forearm: exercise('forearm', {
		phases: held(15, 15),
		hasSides: true,
		regions: ['wrist-hand', 'elbow'],
		loads: ['wrist-hand', 'elbow'],
		wantsBothHands: true,
		...AT_ITS_END
	}),
	thumbs: exercise('thumbs', { phases: held(60), regions: ['wrist-hand'], loads: ['wrist-hand'] }),
	'seated-arch': exercise('seated-arch', {
		phases: hold(5, 3),
		times: 4,
		positions: ['seated'],
		regions: ['low-back', 'upper-back'],
		loads: ['low-back']
	}),
	'seated-turn': exercise('seated-turn', {
		phases: hold(12),
		hasSides: true,
		positions: ['seated'],
		regions: ['low-back', 'upper-back'],
		loads: ['low-back', 'upper-back'],
		fitsWheelchair: false,
		notWith: ['pregnant', 'dizzy', 'hypermobile']
	}),
	'seated-march': exercise('seated-march', {
		phases: hold(3),
		times: 4,
		hasSides: true,
		positions: ['seated'],
		regions: ['hip-thigh'],
		loads: ['hip-thigh'],
		fitsWheelchair: false
	}),
	'hip-front': exercise('hip-front', {
		...ON_FEET,
		phases: hold(15),
		hasSides: true,
		regions: ['hip-thigh', 'low-back'],
		loads: ['low-back', ...LEG],
		notWith: ['pregnant', 'dizzy', 'hypermobile']
	}),
	'knee-straight': exercise('knee-straight', {
		phases: hold(5),
		times: 3,
		hasSides: true,
		positions: ['seated'],
		regions: ['knee', 'hip-thigh'],
		loads: LEG,
		fitsWheelchair: false
	}),
	'thigh-back': exercise('thigh-back', {
		...ON_FEET,
		phases: hold(15),
		hasSides: true,
		positions: ['fixed-chair'],
		regions: ['low-back', ...LEG],
		loads: ['low-back', ...LEG],
		notWith: ['pregnant', 'dizzy', 'hypermobile']
	}),
	'ankle-pumps': exercise('ankle-pumps', {
		phases: hold(2),
		times: 10,
		positions: ['seated'],
		regions: ['ankle-foot', 'knee'],
		loads: ['ankle-foot'],
		fitsWheelchair: false
	}),
	'calf-raises': exercise('calf-raises', {
		...ON_FEET,
		phases: hold(2),
		times: 8,
		regions: ['ankle-foot', 'knee'],
		loads: ['ankle-foot', 'knee'],
		notWith: ['dizzy']
	}),
	'doorway-level': exercise('doorway-level', DOORWAY),
	'doorway-high': exercise('doorway-high', DOORWAY),
	'weight-shift': exercise('weight-shift', {
		phases: hold(28),
		times: 2,
		hasSides: true,
		positions: ['seated'],
		regions: ['hip-thigh', 'low-back'],
		loads: []
	}),
	change: exercise('change', { phases: held(10), positions: ['seated'], regions: [], loads: [] }),
	'stand-up': exercise('stand-up', { ...ON_FEET, phases: held(20), regions: [], loads: [] }),
	walk: exercise('walk', { ...ON_FEET, phases: held(45), regions: [], loads: [] }),
	stairs: exercise('stairs', {
		...ON_FEET,
		phases: held(45),
		regions: [],
		loads: [...LEG, 'ankle-foot'],
		tooBadFrom: TOO_BAD_FOR_STAIRS,
		notWith: ['pregnant', 'dizzy']
	})
};

/** Side of the body; null where both take part. */
export type ExerciseSide = 'left' | 'right' | null;

/** A step of an exercise as it is carried out. */
export interface ExerciseStep {
	readonly exercise: ExerciseId;
	readonly phase: PhaseId;
	readonly side: ExerciseSide;
	/** Number of this repetition, and how many there are. */
	readonly round: number;
	readonly rounds: number;
	readonly seconds: number;
}

/** The steps of an exercise, in order. */
export function exerciseSteps({ id, phases, times, hasSides }: Exercise): readonly ExerciseStep[] {
	const sides: readonly ExerciseSide[] = hasSides ? ['left', 'right'] : [null];
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
export function exerciseSeconds(exercise: Exercise): number {
	return exerciseSteps(exercise).reduce((sum, { seconds }) => sum + seconds, 0);
}
