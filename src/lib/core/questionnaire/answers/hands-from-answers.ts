import type { HandUse } from '../../workstation/corner/pointing-hand';
import { chosenOption, type Answers } from './fields';

/** A person's hands as far as answered: the mouse hand and working with one arm. */
export function handsFromAnswers(answers: Answers): HandUse {
	const [pointer, arms] = [chosenOption(answers, 'pointer'), chosenOption(answers, 'arms')];
	return {
		hand: chosenOption(answers, 'hand'),
		// A person who works with one arm uses the mouse with it.
		...(pointer === 'same' || arms !== 'both' ? {} : { pointer }),
		...(arms === 'both' ? {} : { arms })
	};
}
