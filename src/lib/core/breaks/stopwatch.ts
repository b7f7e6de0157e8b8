import { EXERCISE_RULES, exerciseSteps, type ExerciseId, type ExerciseStep } from './exercise';

/** Where someone is in a set. */
export interface SetPosition {
	/** Which part, from 0; the number of parts where the set is over. */
	readonly at: number;
	readonly step: ExerciseStep | null;
	/** Whole seconds that are left of the part. */
	readonly leftS: number;
	/** Of the whole set. */
	readonly leftInAllS: number;
}

/** The parts of a set, in order. */
export const exerciseSetSteps = (set: readonly ExerciseId[]): readonly ExerciseStep[] =>
	set.flatMap((id) => exerciseSteps(EXERCISE_RULES[id]));

/** Where a set stands after so long. @param elapsedMs without pauses */
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

/** How far into a set its part begins, ms. */
export const stepStartMs = (steps: readonly ExerciseStep[], at: number): number =>
	steps.slice(0, at).reduce((sum, { seconds }) => sum + seconds, 0) * 1000;

/** A watch that can be paused: counted from moments and never from ticks, so that a tab that slept has lost nothing. */
export interface Stopwatch {
	/** When it was started last, ms since the epoch; null while it is paused. */
	readonly since: number | null;
	/** What had gone by before, ms. */
	readonly before: number;
}

/** A watch that has not begun. */
export const STOPPED_STOPWATCH: Stopwatch = { since: null, before: 0 };

/** What has gone by, ms. A clock that was set back takes nothing away. */
export const elapsedMs = ({ since, before }: Stopwatch, nowMs: number): number =>
	before + (since === null ? 0 : Math.max(0, nowMs - since));

/** The watch as it runs on from a moment. */
export const startStopwatch = (watch: Stopwatch, nowMs: number): Stopwatch => ({
	since: watch.since ?? nowMs,
	before: watch.before
});

/** The watch as it stands still from a moment on. */
export const pauseStopwatch = (watch: Stopwatch, nowMs: number): Stopwatch => ({
	since: null,
	before: elapsedMs(watch, nowMs)
});

/** The watch moved to a place of its own, running or not as before. */
export const moveStopwatch = ({ since }: Stopwatch, elapsedMs: number, nowMs: number): Stopwatch => ({
	since: since === null ? null : nowMs,
	before: elapsedMs
});

/** The break of a day that is next at a moment, and how long until then; null after the last. @param nowMin minutes from midnight, with a fraction */
export function nextBreak<T extends { readonly from: number }>(
	breaks: readonly T[],
	nowMin: number
): { readonly next: T; readonly inS: number } | null {
	const next = breaks.find(({ from }) => from >= nowMin);
	return next ? { next, inS: Math.ceil((next.from - nowMin) * 60) } : null;
}
