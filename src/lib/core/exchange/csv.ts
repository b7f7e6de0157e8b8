/** What a spreadsheet takes for the beginning of a formula, also in the full width of East Asian scripts (U+FF1D, FF0B, FF0D, FF20), and a line break that hides one. */
const FORMULA = /^[=+\-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20]/;

/** Text that a spreadsheet would run as a formula is written with a sign before it; here it is taken off again. */
export function unguarded(text: string): string {
	return text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
}

/** Guards a text against being run as a formula by a spreadsheet. */
export function guarded(text: string): string {
	return FORMULA.test(text) ? `'${text}` : text;
}

/** One cell as RFC 4180 writes it. */
function cell(text: string): string {
	const safe = guarded(text);
	return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** Tells a spreadsheet that a file is UTF-8: without it, letters beyond ASCII are shown as others. */
export const BYTE_ORDER_MARK = '\ufeff';

/** Writes a table as RFC 4180 says: commas, quotes where they are needed, CR LF. Formulas are disarmed. */
export function csvOf(lines: Iterable<readonly string[]>): string {
	let text = '';
	for (const line of lines) text += `${line.map(cell).join(',')}\r\n`;
	return text;
}
