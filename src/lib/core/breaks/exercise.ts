import type { Precaution } from '../corner/vocabulary';
import type { Region } from '../discomfort';

/** How someone is while they do an exercise, and what it takes: a doorway, a chair that can't roll. */
export type ExercisePosition = 'seated' | 'standing' | 'doorway' | 'fixed-chair';

/** Exercises, by where they work. */
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

/** Drawn states of an exercise: how it begins, and what is held. */
export type PhaseId = 'begin' | 'hold' | 'hold-2';

/** A part of an exercise that takes its time. */
export interface ExercisePhase {
	readonly id: PhaseId;
	readonly seconds: number;
}

/** An exercise with its dose. */
export interface Exercise {
	readonly id: ExerciseId;
	/** One round of it. */
	readonly phases: readonly ExercisePhase[];
	readonly times: number;
	/** Done on each side: the rounds of the left side, then those of the right. */
	readonly hasSides: boolean;
	readonly positions: readonly ExercisePosition[];
	/** Regions that it is for. */
	readonly regions: readonly Region[];
	/** Regions that it pulls at or presses on: left out where one of these is bad, or has a sign. */
	readonly loads: readonly Region[];
	/** From which score of a region that it loads on it is left out. */
	readonly tooBadFrom: number;
	/** Whether it is walking or standing, which an urgent sign can forbid without anything being pulled at. */
	readonly isOnFeet: boolean;
	/** Takes both hands. */
	readonly wantsBothHands: boolean;
	/** Done by someone who sits in a wheelchair: nothing that wants legs to move. */
	readonly fitsWheelchair: boolean;
	/** Left out for these people; who had surgery lately is offered nothing that loads anything. */
	readonly notWith: readonly Exclude<Precaution, 'recent-surgery'>[];
}

/** How bad a region is, from which on nothing that works on it is offered. Common practice: pain is no thing to stretch through. */
export const PAIN_LIMIT = 7;

/** Stairs are left out earlier than a stretch: what hurts moderately is not climbed on. Our assumption. */
const TOO_BAD_FOR_STAIRS = 4;

const hold = (seconds: number, begin = 2): ExercisePhase[] => [
	{ id: 'begin', seconds: begin },
	{ id: 'hold', seconds }
];

/** Only held: there is no state to begin from that differs. */
const held = (...seconds: readonly number[]): ExercisePhase[] =>
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
	tooBadFrom: PAIN_LIMIT,
	isOnFeet: false,
	wantsBothHands: false,
	fitsWheelchair: true,
	notWith: [],
	...differs
});

/** What a leg is stretched or moved along. */
const LEG: readonly Region[] = ['hip-thigh', 'knee'];

/** A stretch that is held at its end: not for joints that go too far already. */
const AT_ITS_END = { notWith: ['hypermobile'] } as const satisfies Partial<Exercise>;

/** Done on one's feet and without a chair to sit on. */
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
 * The exercises, common practice with their doses; where a dose is a range, its middle. A change of side takes two seconds, a
 * walk forty-five (one flight of stairs, or a glass of water). Shifting the weight takes two minutes in all: what relieves the
 * skin under someone who sits in a wheelchair. What each is left out for, and the doses of those that only move, are from memory.
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

/** Which side of the body; null where both are at it. */
export type ExerciseSide = 'left' | 'right' | null;

/** A part of an exercise as it is gone through. */
export interface ExerciseStep {
	readonly exercise: ExerciseId;
	readonly phase: PhaseId;
	readonly side: ExerciseSide;
	/** Which round of how many. */
	readonly round: number;
	readonly rounds: number;
	readonly seconds: number;
}

/** An exercise as the parts that it is gone through in, in order. */
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
