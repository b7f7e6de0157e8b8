import { CHECKLIST_VERSIONS } from '../checklist';
import { BODY_FIELDS, chosenOption, type Answers } from './fields';
import { pageOfField } from './page-of-field';
import { checklistField } from './checklist-fields';

const BODY: ReadonlySet<string> = new Set([...BODY_FIELDS.sitting, ...BODY_FIELDS.standing]);

/** Pages that are about the person and the house, whichever spot is asked about. */
const SHARED_PAGES: readonly string[] = ['first', 'you', 'discomfort', 'house'];

/** Whether a field is the same at every spot of one person: their own lengths, their discomfort, what is in the house. */
export function isSharedAcrossSpots(field: string): boolean {
	return BODY.has(field) || (SHARED_PAGES.includes(pageOfField(field)) && !/^(?:tick|still)\./.test(field));
}

/** The fields that every spot of one person has in common. */
export function sharedFields(fields: Readonly<Record<string, string>>): Record<string, string> {
	return Object.fromEntries(Object.entries(fields).filter(([name]) => isSharedAcrossSpots(name)));
}

/** What goes with the person from table to table: a laptop with its keys and mouse. */
const DEVICES: ReadonlySet<string> = new Set([
	'screenKind',
	'screenSize',
	'topAboveBase',
	'visibleHeight',
	'baseLong',
	'baseShort',
	'keysKind',
	'homeRow',
	'keysLong',
	'keysShort',
	'mouse'
]);

/** Whether a field is about the screen, the keys or the mouse themselves. */
export const isDeviceField = (field: string) => DEVICES.has(field);

/** Habits of the person, whichever table they are at. */
const HABITS: ReadonlySet<string> = new Set([
	...CHECKLIST_VERSIONS.flatMap(({ items }) => items)
		.filter(({ station }) => station === 'sound' || station === 'moving')
		.map(({ id }) => checklistField(id)),
	...['eye-test', 'evening', 'pointing-hand', 'wiped', 'second-spot'].map(checklistField)
]);

/**
 * What a further spot begins with, so that it asks only what differs: everything about the person and their house, their habits, and a
 * laptop with its keys and mouse. A monitor stays where it stands.
 */
export function prefilledSpotFields(answers: Answers): Record<string, string> {
	const isLaptop = chosenOption(answers, 'screenKind') === 'laptop';
	const isCarried = (name: string) =>
		isSharedAcrossSpots(name) ||
		HABITS.has(name) ||
		name === 'by' ||
		name === 'bodyBy' ||
		(isLaptop && DEVICES.has(name));
	return Object.fromEntries(Object.entries(answers).filter(([name]) => isCarried(name)));
}
