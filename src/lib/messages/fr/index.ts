import type { Catalogue, LanguagePack } from '../shapes';
import { breakTexts } from './breaks';
import { measuringPageTexts } from './measuring-page';
import { trialTexts } from './trial';
import { photoTexts } from './photo';
import { walkthroughTexts } from './walkthrough';
import { checklistTexts } from './checklist';
import { habitTexts } from './habits';
import { listTexts } from './lists';
import { checkInTexts } from './check-in';
import { heightCheckTexts, measurableLengthTexts } from './checks';
import { messageTexts, ownRequestTexts, reminderTexts, withdrawalTexts } from './correspondence';
import { dateTexts } from './dates';
import { discomfortTexts } from './discomfort';
import {
	deviceTexts,
	lengthFaultTexts,
	frameTexts,
	controlTexts,
	navTexts,
	helpRequestTexts,
	offlineTexts
} from './frame';
import { deskLayoutTexts, howToLookTexts, householdLookTexts } from './look';
import { measuringTexts } from './measuring';
import { lightTexts, nonHeightCheckTexts } from './other-checks';
import { remeasurementTexts, planOptionTexts, openProblemTexts, planTexts, spotTexts } from './plan';
import { sideViewTexts } from './section';
import { skippedQuestionTexts, sideViewPointTexts, sizeCheckTexts } from './side-look';
import { stepTexts, sittingStyleSentence, sittingStyleNames } from './steps';
import { sittingStyleTexts } from './sitting-styles';
import { startTexts } from './start';
import { stopTexts } from './stop';
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

/** French texts of the employee’s door, in formal address. */
const catalogue: Catalogue = {
	locale: 'fr',
	dateLocale: 'fr',
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

/** All French texts of the employee’s door. */
export const pack: LanguagePack = {
	catalogue,
	checklist: checklistTexts,
	start: startTexts,
	stop: stopTexts,
	sittingStyles: sittingStyleTexts,
	breaks: breakTexts,
	measuringPage: measuringPageTexts,
	trial: trialTexts,
	photo: photoTexts,
	walkthrough: walkthroughTexts,
	aside: {
		checkIn: checkInTexts,
		withdraw: withdrawalTexts,
		reminders: reminderTexts,
		equipment: ownRequestTexts,
		withoutNetwork: offlineTexts
	}
};
