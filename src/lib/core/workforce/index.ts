export { builtFrom } from './built-from';
export {
	ANSWER_RULES,
	FIGURE_CODES,
	FIRST_CHOICE,
	FOR_EVERYONE_ONLY,
	firstChoiceCode,
	CROSSED_RULES,
	GROUPINGS,
	DISCOMFORT_RULES,
	FINDING_RULES,
	gapCode,
	HELP_RULES,
	SETTLED_DAYS,
	PUBLISHED_OF,
	publishedRules,
	type PublishedOf,
	UNKNOWN_GROUP,
	PURCHASE_RULES,
	type Grouping
} from './codes';
export {
	askedCode,
	BUILT_HEIGHTS,
	builtHeightCodes,
	CLOSE_MM,
	closeCode,
	KEPT_AFTER_DAYS,
	keptCode,
	measuredCode,
	planStepCodes,
	STEP_COUNTED_AFTER_DAYS,
	STEP_RULES,
	stepCode,
	stepDoneCode,
	type RecordedSteps,
	type UndoneReport
} from './plan-step-codes';
export { publishedCrossTable, type CrossTable } from './cross-tables';
export { associations, type AllPairs, type Association, type PairCounts } from './associations';
export { BY_DAYS, BY_WEEKS, coarsenCurve, type CoarseCurve, type TimeSteps } from './coarse-curve';
export type { FigureView, WorkforceView } from './view';
export { gatherMeans, dotStripOf } from './dot-strip';
export { REPORT_COLUMNS, reportRows } from './report-table';
export {
	changesByGroup,
	EVERYONE,
	peopleToRenew,
	type ChangedPerson,
	type CountedState,
	type GroupChange
} from './people-to-renew';
export { bothChanges, cellChanges, leavesOpen, type CellChange } from './changed-cells';
export { publishedChange, type PublishedChange } from './published-change';
export { threePartsOf, type ThreeParts } from './three-parts';
export { comparedGroups } from './compared-groups';
export { pairedFigure, type PairedFigure } from './paired-figure';
export {
	figureTable,
	NO_TABLE,
	type CodeFigures,
	type CodeRule,
	type PublishedShare,
	type FigureTable,
	type CellsBefore,
	type Tally
} from './figures';
export {
	MIN_CLOSING_GROUP_SIZE,
	MIN_GROUP_SIZE,
	publishedCounts,
	publishedGroups,
	publishedPart,
	type GroupCounts,
	type PublishedCells
} from './group-size-limit';
export {
	discomfortCodes,
	observe,
	SPOT_KINDS,
	type Observation,
	type Observed,
	type SpotKind
} from './observation';
export {
	PLAN_COURSES,
	NO_ACTIVITIES,
	REPORTED_ACTIVITIES,
	REPORT_MONTHS,
	type CodeFigure,
	type KeyFigures,
	type PlanCourse,
	type CourseFigure,
	type GapFigure,
	type ReportedPurchase,
	type TeamFigure,
	type WorkforceReport
} from './report';
export { costOf, decisionOutcomes, decisionsOf, type Decision } from './report-decisions';
export {
	DECISION_KINDS,
	DECISION_RESULTS,
	type DecisionKind,
	type DecisionOutcome,
	type DecisionResult,
	type RecordedDecisions
} from './decision-outcome';
export { BASE_CODES, CellsOfBefore, changesOfDimension, type PendingCell } from './cells-before';
export { closingTables, type ClosingTable, type HiddenSums } from './closing-table';
export {
	associationParts,
	gapParts,
	helpParts,
	NO_HELP,
	NO_PAIRS,
	NO_PARTS,
	pairedParts,
	timeParts,
	type Activities,
	type AssociationParts,
	type ClosingParts,
	type GapPairs,
	type HelpParts,
	type PlanTimeToEvent,
	type ScoreChange,
	type TimeParts
} from './screen-parts';
export { estimatePadShare, padCode, padCodes, padShares, type PadShare } from './pad-shares';
export { lookAgreement, type LookAgreement, type RecordedLook } from './look-agreement';
export { teamsToVisit, VISIT_OF, type TeamToVisit, type VisitSignal } from './teams-to-visit';
export { purchaseResults, type ArrivedEquipment, type PurchaseResults } from './purchase-results';
export { overviewPoint, type OverviewPoint } from './overview';
