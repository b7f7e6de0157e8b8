import { CHECKLIST_VERSIONS } from '../checklist/checklist';
import { PRECAUTIONS, SITTING_STYLES } from '../../workstation/corner/vocabulary';
import { precautionField } from './precaution-answers';
import { deviceField, DEVICES_AT_HOME } from './device-answers';
import { BODY_PLACES, PAIN_PARTS, painField, painOptions } from './discomfort-answers';
import { STEP_PLACES, type StepPlace } from '../../plan/step-places';
import { PHOTO_FIELDS } from './photo-answers';
import { COMFORT_SCALE, TRIAL_FIELDS } from './day-trial';
import { IN_PLACE_ITEMS, stillInPlaceField } from './in-place-items';
import { CHOICE_FIELDS, LENGTH_FIELDS, THING_FIELD_PARTS, type Answers } from './fields';
import { mayStayUnmeasured, cannotMeasureField } from './default-lengths';
import { RED_FLAGS } from '../../cases/discomfort/red-flags';
import { checklistField, redFlagField } from './checklist-fields';

/** What a field accepts: one of these values, or any short text. */
export type FieldValues = readonly string[] | 'text';

function entries(): [string, FieldValues][] {
	return [
		...Object.keys(LENGTH_FIELDS).map((name): [string, FieldValues] => [name, 'text']),
		...Object.keys(LENGTH_FIELDS)
			.filter(mayStayUnmeasured)
			.map((name): [string, FieldValues] => [cannotMeasureField(name), ['yes', 'no']]),
		...Object.entries(CHOICE_FIELDS).map(([name, { options }]): [string, FieldValues] => [name, options]),
		...CHECKLIST_VERSIONS.flatMap(({ items }) => items).map(({ id, answers }): [string, FieldValues] => [
			checklistField(id),
			answers.map((option) => option.id)
		]),
		...STEP_PLACES.map((place): [string, FieldValues] => [stepTickField(place), ['yes', 'no']]),
		...PRECAUTIONS.map((care): [string, FieldValues] => [precautionField(care), ['yes', 'no']]),
		[TRIAL_FIELDS.way, SITTING_STYLES],
		[TRIAL_FIELDS.comfort, COMFORT_SCALE],
		[TRIAL_FIELDS.ownComfort, COMFORT_SCALE],
		...(['since', 'plan', 'planId', 'ownOn'] as const).map((part): [string, FieldValues] => [
			TRIAL_FIELDS[part],
			'text'
		]),
		...PHOTO_FIELDS.map((name): [string, FieldValues] => [name, 'text']),
		...DEVICES_AT_HOME.map((device): [string, FieldValues] => [deviceField(device), ['yes', 'no']]),
		...IN_PLACE_ITEMS.map((what): [string, FieldValues] => [stillInPlaceField(what), ['yes', 'no']]),
		...RED_FLAGS.map((sign): [string, FieldValues] => [redFlagField(sign), ['yes', 'no']]),
		...BODY_PLACES.flatMap((place) =>
			PAIN_PARTS.map((part): [string, FieldValues] => [painField(place, part), painOptions(part)])
		)
	];
}

/** Name of the field that says whether a plan step is done. */
export function stepTickField(place: StepPlace): string {
	return `tick.${place}`;
}

/** Plan steps that these fields tick or untick, by place. */
export function stepTicksOf(fields: Answers): Partial<Record<StepPlace, boolean>> {
	const told = STEP_PLACES.flatMap((place): [StepPlace, boolean][] => {
		const text = fields[stepTickField(place)];
		return text ? [[place, text === 'yes']] : [];
	});
	return Object.fromEntries(told);
}

/** Every field by name with the values it accepts, except for household items; an empty text withdraws an answer. */
export const ANSWER_FIELDS: ReadonlyMap<string, FieldValues> = new Map(entries());

/** Pattern for the names of household-item fields. */
export const THING_FIELD_PATTERN = `^thing\\.(?:[0-9]|[123][0-9])\\.(?:${THING_FIELD_PARTS.join('|')})$`;
