export { planAsBuilt, currentCornerOf, type Remeasurements } from './current-corner';
export type { Action } from './actions';
export { carriedOutOn } from './carried-out';
export {
	latestEntry,
	newestAnswers,
	newestCorner,
	type RecordedAnswers,
	type RecordedCheckIn,
	type RecordedFinding,
	type RecordedPlan,
	type CaseRecord
} from './case-record';
export { assessCase, type AssessmentSettings } from './assess-case';
export type { AssessmentResult, TriageReason, UnclosableCheck } from './assessment-result';
export { unclosableChecks } from './open-reports';
export { planItemStates, type PlanItemState } from './plan-item-states';
export { CHECK_IN_REMARKS, checkInRemarks, type CheckInRemark } from './check-in-remarks';
export { findingStates, openFindings, type FindingTicks } from './open-findings';
export { readAssessmentResult, type StoredAssessmentResult } from './read-assessment-result';
export { planHeightsOf } from './plan-heights';
export {
	CLOSABLE,
	CLOSED_BY_OUTCOME,
	MEASURED_HEIGHTS,
	NEWS_KINDS,
	REASON_CODES,
	REASON_LEVELS,
	PLAN_ITEMS,
	FINDING_TICKS,
	WAITING_KINDS,
	type Closable,
	type MeasuredHeight,
	type NewsKind,
	type ReasonCode,
	type PlanItem,
	type FindingTick,
	type WaitingKind
} from './vocabulary';
