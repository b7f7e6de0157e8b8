import { chooseExerciseSet, type BodyCondition } from './choose-exercise-set';
import type { DayPlan, PlannedBreak } from './day-plan';
import type { ExerciseId, ExercisePosition, ExerciseStep } from './exercise';
import type { MinuteSpan } from './place-breaks';
import type { WorkPlace } from './schedule-places';
import { exerciseSetSteps, setPositionAt } from './stopwatch';

/** A planned break with the exercises that it would offer. */
export interface SimulatedBreak extends PlannedBreak {
	readonly steps: readonly ExerciseStep[];
}

/** Who takes the breaks, and where. */
export interface BreakTaker {
	readonly body: BodyCondition;
	readonly positions: readonly ExercisePosition[];
}

/**
 * The breaks of a planned day with the exercises that each would offer if those before it are taken as planned: what was done is not
 * offered again within two hours. Cost: the choice of a set for each break.
 */
export function simulateBreaks(plan: DayPlan, { body, positions }: BreakTaker): SimulatedBreak[] {
	const doneAt = new Map<ExerciseId, number>();
	return plan.breaks.map((one) => {
		const sinceMin = Object.fromEntries([...doneAt].map(([id, at]) => [id, one.from - at]));
		const { exercises } = chooseExerciseSet({
			kind: one.kind,
			seconds: one.takesS,
			body,
			positions,
			sinceMin
		});
		for (const id of exercises) doneAt.set(id, one.from);
		return { ...one, steps: exerciseSetSteps(exercises) };
	});
}

/** What happens at one minute of a planned day. */
export type MomentOfDay =
	| {
			readonly kind: 'work';
			readonly place: WorkPlace;
			readonly isMeeting: boolean;
			/** Since when they have been at it without a change, minutes. */
			readonly forMin: number;
			/** Minute of the next change. */
			readonly until: number;
	  }
	| {
			readonly kind: 'break';
			readonly of: SimulatedBreak;
			/** What is done then; null where no exercise suits them. */
			readonly step: ExerciseStep | null;
	  }
	/** Lunch, or a call that is taken walking. */
	| { readonly kind: 'rest'; readonly until: number };

const isIn = ({ from, to }: MinuteSpan, minute: number) => minute >= from && minute < to;

/**
 * What happens at a minute of a planned day.
 * @param breaks of {@link simulateBreaks}
 * @param minute from midnight
 * @returns null outside the working day
 */
export function momentOfDay(
	plan: DayPlan,
	breaks: readonly SimulatedBreak[],
	minute: number
): MomentOfDay | null {
	const pause = breaks.find((one) => isIn(one, minute));
	if (pause) {
		const { step } = setPositionAt(pause.steps, (minute - pause.from) * 60_000);
		return { kind: 'break', of: pause, step: step ?? pause.steps.at(-1) ?? null };
	}
	const rest = plan.rests.find((one) => isIn(one, minute));
	if (rest) return { kind: 'rest', until: rest.to };
	const work = plan.work.find((one) => isIn(one, minute));
	if (!work) return null;
	const interruptions = breaks.filter(({ to }) => to > work.from && to <= minute);
	const since = Math.max(work.from, ...interruptions.map(({ to }) => to));
	const next = breaks.find(({ from }) => from > minute && from < work.to);
	return {
		kind: 'work',
		place: work.place,
		isMeeting: plan.meetings.some((one) => isIn(one, minute)),
		forMin: minute - since,
		until: next?.from ?? work.to
	};
}
