export { checkCorner, outsideBand, shownCheck, type CheckResult, type ShownCheck } from './check-corner';
export {
	bodyHeights,
	CHECK_IDS,
	checkIdsOf,
	checkIdsOfSeat,
	checkValues,
	keysOverSurfaceMm,
	undersideOverSurfaceMm,
	type CheckId
} from './check-values';
export { checkSd, measurableParts, measurableSd, type MeasurableLengthName } from './check-uncertainty';
export {
	measurementGainOf,
	isApproximate,
	measureNext,
	type MeasurementGains,
	type MeasurementGain
} from './measure-next';
export { normalCdf } from '../../workforce/statistics/normal-cdf';
export { setUpAsMeasured, type SetUp } from './set-up';
export { situationNow, type Situation } from './situation';
export {
	verdictProbabilities,
	isAnyOff,
	overallVerdict,
	verdictUncertainty,
	verdictOf,
	VERDICTS,
	type VerdictProbabilities,
	type Verdict
} from './verdict';
