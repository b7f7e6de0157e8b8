import { PRECAUTIONS, type Precaution } from '../../workstation/corner/vocabulary';
import { chosenOption, type Answers } from './fields';

/** Name of the field for one precaution. */
export function precautionField(care: Precaution): string {
	return `care.${care}`;
}

/** The precautions that exercises and advice must respect, as far as reported; reporting them is voluntary. */
export function precautionsOf(answers: Answers): Precaution[] {
	return PRECAUTIONS.filter((care) => answers[precautionField(care)] === 'yes');
}

/** Whether there is any precaution: a condition, or working with one arm. */
export function hasPrecautions(answers: Answers): boolean {
	return precautionsOf(answers).length > 0 || chosenOption(answers, 'arms') !== 'both';
}
