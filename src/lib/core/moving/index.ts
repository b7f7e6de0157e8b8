export {
	beginOf,
	elapsedOf,
	movedTo,
	nextBreak,
	paused,
	placeIn,
	started,
	stepsOfSet,
	STOPPED,
	type SetPlace,
	type Watch
} from './break-clock';
export { chooseSet, NO_REPEAT_MIN, type Bodily, type ExerciseSet, type HeldBack } from './choose-set';
export { planDay, type Busy, type DayPlan, type PlannedBreak, type PlannedWork } from './day-plan';
export { drawPose, type Blob, type PoseDrawing } from './drawing';
export {
	EXERCISE,
	EXERCISES,
	secondsOf,
	stepsOf,
	TOO_BAD,
	type Exercise,
	type ExerciseId,
	type PhaseId,
	type Position,
	type Side,
	type Step
} from './exercise';
export { placeBreaks, type BreakQuestion, type Span } from './place-breaks';
export { poseOf } from './poses';
export type { MovingProfile } from './profile';
export {
	BEATS,
	beatsFor,
	BREAK_KINDS,
	isGettingUp,
	isReal,
	MAIN_RHYTHM,
	RHYTHMS,
	SHARE_STANDING,
	STANDING_SHARES,
	type Beat,
	type BreakKind,
	type Rhythm,
	type StandingShare
} from './rhythm';
export { sharePlaces, type Place } from './share-places';
export { poseBetween } from './skeleton';
