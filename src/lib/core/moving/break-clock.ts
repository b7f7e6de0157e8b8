import { EXERCISE, stepsOf, type ExerciseId, type Step } from './exercise';

/** Where somebody is in a set. */
export interface SetPlace {
	/** Which part, from 0; the number of parts where the set is over. */
	readonly at: number;
	readonly step: Step | null;
	/** Whole seconds that are left of the part. */
	readonly leftS: number;
	/** Of the whole set. */
	readonly leftInAllS: number;
}

/** The parts of a set, in order. */
export const stepsOfSet = (set: readonly ExerciseId[]): readonly Step[] =>
	set.flatMap((id) => stepsOf(EXERCISE[id]));

/** Where a set stands after so long. @param elapsedMs without pauses */
export function placeIn(steps: readonly Step[], elapsedMs: number): SetPlace {
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
export const beginOf = (steps: readonly Step[], at: number): number =>
	steps.slice(0, at).reduce((sum, { seconds }) => sum + seconds, 0) * 1000;

/** A watch that can be paused: counted from moments and never from ticks, so that a tab that slept has lost nothing. */
export interface Watch {
	/** When it was started last, ms since the epoch; null while it is paused. */
	readonly since: number | null;
	/** What had gone by before, ms. */
	readonly before: number;
}

/** A watch that has not begun. */
export const STOPPED: Watch = { since: null, before: 0 };

/** What has gone by, ms. A clock that was set back takes nothing away. */
export const elapsedOf = ({ since, before }: Watch, nowMs: number): number =>
	before + (since === null ? 0 : Math.max(0, nowMs - since));

/** The watch as it runs on from a moment. */
export const started = (watch: Watch, nowMs: number): Watch => ({
	since: watch.since ?? nowMs,
	before: watch.before
});

/** The watch as it stands still from a moment on. */
export const paused = (watch: Watch, nowMs: number): Watch => ({
	since: null,
	before: elapsedOf(watch, nowMs)
});

/** The watch moved to a place of its own, running or not as before. */
export const movedTo = ({ since }: Watch, elapsedMs: number, nowMs: number): Watch => ({
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
