import { deskRefusals } from './en/desk-refusals';
import { refusals } from './en/refusals';
import { USUAL_LOCALE } from './index';

const en = { ...refusals, ...deskRefusals };

type Refusals = typeof en;

/** The texts by language: a file of their own, because only the server refuses, and no page needs to carry them. */
const REFUSALS: Readonly<Record<string, Refusals>> = { en };

/** Why something is refused: a code alone, or with the facts that its words need. */
export type Why = {
	[Code in keyof Refusals]: Refusals[Code] extends (facts: infer Facts) => string
		? { readonly code: Code; readonly facts: Facts }
		: Code;
}[keyof Refusals];

/** The words of every refusal in a language; English where there are none. */
export const refusalTextsFor = (locale: string = USUAL_LOCALE): Refusals => REFUSALS[locale] ?? en;

/** What a refusal says: what is wrong, and what to do. @param locale of who reads it */
export function refusalWords(why: Why, locale?: string): string {
	const texts = refusalTextsFor(locale);
	if (typeof why === 'string') return texts[why];
	// The type above has paired the facts with their code; TypeScript can't follow a pair through a lookup.
	return (texts[why.code] as (facts: unknown) => string)(why.facts);
}
