import { stop } from './en/stop';

/** Texts of the stop page and those beside it. */
export type StopTexts = typeof stop;

/** The stop page's words by language: a file of their own, so that pages on which nobody has stopped do not carry them. */
const STOP_TEXTS: Readonly<Record<string, StopTexts>> = { en: stop };

/** The stop page's words in a language; English where there are none. */
export function stopTextsFor(locale: string): StopTexts {
	return STOP_TEXTS[locale] ?? stop;
}
