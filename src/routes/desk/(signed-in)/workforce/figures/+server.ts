import { writeAuditLine } from '$lib/server/platform/audit/write-audit-line';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { csvResponse } from '$lib/server/platform/http/csv-response';
import { signedIn } from '$lib/server/platform/signed-in';
import { figureRows } from '$lib/server/workforce/figure-rows';
import { viewOf } from '$lib/server/workforce/screen-load';
import type { RequestHandler } from './$types';

/** Every share that a view's screens show, as CSV. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const { db, now } = locals;
		const view = await viewOf({ locals, url });
		const rows = await figureRows(locals, view);
		await writeAuditLine(db, signedIn(locals), { at: now, act: 'figures-exported' });
		return csvResponse(`figures-${view.on}.csv`, rows);
	});
