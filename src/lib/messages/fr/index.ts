import type { Catalogue, LanguagePack } from '../shapes';
import { breakTexts } from './breaks/breaks';
import { measuringPageTexts } from './body/measuring-page';
import { trialTexts } from './plan/trial';
import { photoTexts } from './body/photo';
import { sharedSessionTexts } from './questionnaire/shared-session';
import { checklistTexts } from './questionnaire/checklist';
import { habitTexts } from './plan/habits';
import { listTexts } from './platform/lists';
import { checkInTexts } from './cases/check-in';
import { heightCheckTexts, measurableLengthTexts } from './workstation/checks';
import { messageTexts, ownRequestTexts, reminderTexts, withdrawalTexts } from './cases/correspondence';
import { dateTexts } from './platform/dates';
import { discomfortTexts } from './cases/discomfort';
import {
	deviceTexts,
	lengthFaultTexts,
	frameTexts,
	controlTexts,
	navTexts,
	helpRequestTexts,
	offlineTexts
} from './platform/frame';
import { deskLayoutTexts, howToLookTexts, householdLookTexts } from './workstation/look';
import { measuringTexts } from './body/measuring';
import { lightTexts, nonHeightCheckTexts } from './questionnaire/other-checks';
import { remeasurementTexts, planOptionTexts, openProblemTexts, planTexts, spotTexts } from './plan/plan';
import { sideViewTexts } from './workstation/section';
import { skippedQuestionTexts, sideViewPointTexts, sizeCheckTexts } from './plan/side-look';
import { stepTexts, sittingStyleSentence, sittingStyleNames } from './plan/steps';
import { sittingStyleTexts } from './plan/sitting-styles';
import { startTexts } from './questionnaire/start';
import { stopTexts } from './cases/stop';
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
	sharedSession: sharedSessionTexts,
	aside: {
		checkIn: checkInTexts,
		withdraw: withdrawalTexts,
		reminders: reminderTexts,
		equipment: ownRequestTexts,
		withoutNetwork: offlineTexts
	}
};
