import { hasTwoHands, yesNoFact, type Facts } from '../../plan/conditions/facts';
import { pointingHandOf } from '../../workstation/corner/pointing-hand';
import { SEAT_RULES } from '../../workstation/corner/seat-kinds';
import type { SittingStyle } from '../../workstation/corner/vocabulary';
import { CHECKLIST_VERSIONS, type ChecklistAnswers } from '../checklist/checklist';
import { OWN_ANSWER_PATTERN, OWN_ID_PATTERN } from '../checklist/own-ids';
import type { ChecklistItem } from '../checklist/item';
import type { ChecklistStation } from '../checklist/stations';
import { RED_FLAGS, type RedFlag } from '../../cases/discomfort/red-flags';
import { chosenOption, type Answers } from './fields';
import { handsFromAnswers } from './hands-from-answers';
import type { QuestionnairePage } from './questionnaire-pages';

/** Name of the field for the answer to one checklist question. */
export function checklistField(item: string): string {
	return `check.${item}`;
}

/** Pattern for the names of fields of questions that an organisation has added. */
export const OWN_CHECKLIST_FIELD_PATTERN = `^check\\.${OWN_ID_PATTERN}$`;

/** Pattern for the answers to such questions; an empty text withdraws one. */
export const OWN_CHECKLIST_ANSWER_PATTERN = `^(?:${OWN_ANSWER_PATTERN})?$`;

/** Name of the field for one warning sign. */
export function redFlagField(sign: RedFlag): string {
	return `sign.${sign}`;
}

/** Checklist stations that each page covers. */
export const STATIONS_OF_PAGE: Readonly<Partial<Record<QuestionnairePage, readonly ChecklistStation[]>>> = {
	spot: ['spot'],
	feet: ['feet'],
	back: ['back'],
	hands: ['hands'],
	mouse: ['mouse'],
	screen: ['screen'],
	light: ['light', 'sound'],
	safety: ['safety'],
	second: ['second', 'moving']
};

/** Checklist answers by question, of any version and of whatever the organisation has added; `askedItems` picks those of one version. */
export function checklistAnswersOf(answers: Answers): ChecklistAnswers {
	const given = CHECKLIST_VERSIONS.flatMap(({ items }) => items).flatMap(({ id }): [string, string][] => {
		const answer = answers[checklistField(id)];
		return answer ? [[id, answer]] : [];
	});
	const added = Object.entries(answers).flatMap(([field, answer]): [string, string][] => {
		const id = /^check\.(own-.*)$/.exec(field)?.[1];
		return id && answer ? [[id, answer]] : [];
	});
	return Object.fromEntries([...given, ...added]);
}

/** The facts that questions depend on, as far as answered: an unanswered one counts as the option shown first. */
export function factsOfAnswers(answers: Answers, way: SittingStyle): Facts {
	const isLaptop = chosenOption(answers, 'screenKind') === 'laptop';
	const posture = chosenOption(answers, 'posture');
	const seat = posture === 'standing' ? 'none' : chosenOption(answers, 'seatKind');
	const { hasBack, hasArmrests } = SEAT_RULES[chosenOption(answers, 'seatKind')];
	return {
		posture,
		seat,
		way,
		back: chosenOption(answers, 'back'),
		hand: pointingHandOf(handsFromAnswers(answers)),
		wrists: chosenOption(answers, 'wrists'),
		arms: hasTwoHands(chosenOption(answers, 'arms')),
		screen: chosenOption(answers, 'screenKind'),
		keys: isLaptop ? chosenOption(answers, 'keysKind') : 'separate',
		mouse: chosenOption(answers, 'mouse'),
		lenses: chosenOption(answers, 'lenses'),
		armrest: yesNoFact(seat !== 'none' && hasArmrests && chosenOption(answers, 'armrest') === 'yes'),
		backrest: yesNoFact(seat !== 'none' && hasBack && chosenOption(answers, 'backrest') === 'yes'),
		castors: yesNoFact(seat !== 'none' && chosenOption(answers, 'castors') === 'yes')
	};
}

/** The checklist questions of a page. Those that depend on other answers may be hidden by scripts; this says which are shown. */
export function checklistItemsOfPage(
	page: QuestionnairePage,
	items: readonly ChecklistItem[]
): ChecklistItem[] {
	const stations = STATIONS_OF_PAGE[page] ?? [];
	return items.filter(({ station }) => stations.includes(station));
}

/** The warning signs reported, emergencies first. */
export function redFlagsOf(answers: Answers): RedFlag[] {
	return RED_FLAGS.filter((sign) => answers[redFlagField(sign)] === 'yes');
}
