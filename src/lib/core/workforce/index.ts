export {
	ANSWER_RULES,
	CODES,
	CROSSED_RULES,
	DIMENSIONS,
	DISCOMFORT_DETAIL_RULES,
	DISCOMFORT_RULES,
	FINDING_RULES,
	gapCode,
	HELP_RULES,
	NO_KEY,
	PURCHASE_RULES,
	type Dimension
} from './codes';
export { crossedTable, type Grid } from './crossed';
export { associations, type AllPairs, type Association, type PairCounts } from './associations';
export { BY_DAYS, BY_WEEKS, coarseCurve, type CoarseCurve, type Pace } from './coarse-curve';
export type { View } from './view';
export { gathered, stripOf } from './strip';
export { REPORT_COLUMNS, reportRows } from './report-table';
export { pairedFigure, type PairedFigure } from './paired-figure';
export {
	figureTable,
	type CodeFigures,
	type CodeRule,
	type Figure,
	type FigureTable,
	type Tally
} from './figures';
export { FLOOR, shownCounts, shownGroups, shownPart, type Counts, type Shown } from './floor';
export {
	discomfortCodes,
	observe,
	SPOT_KINDS,
	type Observation,
	type Observed,
	type SpotKind
} from './observation';
export {
	COURSES,
	DONE,
	type CodeFigure,
	type KeyFigures,
	type Course,
	type CourseFigure,
	type GapFigure,
	type ReportedPurchase,
	type TeamFigure,
	type WorkforceReport
} from './report';
