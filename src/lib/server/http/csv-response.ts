import { csvFormatOf, toCsv, type CsvCell } from '../../core/exchange';
import { deskLocale } from '../../messages/desk-language';

const headersOf = (name: string) => ({
	'content-type': 'text/csv; charset=utf-8',
	'content-disposition': `attachment; filename="${name}"`
});

/**
 * A table as a file download, written for the reader's spreadsheet program.
 * @param name of the file
 */
export function csvResponse(name: string, rows: Iterable<readonly CsvCell[]>): Response {
	return new Response(toCsv(rows, csvFormatOf(deskLocale())), { headers: headersOf(name) });
}

/** The same for a table that is read in parts while it is sent, for one of any length. */
export function csvStream(name: string, parts: AsyncIterator<string>): Response {
	const encoder = new TextEncoder();
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const { value, done } = await parts.next();
			if (done) controller.close();
			else controller.enqueue(encoder.encode(value));
		}
	});
	return new Response(body, { headers: headersOf(name) });
}
