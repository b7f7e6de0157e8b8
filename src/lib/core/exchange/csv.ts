import Papa from 'papaparse';

/**
 * What a spreadsheet takes for the start of a formula, including full-width East Asian forms (U+FF1D, FF0B, FF0D, FF20), and a line break
 * that hides one.
 */
const FORMULA = /^[=+\-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20]/;

/** Removes the guard that is written before text which a spreadsheet would run as a formula. */
export function stripFormulaGuard(text: string): string {
	return text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
}

/** Tells a spreadsheet that a file is UTF-8; without it, letters beyond ASCII are garbled. */
export const BYTE_ORDER_MARK = '\ufeff';

/** A table cell: text, a number, or empty. */
export type CsvCell = string | number | null;

/**
 * Writes a table as CSV (RFC 4180, with CR LF), using the library `papaparse`. Text that a spreadsheet would run as a formula gets an
 * apostrophe in front; a number stays a number, even if negative.
 */
export function toCsv(rows: Iterable<readonly CsvCell[]>): string {
	const table = Array.from(rows, (row) => [...row]);
	return table.length === 0 ? '' : `${Papa.unparse(table, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}
