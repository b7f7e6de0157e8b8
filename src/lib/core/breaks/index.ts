export {
	stepStartMs,
	elapsedMs,
	moveStopwatch,
	nextBreak,
	pauseStopwatch,
	setPositionAt,
	startStopwatch,
	exerciseSetSteps,
	STOPPED_STOPWATCH,
	type SetPosition,
	type Stopwatch
} from './stopwatch';
export {
	chooseExerciseSet,
	NO_REPEAT_MIN,
	type BodyCondition,
	type ExerciseSet,
	type StretchRestriction
} from './choose-exercise-set';
export { planDay, type BusyTime, type DayPlan, type PlannedBreak, type PlannedWork } from './day-plan';
export { drawPose, type RoundedShape, type PoseDrawing } from './drawing';
export {
	EXERCISE_RULES,
	EXERCISES,
	exerciseSeconds,
	exerciseSteps,
	PAIN_LIMIT,
	type Exercise,
	type ExerciseId,
	type PhaseId,
	type ExercisePosition,
	type ExerciseSide,
	type ExerciseStep
} from './exercise';
export {
	momentOfDay,
	simulateBreaks,
	type BreakTaker,
	type MomentOfDay,
	type SimulatedBreak
} from './simulate-day';
export { placeBreaks, type BreakPlacementRequest, type MinuteSpan } from './place-breaks';
export { poseOf } from './poses';
export type { BreakProfile } from './break-profile';
export {
	BREAK_INTERVALS,
	breakIntervalsFor,
	BREAK_KINDS,
	endsSitting,
	isFullBreak,
	DEFAULT_BREAK_SCHEDULE,
	BREAK_SCHEDULES,
	STANDING_SHARE_OF_DAY,
	STANDING_SHARES,
	type BreakInterval,
	type BreakKind,
	type BreakSchedule,
	type StandingShare
} from './break-schedules';
export { schedulePlaces, type WorkPlace } from './schedule-places';
export { interpolatePose } from './skeleton';
