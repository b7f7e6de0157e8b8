import { en } from './en/index';
import { languageOf, type Language } from './languages';

/** The shape that every language's catalogue has; the compiler holds a new one to it. */
export type Catalogue = typeof en;

/** The catalogues by language. */
const CATALOGUES: Readonly<Record<Language, Catalogue>> = { en };

/** What is written where nobody's language is known: on the desk, and on pages that belong to no one. */
export const DEFAULT_LOCALE = en.locale;

/** The locale that days and numbers are written in where nobody's language is known. */
export const DEFAULT_DATE_LOCALE = en.dateLocale;

/** The texts in a language; the usual ones where there are none. */
export function messagesFor(locale: string = DEFAULT_LOCALE): Catalogue {
	return CATALOGUES[languageOf(locale)];
}
