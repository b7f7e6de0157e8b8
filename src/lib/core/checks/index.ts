export { checkCorner, outsideBand, type CheckResult } from './check-corner';
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
export { checkSd, measurableParts, measurableSd, type MeasurableName } from './check-uncertainty';
export { certaintyOf, isAbout, measureNext, type Certainties, type Certainty } from './measure-next';
export { normalCdf } from '../statistics/normal-cdf';
export { setUpAsMeasured, type SetUp } from './set-up';
export { situationNow, type Situation } from './situation';
export {
	chancesOf,
	isAnyOff,
	undecidedness,
	verdictOf,
	VERDICTS,
	type Chances,
	type Verdict
} from './verdict';
