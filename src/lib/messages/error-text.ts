import { deskRefusalTexts } from './en/platform/desk-refusals';
import { deskRefusalTextsDe } from './de/platform/desk-refusals';
import { refusalTextsDe } from './de/platform/refusals';
import { refusalTextsEs } from './es/platform/refusals';
import { refusalTextsFr } from './fr/platform/refusals';
import { refusalTexts } from './en/platform/refusals';
import { deskLocale } from './desk-language';
import { languageOf, type Language } from './languages';

const en = { ...refusalTexts, ...deskRefusalTexts };

type Refusals = typeof en;

/** The texts by language: a file of their own, because only the server refuses, and no page needs to carry them. */
const REFUSALS: Readonly<Record<Language, Refusals>> = {
	en,
	de: { ...refusalTextsDe, ...deskRefusalTextsDe },
	fr: { ...en, ...refusalTextsFr },
	es: { ...en, ...refusalTextsEs }
};

/** Why something is refused: a code, with the facts its text needs. */
export type ErrorCode = {
	[Code in keyof Refusals]: Refusals[Code] extends (facts: infer Facts) => string
		? { readonly code: Code; readonly facts: Facts }
		: Code;
}[keyof Refusals];

/** The words of every refusal in a language: the reader's, or English where there are none. */
export const errorTextsFor = (locale: string = deskLocale()): Refusals => REFUSALS[languageOf(locale)];

/** What a refusal says: what is wrong, and what to do. @param locale of who reads it */
export function errorText(why: ErrorCode, locale?: string): string {
	const texts = errorTextsFor(locale);
	if (typeof why === 'string') return texts[why];
	// The type above pairs the facts with their code; TypeScript can't follow that through a lookup.
	return (texts[why.code] as (facts: unknown) => string)(why.facts);
}
