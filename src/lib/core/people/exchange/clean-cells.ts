/** Characters that spreadsheets and web pages leave in cells and nobody sees: no-break spaces, and marks of no width. */
const UNSEEN_SPACE = /[\u00a0\u2007\u202f\u3000]/g;
const UNSEEN = /[\u200b-\u200f\u2060\ufeff\u00ad]/g;

/** A cell without what nobody sees, and with single spaces. */
export const plainCell = (cell: string): string =>
	cell.replace(UNSEEN_SPACE, ' ').replace(UNSEEN, '').replace(/\s+/g, ' ').trim();

/** The email address in a cell: also of a link, of “Name <address>”, and before a comma or full stop that doesn't belong to it. */
export function emailOfCell(cell: string): string {
	const inBrackets = /<([^<>\s]+@[^<>\s]+)>/.exec(cell)?.[1];
	return (inBrackets ?? cell)
		.replace(/^mailto:/i, '')
		.replace(/[.,;]+$/, '')
		.trim()
		.toLowerCase();
}

/** What follows a comma in a name without being the first name. */
const SUFFIX = /^(?:jr|sr|ii|iii|iv|phd|md|dds|esq|mba|msc|bsc)\.?$/i;

/** A name with the first name first: “Fennick, Odo” is Odo Fennick. */
export function nameOfCell(cell: string): string {
	const [last, first, ...more] = cell.split(',').map((part) => part.trim());
	if (!last || !first || more.length > 0 || SUFFIX.test(first)) return cell;
	return `${first} ${last}`;
}

/** A region without the country before it: DE-BY is BY. */
export const regionOfCell = (cell: string): string => cell.toUpperCase().replace(/^[A-Z]{2}[-_](?=.)/, '');

/** A phone number without the words before it. */
export const phoneOfCell = (cell: string): string =>
	cell.replace(/^(?:tel|phone|mobile|mob|cell|telefon|handy|téléphone|tel[eé]fono)\b\.?:?\s*/i, '').trim();

const isDate = (year: number, month: number, day: number): boolean => {
	const date = new Date(Date.UTC(year, month - 1, day));
	return date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
};

const isoOf = (year: number, month: number, day: number): string | null =>
	isDate(year, month, day)
		? `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
		: null;

/** Two digits mean this century. */
const yearOf = (text: string): number => (text.length === 2 ? 2000 : 0) + Number(text);

/**
 * The date in a cell as ISO: 2026-03-31, 31.3.2026, 31/3/26; with the month first only where it can't be read otherwise.
 * @returns null where it is no date
 */
export function dateOfCell(cell: string): string | null {
	const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ].*)?$/.exec(cell);
	if (iso) return isoOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
	const written = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})$/.exec(cell);
	if (!written) return null;
	const [, first = '', second = '', year = ''] = written;
	return (
		isoOf(yearOf(year), Number(second), Number(first)) ?? isoOf(yearOf(year), Number(first), Number(second))
	);
}
