/** Text that a spreadsheet would run as a formula is written with a sign before it; here it is taken off again. */
export function unguarded(text: string): string {
	return /^'[=+\-@\t]/.test(text) ? text.slice(1) : text;
}

/** Guards a text against being run as a formula by a spreadsheet. */
export function guarded(text: string): string {
	return /^[=+\-@\t]/.test(text) ? `'${text}` : text;
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
