export { CODE_DIGITS, CODE_PATTERN, MOST_WRONG_CODES, codeFrom, readCode, spacedCode } from './code';
export {
	WALKTHROUGH_STATIONS,
	fieldOutsideStations,
	isWalkthroughStation,
	stationOfField,
	type WalkthroughStation
} from './stations';
export {
	LONGEST_WALKTHROUGH_MS,
	WALKTHROUGH_ENDS,
	agreementOn,
	hasRunOut,
	isAgreed,
	type Agreement,
	type WalkthroughEnd,
	type WalkthroughEntry,
	type WalkthroughPlan,
	type WalkthroughState,
	type WalkthroughSummary
} from './walkthrough';
