import { csvFormatOf } from '$lib/core/people/exchange/csv';
import { parseExportColumns } from '$lib/core/people/exchange/export-columns';
import { deskLocale } from '$lib/messages/desk-language';
import { requirePermission } from '$lib/server/platform/access/require-permission';
import { exportPeople } from '$lib/server/people/export-people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { csvStream } from '$lib/server/platform/http/csv-response';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** The list as CSV, streamed while it is read: for a workforce of any size. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const actor = signedIn(locals);
		requirePermission(actor, 'people:export');
		const wanted = {
			filter: filterOfQuery(url.searchParams),
			columns: parseExportColumns(url.searchParams.getAll('column').join(',')),
			format: csvFormatOf(deskLocale())
		};
		return csvStream('people.csv', exportPeople(locals.db, actor, wanted, locals.now));
	});
