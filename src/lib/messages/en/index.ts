import { habitTexts } from './plan/habits';
import { listTexts } from './platform/lists';
import { heightCheckTexts, measurableLengthTexts } from './workstation/checks';
import { messageTexts } from './cases/correspondence';
import { dateTexts } from './platform/dates';
import { discomfortTexts } from './cases/discomfort';
import {
	deviceTexts,
	lengthFaultTexts,
	frameTexts,
	controlTexts,
	navTexts,
	helpRequestTexts
} from './platform/frame';
import { deskLayoutTexts, howToLookTexts, householdLookTexts } from './workstation/look';
import { measuringTexts } from './body/measuring';
import { lightTexts, nonHeightCheckTexts } from './questionnaire/other-checks';
import { remeasurementTexts, planOptionTexts, openProblemTexts, planTexts, spotTexts } from './plan/plan';
import { sideViewTexts } from './workstation/section';
import { skippedQuestionTexts, sideViewPointTexts, sizeCheckTexts } from './plan/side-look';
import { stepTexts, sittingStyleSentence, sittingStyleNames } from './plan/steps';
import { backTestTexts, styleTrialTexts } from './plan/style';
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
} from './questionnaire/walk';

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
