import { EXERCISE_RULES, exerciseSteps, type ExerciseId, type ExerciseStep } from './exercise';

/** A position within a set of exercises. */
export interface SetPosition {
	/** Index of the step; the number of steps where the set is over. */
	readonly at: number;
	readonly step: ExerciseStep | null;
	/** Whole seconds left in the step. */
	readonly leftS: number;
	/** Whole seconds left in the set. */
	readonly leftInAllS: number;
}

/** The steps of a set, in order. */
export const exerciseSetSteps = (set: readonly ExerciseId[]): readonly ExerciseStep[] =>
	set.flatMap((id) => exerciseSteps(EXERCISE_RULES[id]));

/**
 * The position in a set after a time.
 * @param elapsedMs without pauses
 */
export function setPositionAt(steps: readonly ExerciseStep[], elapsedMs: number): SetPosition {
	let from = 0;
	const all = steps.reduce((sum, { seconds }) => sum + seconds, 0);
	const elapsedS = Math.max(0, elapsedMs / 1000);
	for (const [at, step] of steps.entries()) {
		if (elapsedS < from + step.seconds)
			return {
				at,
				step,
				leftS: Math.ceil(from + step.seconds - elapsedS),
				leftInAllS: Math.ceil(all - elapsedS)
			};
		from += step.seconds;
	}
	return { at: steps.length, step: null, leftS: 0, leftInAllS: 0 };
}

/** The time at which a step begins, ms from the start of the set. */
export const stepStartMs = (steps: readonly ExerciseStep[], at: number): number =>
	steps.slice(0, at).reduce((sum, { seconds }) => sum + seconds, 0) * 1000;

/** A stopwatch that can be paused. It counts from timestamps, never from ticks, so a tab that was suspended loses nothing. */
export interface Stopwatch {
	/** Time of the last start, ms since the epoch; null while paused. */
	readonly since: number | null;
	/** Time elapsed before that, ms. */
	readonly before: number;
}

/** A stopwatch that has not started. */
export const STOPPED_STOPWATCH: Stopwatch = { since: null, before: 0 };

/** Elapsed time, ms. Setting the clock back takes nothing away. */
export const elapsedMs = ({ since, before }: Stopwatch, nowMs: number): number =>
	before + (since === null ? 0 : Math.max(0, nowMs - since));

/** The stopwatch, started at a moment. */
export const startStopwatch = (watch: Stopwatch, nowMs: number): Stopwatch => ({
	since: watch.since ?? nowMs,
	before: watch.before
});

/** The stopwatch, paused at a moment. */
export const pauseStopwatch = (watch: Stopwatch, nowMs: number): Stopwatch => ({
	since: null,
	before: elapsedMs(watch, nowMs)
});

/** The stopwatch, moved to another time, running or paused as before. */
export const moveStopwatch = ({ since }: Stopwatch, elapsedMs: number, nowMs: number): Stopwatch => ({
	since: since === null ? null : nowMs,
	before: elapsedMs
});

/**
 * The next break of the day and the time until then; null after the last.
 * @param nowMin minutes from midnight, with a fraction
 */
export function nextBreak<T extends { readonly from: number }>(
	breaks: readonly T[],
	nowMin: number
): { readonly next: T; readonly inS: number } | null {
	const next = breaks.find(({ from }) => from >= nowMin);
	return next ? { next, inS: Math.ceil((next.from - nowMin) * 60) } : null;
}
