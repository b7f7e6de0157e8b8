import { en } from './en/index';
import { americanDateTexts } from './en/american-dates';
import { packed } from './language-packs';
import { localeOf } from './languages';
import type { Catalogue } from './shapes';

export type { Catalogue } from './shapes';

/** What is written where nobody's language is known: on the desk, and on pages that belong to no one. */
export const DEFAULT_LOCALE = en.locale;

/** The locale that days and numbers are written in where nobody's language is known. */
export const DEFAULT_DATE_LOCALE = en.dateLocale;

/** English with the dates and times of the United States. */
const american: Catalogue = { ...en, locale: 'en-US', dateLocale: 'en-US', dates: americanDateTexts };

/** The texts in a language that was loaded (`language-packs.ts`); English where there are none. */
export function messagesFor(locale: string = DEFAULT_LOCALE): Catalogue {
	return packed('catalogue', locale) ?? (localeOf(locale) === 'en-US' ? american : en);
}
