import { en } from './en/index';
import { americanDateTexts } from './en/platform/american-dates';
import { packed } from './language-packs';
import { localeOf } from './languages';
import type { Catalogue } from './shapes';

/** The locale where the reader's language isn't known. */
const DEFAULT_LOCALE = en.locale;

/** The locale of dates and numbers where the reader's language isn't known. */
export const DEFAULT_DATE_LOCALE = en.dateLocale;

/** English with the dates and times of the United States. */
const american: Catalogue = { ...en, locale: 'en-US', dateLocale: 'en-US', dates: americanDateTexts };

/** The texts in a loaded language (`language-packs.ts`), or in English. */
export function messagesFor(locale: string = DEFAULT_LOCALE): Catalogue {
	return packed('catalogue', locale) ?? (localeOf(locale) === 'en-US' ? american : en);
}
