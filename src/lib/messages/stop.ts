import { stopTexts } from './en/stop';
import { languageOf, type Language } from './languages';

/** Texts of the stop page and those beside it. */
export type StopTexts = typeof stopTexts;

/** The stop page's words by language: a file of their own, so that pages on which nobody has stopped do not carry them. */
const STOP_TEXTS: Readonly<Record<Language, StopTexts>> = { en: stopTexts };

/** The stop page's words in a language; English where there are none. */
export function stopTextsFor(locale: string): StopTexts {
	return STOP_TEXTS[languageOf(locale)];
}
