import { messagesFor, type Catalogue } from './index';

type Refusals = Catalogue['refusals'];

/** Why something is refused: a code alone, or with the facts that its words need. */
export type Why = {
	[Code in keyof Refusals]: Refusals[Code] extends (facts: infer Facts) => string
		? { readonly code: Code; readonly facts: Facts }
		: Code;
}[keyof Refusals];

/** What a refusal says: what is wrong, and what to do. @param locale of who reads it */
export function refusalWords(why: Why, locale?: string): string {
	const { refusals } = messagesFor(locale);
	if (typeof why === 'string') return refusals[why];
	// The type above has paired the facts with their code; TypeScript can't follow a pair through a lookup.
	return (refusals[why.code] as (facts: unknown) => string)(why.facts);
}
