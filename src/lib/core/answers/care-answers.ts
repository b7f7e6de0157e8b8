import { CARES, type Care } from '../corner';
import { choiceOf, isGiven, type Answers } from './fields';

/** Name of the field that holds whether one thing has to be allowed for. */
export function careField(care: Care): string {
	return `care.${care}`;
}

/** What exercises and advice have to allow for, as far as it was said. */
export function caresOf(answers: Answers): Care[] {
	return CARES.filter((care) => answers[careField(care)] === 'yes');
}

/** Whether anything has to be allowed for: a condition, or one arm alone. */
export function hasCare(answers: Answers): boolean {
	return caresOf(answers).length > 0 || choiceOf(answers, 'arms') !== 'both';
}

/** Whether the question was answered: with something, or with none of it. */
export function isCareAnswered(answers: Answers): boolean {
	return isGiven(answers, 'care') || hasCare(answers);
}

/** The fields that a tap on "none of these" fills. */
export function fieldsOfNoCare(): Record<string, string> {
	return { care: 'no', arms: 'both', ...Object.fromEntries(CARES.map((care) => [careField(care), 'no'])) };
}
