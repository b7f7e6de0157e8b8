/** The languages that the texts are in: a new one makes the type checker name every catalogue that owes it. BCP 47 tags. */
export const LANGUAGES = ['en'] as const;

/** One of {@link LANGUAGES}. */
export type Language = (typeof LANGUAGES)[number];

/** What each language calls itself. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English' };

/** The language of a locale, whatever its country; English where we have no texts in it. */
export function languageOf(locale: string): Language {
	const [language] = locale.toLowerCase().split('-');
	return LANGUAGES.find((one) => one === language) ?? 'en';
}
