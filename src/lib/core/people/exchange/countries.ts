/** Languages whose country names are recognised. */
const LANGUAGES = ['en', 'de', 'fr', 'es', 'pt', 'it', 'nl', 'pl', 'sv', 'da', 'nb', 'fi', 'cs'] as const;

/** Country names in daily use that differ from the Unicode CLDR, the source of the other names. From memory. */
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

/** Country codes by name, in every recognised language; built when the first name is looked up. */
function names(): ReadonlyMap<string, string> {
	if (known) return known;
	const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
	// Obsolete codes share the names of current ones; a locale is always written with current codes.
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
	// Where several codes share a name, the current one comes first in English.
	known = new Map([...entries.reverse(), ...Object.entries(ALSO)]);
	return known;
}

/** The ISO 3166-1 alpha-2 code that a text means: a code, or a name in a recognised language; null where it is neither. */
export function countryCode(text: string): string | null {
	const code = text.trim().toUpperCase();
	if (code === '') return '';
	if (code !== 'UK' && /^[A-Z]{2}$/.test(code)) return code;
	return names().get(plain(text)) ?? null;
}
