export { adjustedDifference, type AdjustedDifference, type AdjustedRow } from './adjusted-difference';
export { benjaminiHochberg } from './benjamini-hochberg';
export { cohenKappa, type Kappa } from './cohen-kappa';
export { differenceOfShares, pairedDifference, type Difference, type PairedCounts } from './difference';
export { Z, type Interval } from './interval';
export {
	kaplanMeier,
	medianTime,
	survivalInterval,
	type TimeToEvent,
	type SurvivalPoint
} from './kaplan-meier';
export { logRank, type GroupedTimeToEvent, type LogRank } from './log-rank';
export { meanChange, type MeanChange } from './mean-change';
export { mcNemar, type McNemar } from './mcnemar';
export { compareGroups, type ComparedGroup, type GroupCount } from './outlying-groups';
export { riskRatio, shareDifferenceP, type RiskRatio } from './risk-ratio';
export { countEqualChanges, wilcoxonOfCounts, type CountedChange, type Wilcoxon } from './wilcoxon';
export { wilson, type ShareWithInterval } from './wilson';
