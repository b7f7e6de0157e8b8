import Papa from 'papaparse';
import { isBlankRow } from '$lib/core/people/exchange/read-roster';
import { decodeText, type TextEncoding } from '$lib/core/people/exchange/text-of-bytes';

/** A table as in its file: every row, including empty ones, so that row numbers match the spreadsheet. */
export interface RosterTable {
	readonly rows: readonly (readonly string[])[];
	/** How it was encoded; null for the sheet of a workbook. */
	readonly text: { readonly encoding: TextEncoding; readonly delimiter: string } | null;
}

/** Reads the first sheet of a workbook. Passed in, since browser and Node.js read files differently. */
export type SheetReader = (file: Blob) => Promise<readonly (readonly unknown[])[]>;

/** The first bytes of every .xlsx: a ZIP archive. */
const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** A workbook cell as text: dates as ISO dates, whole numbers without a fraction, empty cells as empty text. */
function textOfCell(cell: unknown): string {
	if (cell === null || cell === undefined) return '';
	if (cell instanceof Date) return cell.toISOString().slice(0, 10);
	return typeof cell === 'object' ? '' : String(cell);
}

const DELIMITERS: Readonly<Record<string, string>> = {
	',': 'comma',
	';': 'semicolon',
	'\t': 'tab',
	'|': 'bar'
};

/**
 * Reads a spreadsheet's file: .xlsx, or text whose encoding and delimiter are detected.
 * @returns null where there is no table
 */
export async function tableOf(file: Blob, readSheet: SheetReader): Promise<RosterTable | null> {
	const bytes = new Uint8Array(await file.arrayBuffer());
	if (isZip(bytes)) {
		const sheet = await readSheet(file);
		return ended({ rows: sheet.map((row) => row.map(textOfCell)), text: null });
	}
	const { text, encoding } = decodeText(bytes);
	const { data, meta } = Papa.parse<string[]>(text);
	const delimiter = DELIMITERS[meta.delimiter] ?? meta.delimiter;
	return ended({ rows: data, text: { encoding, delimiter } });
}

/** Without the empty rows that spreadsheets leave at the end. */
function ended(table: RosterTable): RosterTable | null {
	const last = table.rows.findLastIndex((row) => !isBlankRow(row));
	return last < 0 ? null : { ...table, rows: table.rows.slice(0, last + 1) };
}
