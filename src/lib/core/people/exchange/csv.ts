import Papa from 'papaparse';

/**
 * Characters that a spreadsheet takes for the start of a formula, including full-width East Asian forms (U+FF1D, FF0B, FF0D, FF20), and line
 * breaks that hide one. By character rather than by pattern: a download has millions of cells.
 */
const FORMULA_STARTS: ReadonlySet<string | undefined> = new Set('=+-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20');

/** Removes the guard that is written before text which a spreadsheet would run as a formula. */
export function stripFormulaGuard(text: string): string {
	return isGuarded(text) ? text.slice(1) : text;
}

/** Tells a spreadsheet that a file is UTF-8; without it, letters beyond ASCII are garbled. */
export const BYTE_ORDER_MARK = '\ufeff';

/** A table cell: text, a number, or empty. */
export type CsvCell = string | number | null;

/** How a table is written so that a spreadsheet of some language reads its columns and numbers. */
export interface CsvFormat {
	readonly delimiter: ',' | ';';
	readonly decimalMark: '.' | ',';
}

/** As RFC 4180 has it; for programs, and for spreadsheets of languages with a decimal point. */
const PLAIN_CSV: CsvFormat = { delimiter: ',', decimalMark: '.' };

/** The format for spreadsheets of a language: where a comma is the decimal mark, a semicolon separates the columns. */
export function csvFormatOf(locale: string): CsvFormat {
	const parts = new Intl.NumberFormat(locale).formatToParts(0.5);
	const isComma = parts.some(({ type, value }) => type === 'decimal' && value === ',');
	return isComma ? { delimiter: ';', decimalMark: ',' } : PLAIN_CSV;
}

const isGuarded = (text: string) => text[0] === "'" && FORMULA_STARTS.has(text[1]);

const cellText = (cell: CsvCell, decimalMark: CsvFormat['decimalMark']): string => {
	if (cell === null) return '';
	if (typeof cell === 'number') return String(cell).replace('.', decimalMark);
	return FORMULA_STARTS.has(cell[0]) ? `'${cell}` : cell;
};

/**
 * Writes a table as CSV (RFC 4180, with CR LF), using the library `papaparse`. Text that a spreadsheet would run as a formula gets an
 * apostrophe in front; a number stays a number, even if negative.
 */
export function toCsv(
	rows: Iterable<readonly CsvCell[]>,
	{ delimiter, decimalMark }: CsvFormat = PLAIN_CSV
): string {
	const table = Array.from(rows, (row) => row.map((cell) => cellText(cell, decimalMark)));
	if (table.length === 0) return '';
	// Asked of each cell it would take as long as the rest: few tables have a guarded one.
	const hasGuarded = table.some((row) => row.some(isGuarded));
	return `${Papa.unparse(table, { newline: '\r\n', delimiter, quotes: hasGuarded ? isGuarded : false })}\r\n`;
}
