import type { DeskThing } from '../../workstation/desk/placed-thing';
import { CITY_IDS, type CityId } from '../../body/light/cities';
import { COMPASS, type Compass } from '../../body/light/compass';
import { CHOICE_FIELDS, chosenOption, type Answers } from './fields';
import { checklistAnswersOf } from './checklist-fields';

/** Answers beyond the workstation document: letter size, window, second screen. */
export interface ExtraAnswers {
	/** Height of a small letter in the text read most, mm; null where it was not given or is easy to read. */
	readonly letterMm: number | null;
	/** Direction of the window as an hour on a clock face with 12 straight ahead; null for none. */
	readonly windowHour: number | null;
	readonly windowFaces: Compass | null;
	readonly city: CityId | null;
	/** Other things on the desk, as far as the person has them. */
	readonly things: readonly DeskThing[];
	/** The second screen; null for one alone. */
	readonly secondScreen: {
		readonly isLaptop: boolean;
		readonly isFlat: boolean;
		/** Whether both screens are used equally. */
		readonly isAlike: boolean;
	} | null;
}

/** Things on a desk, each with the answer that says there is none. */
const THINGS: readonly (readonly [thing: DeskThing, item: string, none: string])[] = [
	['phone', 'phone', 'seldom'],
	['papers', 'papers', 'no-papers'],
	['lamp', 'lamp', 'no-paper-work']
];

/** Reads the answers beyond the workstation document. */
export function extraAnswersOf(answers: Answers): ExtraAnswers {
	const told = checklistAnswersOf(answers);
	const letter = chosenOption(answers, 'letterSize');
	// Nothing is asked of a person who says the text is easy to read.
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
