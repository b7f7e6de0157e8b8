/** What an organisation calls something of its own, by language as a BCP 47 tag. */
export type OwnNames = Readonly<Partial<Record<string, string>>>;

/** Longest name, characters. */
export const OWN_NAME_LENGTH = 60;

/** The name in a language; the first there is where it has none in that one. */
export const ownNameIn = (names: OwnNames, language: string): string =>
	names[language]?.trim() || Object.values(names).find((name) => name?.trim()) || '';

/** Languages in which a name is missing. */
export const languagesWithoutName = (names: OwnNames, languages: readonly string[]): string[] =>
	languages.filter((language) => !names[language]?.trim());
