import { csvFormatOf, toCsv, type CsvCell } from '../../../core/people/exchange/csv';
import { deskLocale } from '../../../messages/desk-language';
import { fileStream } from './file-stream';

const CSV = 'text/csv; charset=utf-8';

/**
 * A table as a file download, written for the reader's spreadsheet program.
 * @param name of the file
 */
export function csvResponse(name: string, rows: Iterable<readonly CsvCell[]>): Response {
	return new Response(toCsv(rows, csvFormatOf(deskLocale())), {
		headers: { 'content-type': CSV, 'content-disposition': `attachment; filename="${name}"` }
	});
}

/** The same for a table that is read in parts while it is sent, for one of any length. */
export const csvStream = (name: string, parts: AsyncIterator<string>): Response =>
	fileStream({ name, type: CSV }, parts);
