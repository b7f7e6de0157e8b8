import { handsOf, yesNo, type Facts } from '../conditions';
import { pointingHandOf, SEAT_RULES, type Way } from '../corner';
import { VERSIONS, type ChecklistAnswers, type ChecklistItem, type WalkStation } from '../checklist';
import { SIGNS, type Sign } from '../discomfort';
import { choiceOf, type Answers } from './fields';
import { handsFromAnswers } from './hands-from-answers';
import type { Page } from './pages';

/** Name of the field that holds the answer to one question of the checklist. */
export function checkField(item: string): string {
	return `check.${item}`;
}

/** Name of the field that holds whether one sign is there. */
export function signField(sign: Sign): string {
	return `sign.${sign}`;
}

/** Stations of the checklist that each page asks. */
export const STATIONS_OF_PAGE: Readonly<Partial<Record<Page, readonly WalkStation[]>>> = {
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
	const given = VERSIONS.flatMap(({ items }) => items).flatMap(({ id }): [string, string][] => {
		const answer = answers[checkField(id)];
		return answer ? [[id, answer]] : [];
	});
	return Object.fromEntries(given);
}

/** What questions depend on, as far as it is answered: an answer not given yet counts as the one shown first. */
export function factsOfAnswers(answers: Answers, way: Way): Facts {
	const isLaptop = choiceOf(answers, 'screenKind') === 'laptop';
	const posture = choiceOf(answers, 'posture');
	const seat = posture === 'standing' ? 'none' : choiceOf(answers, 'seatKind');
	const { hasBack, hasArmrests } = SEAT_RULES[choiceOf(answers, 'seatKind')];
	return {
		posture,
		seat,
		way,
		back: choiceOf(answers, 'back'),
		hand: pointingHandOf(handsFromAnswers(answers)),
		wrists: choiceOf(answers, 'wrists'),
		arms: handsOf(choiceOf(answers, 'arms')),
		screen: choiceOf(answers, 'screenKind'),
		keys: isLaptop ? choiceOf(answers, 'keysKind') : 'separate',
		mouse: choiceOf(answers, 'mouse'),
		lenses: choiceOf(answers, 'lenses'),
		armrest: yesNo(seat !== 'none' && hasArmrests && choiceOf(answers, 'armrest') === 'yes'),
		backrest: yesNo(seat !== 'none' && hasBack && choiceOf(answers, 'backrest') === 'yes'),
		castors: yesNo(seat !== 'none' && choiceOf(answers, 'castors') === 'yes')
	};
}

/** The questions of a page that depend on other answers may be hidden by scripts: this says which stand. */
export function itemsOfPage(page: Page, items: readonly ChecklistItem[]): ChecklistItem[] {
	const stations = STATIONS_OF_PAGE[page] ?? [];
	return items.filter(({ station }) => stations.includes(station));
}

/** The signs that are there, emergencies first. */
export function signsOf(answers: Answers): Sign[] {
	return SIGNS.filter((sign) => answers[signField(sign)] === 'yes');
}
