export { cornerAsItStands, planAsItStands, setUpAsItStands, type Measured } from './as-it-stands';
export type { FileAnswers, FileCheckIn, FileLengths, FileThing, PersonFile } from './file';
export { judge, type JudgedWith } from './judge';
export type { Judgement, Reason, Unclosable } from './judgement';
export { unclosableChecks } from './open-reports';
export { speaksOf } from './open-signs';
export { carriedOutOn, thingStates, type ThingState } from './plan-state';
export {
	CLOSABLE,
	CLOSED_BY_OUTCOME,
	MEASURED_HEIGHTS,
	NEWS,
	REASON_CODES,
	REASON_LEVELS,
	THINGS,
	WAITING,
	type Closable,
	type MeasuredHeight,
	type News,
	type ReasonCode,
	type Thing,
	type Waiting
} from './vocabulary';
