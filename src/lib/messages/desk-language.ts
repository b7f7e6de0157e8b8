import { languageOf, type Language } from './languages';

/** Languages of the desk. For a new one, the type checker asks for its texts. */
export const DESK_LANGUAGES = ['en', 'de'] as const satisfies readonly Language[];

/** One of {@link DESK_LANGUAGES}. */
export type DeskLanguage = (typeof DESK_LANGUAGES)[number];

/** The language a desk page is written in, whether its warning signs were confirmed by a person who knows the field, and own names. */
export interface DeskReader {
	readonly language: DeskLanguage;
	readonly areSignsReviewed: boolean;
	/** Names of what the organisation has added: problems of the checklist, and items of equipment. */
	readonly ownNames: Readonly<Record<string, string>>;
}

/** The reader of a page before a language is known. */
export const ENGLISH_READER: DeskReader = { language: 'en', areSignsReviewed: true, ownNames: {} };

/** The desk's language for a locale; English where the desk isn't translated. */
export function deskLanguageOf(locale: string): DeskLanguage {
	const language = languageOf(locale);
	return DESK_LANGUAGES.find((one) => one === language) ?? 'en';
}

let source: () => DeskReader = () => ENGLISH_READER;

/**
 * Sets where the reader of a text is looked up. A browser has one reader; a server has one for each request, which it finds by the
 * request that a text is written for.
 */
export function findDeskReaderBy(find: () => DeskReader): void {
	source = find;
}

/** The reader of the texts being written. */
export const deskReader = (): DeskReader => source();

/** The language of the texts being written. */
export const deskLocale = (): DeskLanguage => source().language;
