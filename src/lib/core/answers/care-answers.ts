import { CARES, type Care } from '../corner';
import { choiceOf, type Answers } from './fields';

/** Name of the field that holds whether one thing has to be allowed for. */
export function careField(care: Care): string {
	return `care.${care}`;
}

/** What exercises and advice have to allow for, as far as it was said: nobody has to say it. */
export function caresOf(answers: Answers): Care[] {
	return CARES.filter((care) => answers[careField(care)] === 'yes');
}

/** Whether anything has to be allowed for: a condition, or one arm alone. */
export function hasCare(answers: Answers): boolean {
	return caresOf(answers).length > 0 || choiceOf(answers, 'arms') !== 'both';
}
