import { deskLocale } from './desk-language';
import { messagesFor } from './index';

/** How the reader of a desk page writes dates and numbers. BCP 47 */
export const readersDateLocale = (): string => messagesFor(deskLocale()).dateLocale;

const made = new Map<string, unknown>();

/**
 * A format of the platform in the reader's language, made once for each: making one takes as long as writing a hundred values with it.
 * @param key tells formats apart
 * @param make for a locale
 * @param locale of someone else than the reader
 */
export function formatOf<T>(
	key: string,
	make: (locale: string) => T,
	locale: string = readersDateLocale()
): T {
	const full = `${locale} ${key}`;
	if (!made.has(full)) made.set(full, make(locale));
	return made.get(full) as T;
}

/** The name of a country; its code where it is no country's. @param code ISO 3166-1 alpha-2 */
export function countryWords(code: string): string {
	const names = formatOf('country', (locale) => new Intl.DisplayNames(locale, { type: 'region' }));
	try {
		return names.of(code) ?? code;
	} catch (error) {
		if (error instanceof RangeError) return code;
		throw error;
	}
}

/** The name of a language, in the reader's. @param tag BCP 47 */
export const languageWords = (tag: string): string =>
	formatOf('language', (locale) => new Intl.DisplayNames(locale, { type: 'language' })).of(tag) ?? tag;
