export { planAsItStands, standingCorner, type Measured } from './as-it-stands';
export type { Action } from './actions';
export { carriedOutOn } from './carried-out';
export {
	latest,
	newestAnswers,
	newestCorner,
	type FileAnswers,
	type FileCheckIn,
	type FileFinding,
	type FilePlan,
	type PersonFile
} from './file';
export { judge, type JudgedWith } from './judge';
export type { Judgement, Reason, Unclosable } from './judgement';
export { unclosableChecks } from './open-reports';
export { thingStates, type ThingState } from './plan-state';
export { findingStates, type FindingTicks } from './open-findings';
export { readJudgement, type StoredJudgement } from './read-judgement';
export { heightsOf } from './plan-heights';
export {
	CLOSABLE,
	CLOSED_BY_OUTCOME,
	MEASURED_HEIGHTS,
	NEWS,
	REASON_CODES,
	REASON_LEVELS,
	THINGS,
	TICK_WAYS,
	WAITING,
	type Closable,
	type MeasuredHeight,
	type News,
	type ReasonCode,
	type Thing,
	type TickWay,
	type Waiting
} from './vocabulary';
