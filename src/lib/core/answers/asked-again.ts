import { isGiven, type Answers } from './fields';
import { pageOfField } from './page-of-field';
import { carriedFields, isDevice, isShared } from './shared-fields';

/** What may be another one than last time. */
export const RENEWED = ['place', 'chair', 'devices', 'glasses'] as const;

/** One thing; see {@link RENEWED}. */
export type Renewed = (typeof RENEWED)[number];

/** Armrests are asked about with the hands, and go with the chair. */
const OF_CHAIR: ReadonlySet<string> = new Set(['armrest', 'armrestHeight']);

/** What is seen through other glasses, from where. */
const OF_GLASSES: ReadonlySet<string> = new Set(['lenses', 'distance', 'letterSize']);

const IS_OF: Readonly<Record<Renewed, (field: string, answers: Answers) => boolean>> = {
	place: (field, answers) => !Object.hasOwn(carriedFields(answers), field),
	chair: (field) =>
		OF_CHAIR.has(field) || (!isShared(field) && ['feet', 'back'].includes(pageOfField(field))),
	devices: (field) =>
		isDevice(field) || (!isShared(field) && ['mouse', 'screen'].includes(pageOfField(field))),
	glasses: (field) => OF_GLASSES.has(field)
};

/** Whether a self-assessment that nobody has begun holds the measures of the last one. */
export function isAskedAgain(answers: Answers): boolean {
	return isGiven(answers, 'stature') && isGiven(answers, 'surfaceHeight');
}

/** Takes out the answers that are about what is another one now, as fields to be saved: the walk asks them anew. */
export function withoutRenewed(answers: Answers, renewed: readonly Renewed[]): Record<string, string> {
	const gone = Object.keys(answers).filter((field) => renewed.some((one) => IS_OF[one](field, answers)));
	return Object.fromEntries(gone.map((field) => [field, '']));
}
