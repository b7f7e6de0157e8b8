/**
 * A table as a file download.
 * @param name of the file
 */
export function csvResponse(name: string, table: string): Response {
	return new Response(table, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="${name}"`
		}
	});
}
