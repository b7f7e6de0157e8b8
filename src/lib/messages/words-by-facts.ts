import { factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
import { conditionHolds, type FactCondition } from '$lib/core/plan/conditions/fact-condition';
import type { Facts } from '$lib/core/plan/conditions/facts';

/** A text with alternatives: the first that applies to someone is shown. A plain one applies to everyone. */
export type WordsByFacts = string | readonly { readonly holds: FactCondition; readonly text: string }[];

/** Someone on a chair with a back: what is assumed where nobody in particular reads. */
const SOMEONE = factsOfAnswers({}, 'upright');

/** A text without a person: of several, the one for {@link SOMEONE}. */
export const plainWords = (text: WordsByFacts): string =>
	wordsFor(text, SOMEONE) || (typeof text === 'string' ? '' : (text[0]?.text ?? ''));

/** The text that applies to these facts; empty if none does. */
export function wordsFor(text: WordsByFacts, facts: Facts): string {
	if (typeof text === 'string') return text;
	return text.find(({ holds }) => conditionHolds(holds, facts))?.text ?? '';
}
