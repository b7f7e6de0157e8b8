import { parseExportColumns } from '$lib/core/exchange';
import { requirePermission } from '$lib/server/access/require-permission';
import { exportPeople } from '$lib/server/people/export-people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { withJsonError } from '$lib/server/http/error-responses';
import { signedIn } from '$lib/server/signed-in';
import type { RequestHandler } from './$types';

/** The list as CSV, streamed while it is read: for a workforce of any size. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const actor = signedIn(locals);
		requirePermission(actor, 'people:export');
		const wanted = {
			filter: filterOfQuery(url.searchParams),
			columns: parseExportColumns(url.searchParams.getAll('column').join(','))
		};
		const parts = exportPeople(locals.db, actor, wanted, locals.now);
		const encoder = new TextEncoder();
		const body = new ReadableStream<Uint8Array>({
			async pull(controller) {
				const { value, done } = await parts.next();
				if (done) controller.close();
				else controller.enqueue(encoder.encode(value));
			}
		});
		return new Response(body, {
			headers: {
				'content-type': 'text/csv; charset=utf-8',
				'content-disposition': 'attachment; filename="people.csv"'
			}
		});
	});
