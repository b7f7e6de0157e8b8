/** Languages whose names of countries are read. */
const LANGUAGES = ['en', 'de', 'fr', 'es', 'pt', 'it', 'nl', 'pl', 'sv', 'da', 'nb', 'fi', 'cs'] as const;

/** Names in daily use that the Unicode CLDR, which the names come from, writes otherwise. From memory. */
const ALSO: Readonly<Record<string, string>> = {
	uk: 'GB',
	'great britain': 'GB',
	england: 'GB',
	scotland: 'GB',
	wales: 'GB',
	usa: 'US',
	'united states of america': 'US',
	america: 'US',
	holland: 'NL',
	'the netherlands': 'NL',
	'czech republic': 'CZ',
	turkey: 'TR',
	'ivory coast': 'CI',
	'south korea': 'KR',
	russia: 'RU',
	vietnam: 'VN'
};

const plain = (name: string) =>
	name.normalize('NFD').replace(/\p{M}/gu, '').replace(/[’']/g, '').toLowerCase().trim();

let known: ReadonlyMap<string, string> | null = null;

/** Names of countries by code, in every language that is read; made once, where the first name is met. */
function names(): ReadonlyMap<string, string> {
	if (known) return known;
	const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
	// Codes that are no longer in use have the same names; a locale is written with those that are.
	const codes = letters
		.flatMap((a) => letters.map((b) => `${a}${b}`))
		.filter((code) => new Intl.Locale(`und-${code}`).region === code);
	const entries = LANGUAGES.flatMap((language) => {
		const display = new Intl.DisplayNames(language, { type: 'region', fallback: 'none' });
		return codes.flatMap((code): [string, string][] => {
			const name = display.of(code);
			return name ? [[plain(name), code]] : [];
		});
	});
	// Of a name that several codes have had, the one that is in use comes first in English.
	known = new Map([...entries.reverse(), ...Object.entries(ALSO)]);
	return known;
}

/** The ISO 3166-1 alpha-2 code that a text means: a code, or a name in one of some languages; null where it is neither. */
export function countryCode(text: string): string | null {
	const code = text.trim().toUpperCase();
	if (code === '') return '';
	if (code !== 'UK' && /^[A-Z]{2}$/.test(code)) return code;
	return names().get(plain(text)) ?? null;
}
