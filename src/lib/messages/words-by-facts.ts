import { conditionHolds, type Facts, type FactCondition } from '$lib/core/conditions';

/** A text of which the first part that holds for someone is shown; a plain one holds for all. */
export type WordsByFacts = string | readonly { readonly holds: FactCondition; readonly text: string }[];

/** What is said of a text for some facts; empty where nothing of it holds. */
export function wordsFor(text: WordsByFacts, facts: Facts): string {
	if (typeof text === 'string') return text;
	return text.find(({ holds }) => conditionHolds(holds, facts))?.text ?? '';
}
