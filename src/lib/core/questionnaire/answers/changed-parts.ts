import { isFieldAnswered, type Answers } from './fields';
import { pageOfField } from './page-of-field';
import { prefilledSpotFields, isDeviceField, isSharedAcrossSpots } from './shared-fields';

/** What may have changed since the last self-assessment. */
export const CHANGED_PARTS = ['place', 'chair', 'devices', 'glasses'] as const;

/** One of {@link CHANGED_PARTS}. */
export type ChangedPart = (typeof CHANGED_PARTS)[number];

/** Armrests are asked about with the hands, but change with the chair. */
const OF_CHAIR: ReadonlySet<string> = new Set(['armrest', 'armrestHeight']);

/** What is seen differently through other glasses, and from where. */
const OF_GLASSES: ReadonlySet<string> = new Set(['lenses', 'distance', 'letterSize']);

const IS_OF: Readonly<Record<ChangedPart, (field: string, answers: Answers) => boolean>> = {
	place: (field, answers) => !Object.hasOwn(prefilledSpotFields(answers), field),
	chair: (field) =>
		OF_CHAIR.has(field) || (!isSharedAcrossSpots(field) && ['feet', 'back'].includes(pageOfField(field))),
	devices: (field) =>
		isDeviceField(field) || (!isSharedAcrossSpots(field) && ['mouse', 'screen'].includes(pageOfField(field))),
	glasses: (field) => OF_GLASSES.has(field)
};

/** Whether a self-assessment that has not been started carries the measurements of the last one. */
export function isPrefilled(answers: Answers): boolean {
	return isFieldAnswered(answers, 'stature') && isFieldAnswered(answers, 'surfaceHeight');
}

/** Clears the answers about what has changed, as fields to save: the questions are asked again. */
export function clearChangedParts(answers: Answers, renewed: readonly ChangedPart[]): Record<string, string> {
	const gone = Object.keys(answers).filter((field) => renewed.some((one) => IS_OF[one](field, answers)));
	return Object.fromEntries(gone.map((field) => [field, '']));
}
