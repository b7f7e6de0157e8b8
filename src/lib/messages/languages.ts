/** Languages of the texts, as BCP 47 tags. For a new one, the type checker names every catalogue that lacks it. */
export const LANGUAGES = ['en', 'de', 'fr', 'es'] as const;

/** One of {@link LANGUAGES}. */
export type Language = (typeof LANGUAGES)[number];

/** The language of the desk, and of pages without a reader of their own. */
export const DEFAULT_LANGUAGE: Language = 'en';

/**
 * What people choose from: the languages, and a country's own way of writing dates, times and lengths where the texts are the same. BCP 47
 * tags.
 */
export const LOCALES = ['en', 'en-US', 'de', 'fr', 'es'] as const;

/** One of {@link LOCALES}. */
export type Locale = (typeof LOCALES)[number];

/** Each language's name in that language. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = {
	en: 'English',
	de: 'Deutsch',
	fr: 'Français',
	es: 'Español'
};

/** Languages translated from English. */
export const TRANSLATED_LANGUAGES = ['de', 'fr', 'es'] as const satisfies readonly Exclude<Language, 'en'>[];

/** The language of a locale, whatever its country; English where we have no translation. */
export function languageOf(locale: string): Language {
	const [language] = locale.toLowerCase().split('-');
	return LANGUAGES.find((one) => one === language) ?? DEFAULT_LANGUAGE;
}

/** What each choice calls itself. */
export const LOCALE_NAMES: Readonly<Record<Locale, string>> = { ...LANGUAGE_NAMES, 'en-US': 'English (US)' };

/** The language option for a tag: its country's if there is one, otherwise its language; English if we have no texts. */
export function localeOf(tag: string): Locale {
	const exact = LOCALES.find((one) => one.toLowerCase() === tag.toLowerCase());
	return exact ?? languageOf(tag);
}
