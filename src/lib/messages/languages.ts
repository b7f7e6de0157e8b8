/** The languages that the texts are in: a new one makes the type checker name every catalogue that owes it. BCP 47 tags. */
export const LANGUAGES = ['en'] as const;

/** One of {@link LANGUAGES}. */
export type Language = (typeof LANGUAGES)[number];

/** The language of a locale; English where we have no texts in it. */
export const languageOf = (locale: string): Language =>
	LANGUAGES.find((language) => language === locale) ?? 'en';
