import { VERSIONS } from '../checklist';
import { CARES, WAYS } from '../corner';
import { careField } from './care-answers';
import { deviceField, DEVICES_AT_HOME } from './device-answers';
import { BODY_PLACES, PAIN_PARTS, painField, painOptions } from './discomfort-answers';
import { STEP_PLACES, type StepPlace } from '../plan/step-places';
import { STYLE_FIELDS } from './style-answers';
import { IN_PLACE, stillField } from './still-in-place';
import { CHOICE_FIELDS, LENGTH_FIELDS, THING_PARTS, type Answers } from './fields';
import { canBeLeftOpen, cantField } from './usual-lengths';
import { SIGNS } from '../discomfort';
import { checkField, signField } from './walk-answers';

/** What one field takes: one of these texts, or any short text. */
export type FieldValues = readonly string[] | 'text';

function entries(): [string, FieldValues][] {
	return [
		...Object.keys(LENGTH_FIELDS).map((name): [string, FieldValues] => [name, 'text']),
		...Object.keys(LENGTH_FIELDS)
			.filter(canBeLeftOpen)
			.map((name): [string, FieldValues] => [cantField(name), ['yes', 'no']]),
		...Object.entries(CHOICE_FIELDS).map(([name, { options }]): [string, FieldValues] => [name, options]),
		...VERSIONS.flatMap(({ items }) => items).map(({ id, answers }): [string, FieldValues] => [
			checkField(id),
			answers.map((option) => option.id)
		]),
		...STEP_PLACES.map((place): [string, FieldValues] => [tickField(place), ['yes', 'no']]),
		...CARES.map((care): [string, FieldValues] => [careField(care), ['yes', 'no']]),
		[STYLE_FIELDS.way, WAYS],
		[STYLE_FIELDS.since, 'text'],
		...DEVICES_AT_HOME.map((device): [string, FieldValues] => [deviceField(device), ['yes', 'no']]),
		...IN_PLACE.map((what): [string, FieldValues] => [stillField(what), ['yes', 'no']]),
		...SIGNS.map((sign): [string, FieldValues] => [signField(sign), ['yes', 'no']]),
		...BODY_PLACES.flatMap((place) =>
			PAIN_PARTS.map((part): [string, FieldValues] => [painField(place, part), painOptions(part)])
		)
	];
}

/** Name of the field that says whether a step of the plan is done. */
export function tickField(place: StepPlace): string {
	return `tick.${place}`;
}

/** Steps that are ticked or unticked among some fields, by place. */
export function ticksOfAnswers(fields: Answers): Partial<Record<StepPlace, boolean>> {
	const told = STEP_PLACES.flatMap((place): [StepPlace, boolean][] => {
		const text = fields[tickField(place)];
		return text ? [[place, text === 'yes']] : [];
	});
	return Object.fromEntries(told);
}

/** Every field by name with what it takes, but for the things in the house; an empty text takes an answer back. */
export const ANSWER_FIELDS: ReadonlyMap<string, FieldValues> = new Map(entries());

/** Names of the fields of things in the house. */
export const THING_FIELD_PATTERN = `^thing\\.(?:[0-9]|[123][0-9])\\.(?:${THING_PARTS.join('|')})$`;
