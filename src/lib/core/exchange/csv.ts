import Papa from 'papaparse';

/** What a spreadsheet takes for the beginning of a formula, also in the full width of East Asian scripts (U+FF1D, FF0B, FF0D, FF20), and a line break that hides one. */
const FORMULA = /^[=+\-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20]/;

/** Text that a spreadsheet would run as a formula is written with a sign before it; here it is taken off again. */
export function stripFormulaGuard(text: string): string {
	return text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
}

/** Tells a spreadsheet that a file is UTF-8: without it, letters beyond ASCII are shown as others. */
export const BYTE_ORDER_MARK = '\ufeff';

/** A cell of a table: a text, a number, or nothing. */
export type CsvCell = string | number | null;

/**
 * Writes a table as CSV (RFC 4180, with CR LF), by the library `papaparse`. A text that a spreadsheet would run as a formula gets an apostrophe before it;
 * a number stays a number, also below 0.
 */
export function toCsv(rows: Iterable<readonly CsvCell[]>): string {
	const table = Array.from(rows, (row) => [...row]);
	return table.length === 0 ? '' : `${Papa.unparse(table, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}
