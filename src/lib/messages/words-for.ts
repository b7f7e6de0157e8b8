import { holdsFor, type Facts, type Holds } from '$lib/core/conditions';

/** A text of which the first part that holds for somebody is shown; a plain one holds for all. */
export type ByFacts = string | readonly { readonly holds: Holds; readonly text: string }[];

/** What is said of a text for some facts; empty where nothing of it holds. */
export function wordsFor(text: ByFacts, facts: Facts): string {
	if (typeof text === 'string') return text;
	return text.find(({ holds }) => holdsFor(holds, facts))?.text ?? '';
}
