/** Languages in which names of languages are recognised, besides each in its own. */
const NAMED_IN = ['en', 'de', 'fr', 'es', 'pt', 'it', 'nl', 'pl'] as const;

const CODE = /^[a-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/i;

const plain = (name: string) => name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().trim();

let known: ReadonlyMap<string, string> | null = null;

/** Codes by name, from the Unicode CLDR; built when the first name is looked up. */
function names(): ReadonlyMap<string, string> {
	if (known) return known;
	const letters = [...'abcdefghijklmnopqrstuvwxyz'];
	const english = new Intl.DisplayNames('en', { type: 'language', fallback: 'none' });
	// Obsolete codes share the names of current ones; a locale is always written with current codes.
	const codes = letters
		.flatMap((a) => letters.map((b) => `${a}${b}`))
		.filter((code) => english.of(code) !== undefined && new Intl.Locale(code).language === code);
	const entries: [string, string][] = [];
	const add = (locale: string, of: readonly string[]) => {
		const display = new Intl.DisplayNames(locale, { type: 'language', fallback: 'none' });
		for (const code of of) {
			const name = display.of(code);
			if (name) entries.push([plain(name), code]);
		}
	};
	for (const locale of NAMED_IN) add(locale, codes);
	for (const code of Intl.DisplayNames.supportedLocalesOf(codes)) add(code, [code]);
	// Where two languages share a name, the one named in English counts: it comes last.
	known = new Map(entries.reverse());
	return known;
}

/**
 * The BCP 47 code that a text means: a code, or the name of a language in its own or in a widely used one; what follows the name in brackets
 * or after a slash or comma is left out. Empty for an empty text; null where it is neither.
 */
export function languageCode(text: string): string | null {
	const trimmed = text.trim();
	if (trimmed === '') return '';
	const named = names().get(plain(trimmed.replace(/[(/,].*$/, '')));
	if (named) return named;
	const code = trimmed.replace(/_/g, '-');
	if (!CODE.test(code)) return null;
	// A word of two or three letters is a code only if there is such a language.
	const [language = '', ...rest] = code.split('-');
	if (new Intl.DisplayNames('en', { type: 'language', fallback: 'none' }).of(language) === undefined)
		return null;
	return [language.toLowerCase(), ...rest].join('-');
}
