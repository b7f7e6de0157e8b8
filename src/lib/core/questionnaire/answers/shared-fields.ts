import { CHECKLIST_VERSIONS } from '../checklist/checklist';
import { BODY_FIELDS, chosenOption, type Answers } from './fields';
import { pageOfField } from './page-of-field';
import { checklistField } from './checklist-fields';

const BODY: ReadonlySet<string> = new Set([...BODY_FIELDS.sitting, ...BODY_FIELDS.standing]);

/** Pages about the person and the household, which apply to every workstation. */
const SHARED_PAGES: readonly string[] = ['first', 'you', 'discomfort', 'house'];

/** Whether a field is the same at each of a person's workstations: body lengths, discomfort, household items. */
export function isSharedAcrossSpots(field: string): boolean {
	return (
		BODY.has(field.replace(/^photo\./, '')) ||
		(SHARED_PAGES.includes(pageOfField(field)) && !/^(?:tick|still)\./.test(field))
	);
}

/** The fields that all workstations of a person share. */
export function sharedFields(fields: Readonly<Record<string, string>>): Record<string, string> {
	return Object.fromEntries(Object.entries(fields).filter(([name]) => isSharedAcrossSpots(name)));
}

/** What moves with the person from table to table: a laptop with its keyboard and mouse. */
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

/** Whether a field is about the screen, keyboard or mouse themselves. */
export const isDeviceField = (field: string) => DEVICES.has(field);

/** Habits of the person, at whichever table. */
const HABITS: ReadonlySet<string> = new Set([
	...CHECKLIST_VERSIONS.flatMap(({ items }) => items)
		.filter(({ station }) => station === 'sound' || station === 'moving')
		.map(({ id }) => checklistField(id)),
	...['eye-test', 'evening', 'pointing-hand', 'wiped', 'second-spot'].map(checklistField)
]);

/**
 * What a further workstation starts from, so that only differences are asked: everything about the person, the household and their habits,
 * and a laptop with its keyboard and mouse. A monitor stays where it is.
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
