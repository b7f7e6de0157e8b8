import { habitTexts } from './habits';
import { listTexts } from './lists';
import { heightCheckTexts, measurableLengthTexts } from './checks';
import { messageTexts } from './correspondence';
import { dateTexts } from './dates';
import { discomfortTexts } from './discomfort';
import { deviceTexts, lengthFaultTexts, frameTexts, controlTexts, navTexts, helpRequestTexts } from './frame';
import { deskLayoutTexts, howToLookTexts, householdLookTexts } from './look';
import { measuringTexts } from './measuring';
import { lightTexts, nonHeightCheckTexts } from './other-checks';
import { remeasurementTexts, planOptionTexts, openProblemTexts, planTexts, spotTexts } from './plan';
import { sideViewTexts } from './section';
import { skippedQuestionTexts, sideViewPointTexts, sizeCheckTexts } from './side-look';
import { stepTexts, sittingStyleSentence, sittingStyleNames } from './steps';
import { backTestTexts, styleTrialTexts } from './style';
import {
	precautionTexts,
	fieldTexts,
	redFlagTexts,
	hintTexts,
	issueTexts,
	optionTexts,
	pageTexts,
	pickTexts,
	questionnaireModeTexts,
	thingTexts
} from './walk';

/** English texts of the employee's door, the checks and the steps, by subject. Another language is another folder of this shape. */
export const en = {
	locale: 'en',
	/** Dates are written day first. */
	dateLocale: 'en-GB',
	lists: listTexts,
	dates: dateTexts,
	product: 'Easy Corner',
	frame: frameTexts,
	kit: controlTexts,
	stuck: helpRequestTexts,
	routes: questionnaireModeTexts,
	picks: pickTexts,
	pages: pageTexts,
	first: redFlagTexts,
	discomfort: discomfortTexts,
	care: precautionTexts,
	nav: navTexts,
	fields: fieldTexts,
	hints: hintTexts,
	options: optionTexts,
	issues: issueTexts,
	things: thingTexts,
	checks: heightCheckTexts,
	measurable: measurableLengthTexts,
	section: sideViewTexts,
	steps: stepTexts,
	side: sideViewPointTexts,
	habits: habitTexts,
	closer: skippedQuestionTexts,
	sizes: sizeCheckTexts,
	ways: sittingStyleNames,
	wayOf: sittingStyleSentence,
	style: styleTrialTexts,
	backTest: backTestTexts,
	ladder: planOptionTexts,
	plan: planTexts,
	open: openProblemTexts,
	otherChecks: nonHeightCheckTexts,
	light: lightTexts,
	again: remeasurementTexts,
	spots: spotTexts,
	look: howToLookTexts,
	lookThings: householdLookTexts,
	desk: deskLayoutTexts,
	device: deviceTexts,
	measure: measuringTexts,
	messages: messageTexts,
	faults: lengthFaultTexts
};
