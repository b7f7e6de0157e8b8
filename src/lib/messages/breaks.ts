import { breakTexts } from './en/breaks';
import { languageOf, type Language } from './languages';

/** Texts of the day's breaks and of the break page. */
export type BreakTexts = typeof breakTexts;

/** The texts by language: a file of their own, so that the walk and the plan do not carry them. */
const BREAK_TEXTS: Readonly<Record<Language, BreakTexts>> = { en: breakTexts };

/** The texts of breaks in a language; English where there are none. */
export function breakTextsFor(locale: string): BreakTexts {
	return BREAK_TEXTS[languageOf(locale)];
}
