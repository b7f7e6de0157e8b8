export {
	ANSWER_RULES,
	FIGURE_CODES,
	CROSSED_RULES,
	GROUPINGS,
	DISCOMFORT_DETAIL_RULES,
	DISCOMFORT_RULES,
	FINDING_RULES,
	gapCode,
	HELP_RULES,
	UNKNOWN_GROUP,
	PURCHASE_RULES,
	type Grouping
} from './codes';
export { publishedCrossTable, type CrossTable } from './cross-tables';
export { associations, type AllPairs, type Association, type PairCounts } from './associations';
export { BY_DAYS, BY_WEEKS, coarsenCurve, type CoarseCurve, type TimeSteps } from './coarse-curve';
export type { WorkforceView } from './view';
export { gatherMeans, dotStripOf } from './dot-strip';
export { REPORT_COLUMNS, reportRows } from './report-table';
export { pairedFigure, type PairedFigure } from './paired-figure';
export {
	figureTable,
	type CodeFigures,
	type CodeRule,
	type PublishedShare,
	type FigureTable,
	type Tally
} from './figures';
export {
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
	REPORTED_ACTIVITIES,
	type CodeFigure,
	type KeyFigures,
	type PlanCourse,
	type CourseFigure,
	type GapFigure,
	type ReportedPurchase,
	type TeamFigure,
	type WorkforceReport
} from './report';
