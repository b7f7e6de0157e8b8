import { hasTwoHands, yesNoFact, type Facts } from '../conditions';
import { pointingHandOf, SEAT_RULES, type SittingStyle } from '../corner';
import {
	CHECKLIST_VERSIONS,
	type ChecklistAnswers,
	type ChecklistItem,
	type ChecklistStation
} from '../checklist';
import { RED_FLAGS, type RedFlag } from '../discomfort';
import { chosenOption, type Answers } from './fields';
import { handsFromAnswers } from './hands-from-answers';
import type { QuestionnairePage } from './questionnaire-pages';

/** Name of the field that holds the answer to one question of the checklist. */
export function checklistField(item: string): string {
	return `check.${item}`;
}

/** Name of the field that holds whether one sign is there. */
export function redFlagField(sign: RedFlag): string {
	return `sign.${sign}`;
}

/** Stations of the checklist that each page asks. */
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

/** Answers to the checklist, by question of any version; `askedItems` picks those that a version asks. */
export function checklistAnswersOf(answers: Answers): ChecklistAnswers {
	const given = CHECKLIST_VERSIONS.flatMap(({ items }) => items).flatMap(({ id }): [string, string][] => {
		const answer = answers[checklistField(id)];
		return answer ? [[id, answer]] : [];
	});
	return Object.fromEntries(given);
}

/** What questions depend on, as far as it is answered: an answer not given yet counts as the one shown first. */
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

/** The questions of a page that depend on other answers may be hidden by scripts: this says which stand. */
export function checklistItemsOfPage(
	page: QuestionnairePage,
	items: readonly ChecklistItem[]
): ChecklistItem[] {
	const stations = STATIONS_OF_PAGE[page] ?? [];
	return items.filter(({ station }) => stations.includes(station));
}

/** The signs that are there, emergencies first. */
export function redFlagsOf(answers: Answers): RedFlag[] {
	return RED_FLAGS.filter((sign) => answers[redFlagField(sign)] === 'yes');
}
