/** The languages that the texts are in: a new one makes the type checker name every catalogue that owes it. BCP 47 tags. */
export const LANGUAGES = ['en', 'de', 'fr', 'es'] as const;

/** One of {@link LANGUAGES}. */
export type Language = (typeof LANGUAGES)[number];

/** The language of the desk, and of pages that belong to no one. */
export const DEFAULT_LANGUAGE: Language = 'en';

/** What each language calls itself. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = {
	en: 'English',
	de: 'Deutsch',
	fr: 'Français',
	es: 'Español'
};

/** Languages that are translated from English, which is written first. */
export const TRANSLATED_LANGUAGES = ['de', 'fr', 'es'] as const satisfies readonly Exclude<Language, 'en'>[];

/** The language of a locale, whatever its country; English where we have no texts in it. */
export function languageOf(locale: string): Language {
	const [language] = locale.toLowerCase().split('-');
	return LANGUAGES.find((one) => one === language) ?? DEFAULT_LANGUAGE;
}
