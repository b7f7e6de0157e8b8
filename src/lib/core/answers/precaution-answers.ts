import { PRECAUTIONS, type Precaution } from '../corner';
import { chosenOption, type Answers } from './fields';

/** Name of the field that holds whether one thing has to be allowed for. */
export function precautionField(care: Precaution): string {
	return `care.${care}`;
}

/** What exercises and advice have to allow for, as far as it was said: nobody has to say it. */
export function precautionsOf(answers: Answers): Precaution[] {
	return PRECAUTIONS.filter((care) => answers[precautionField(care)] === 'yes');
}

/** Whether anything has to be allowed for: a condition, or one arm alone. */
export function hasPrecautions(answers: Answers): boolean {
	return precautionsOf(answers).length > 0 || chosenOption(answers, 'arms') !== 'both';
}
