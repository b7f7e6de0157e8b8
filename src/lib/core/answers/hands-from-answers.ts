import type { HandUse } from '../corner';
import { chosenOption, type Answers } from './fields';

/** The hands of a person, as far as something is said of them besides which one writes. */
export function handsFromAnswers(answers: Answers): HandUse {
	const [pointer, arms] = [chosenOption(answers, 'pointer'), chosenOption(answers, 'arms')];
	return {
		hand: chosenOption(answers, 'hand'),
		// Who works with one arm points with it.
		...(pointer === 'same' || arms !== 'both' ? {} : { pointer }),
		...(arms === 'both' ? {} : { arms })
	};
}
