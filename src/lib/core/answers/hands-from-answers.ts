import type { Hands } from '../corner';
import { choiceOf, type Answers } from './fields';

/** The hands of a person, as far as something is said of them besides which one writes. */
export function handsFromAnswers(answers: Answers): Hands {
	const [pointer, arms] = [choiceOf(answers, 'pointer'), choiceOf(answers, 'arms')];
	return {
		hand: choiceOf(answers, 'hand'),
		// Who works with one arm points with it.
		...(pointer === 'same' || arms !== 'both' ? {} : { pointer }),
		...(arms === 'both' ? {} : { arms })
	};
}
