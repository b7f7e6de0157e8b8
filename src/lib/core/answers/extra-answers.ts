import type { DeskThing } from '../desk';
import { CITY_IDS, COMPASS, type CityId, type Compass } from '../light';
import { CHOICE_FIELDS, chosenOption, type Answers } from './fields';
import { checklistAnswersOf } from './checklist-fields';

/** What was given besides the corner document: letters, the window, the second screen. */
export interface ExtraAnswers {
	/** Height of a small letter of the text that is read most, mm; null where it was not given, or is read easily. */
	readonly letterMm: number | null;
	/** The window's hour on the face of a clock whose 12 lies straight ahead; null for none. */
	readonly windowHour: number | null;
	readonly windowFaces: Compass | null;
	readonly city: CityId | null;
	/** What lies on the desk beside keys and screens, as far as they have it. */
	readonly things: readonly DeskThing[];
	/** The second screen; null for one alone. */
	readonly secondScreen: {
		readonly isLaptop: boolean;
		readonly isFlat: boolean;
		/** Whether both are used alike. */
		readonly isAlike: boolean;
	} | null;
}

/** Things of a desk, each with the answer by which someone has none. */
const THINGS: readonly (readonly [thing: DeskThing, item: string, none: string])[] = [
	['phone', 'phone', 'seldom'],
	['papers', 'papers', 'no-papers'],
	['lamp', 'lamp', 'no-paper-work']
];

/** Reads what was given besides the corner. */
export function extraAnswersOf(answers: Answers): ExtraAnswers {
	const told = checklistAnswersOf(answers);
	const letter = chosenOption(answers, 'letterSize');
	// A person who says that they read easily is left alone.
	const readsEasily = told['read-sitting-back'] === 'easily';
	const hour = /^at-(\d+)$/.exec(told['window-clock'] ?? '')?.[1];
	const faces = chosenOption(answers, 'windowFaces');
	const city = chosenOption(answers, 'city');
	const second = told['second-kind'] ?? '';
	return {
		letterMm: letter === CHOICE_FIELDS.letterSize.options[0] || readsEasily ? null : Number(letter),
		windowHour: hour === undefined ? null : Number(hour),
		windowFaces: COMPASS.find((wind) => wind === faces) ?? null,
		city: CITY_IDS.find((id) => id === city) ?? null,
		things: THINGS.flatMap(([thing, item, none]) => (told[item] === none ? [] : [thing])),
		secondScreen:
			told.screens === 'two'
				? {
						isLaptop: second.startsWith('laptop'),
						isFlat: second === 'laptop-flat' || second === 'tablet',
						isAlike: told['screen-share'] === 'both-alike' || told['main-screen'] === 'both-alike-seam-ahead'
					}
				: null
	};
}
