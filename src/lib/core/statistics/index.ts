export { benjaminiHochberg } from './benjamini-hochberg';
export { differenceOfShares, pairedDifference, type Difference, type Paired } from './difference';
export type { Interval } from './interval';
export { kaplanMeier, medianTime, survivalInterval, type Spell, type SurvivalPoint } from './kaplan-meier';
export { logRank, type GroupedSpell, type LogRank } from './log-rank';
export { mcNemar, type McNemar } from './mcnemar';
export { riskRatio, sharesDiffer, type RiskRatio } from './risk-ratio';
export { counted, wilcoxonOf, type Counted, type Wilcoxon } from './wilcoxon';
export { wilson, type Share } from './wilson';
