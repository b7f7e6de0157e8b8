/** The languages that the texts are in: a new one makes the type checker name every catalogue that owes it. BCP 47 tags. */
export const LANGUAGES = ['en', 'de', 'fr', 'es'] as const;

/** One of {@link LANGUAGES}. */
export type Language = (typeof LANGUAGES)[number];

/** The language of the desk, and of pages that belong to no one. */
export const DEFAULT_LANGUAGE: Language = 'en';

/**
 * What people choose from: the languages, and a country's own way of writing dates, times and lengths where the texts are the same. BCP 47
 * tags.
 */
export const LOCALES = ['en', 'en-US', 'de', 'fr', 'es'] as const;

/** One of {@link LOCALES}. */
export type Locale = (typeof LOCALES)[number];

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

/** What each choice calls itself. */
export const LOCALE_NAMES: Readonly<Record<Locale, string>> = { ...LANGUAGE_NAMES, 'en-US': 'English (US)' };

/** The choice that a tag means: its country's own where there is one, its language otherwise, and English where there are no texts. */
export function localeOf(tag: string): Locale {
	const exact = LOCALES.find((one) => one.toLowerCase() === tag.toLowerCase());
	return exact ?? languageOf(tag);
}
