import { REPORT_COLUMNS, reportRows } from '$lib/core/workforce/report-table';
import { writeAuditLine } from '$lib/server/platform/audit/write-audit-line';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { csvResponse } from '$lib/server/platform/http/csv-response';
import { signedIn } from '$lib/server/platform/signed-in';
import { readReport } from '$lib/server/workforce/create-report';
import type { RequestHandler } from './$types';

/** The data of a report as CSV, as it stood when the report was made. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const actor = signedIn(locals);
		const { document } = await readReport(locals.db, actor, params.id);
		await writeAuditLine(locals.db, actor, { at: locals.now, act: 'figures-exported' });
		return csvResponse(`workforce-${document.to}.csv`, [REPORT_COLUMNS, ...reportRows(document)]);
	});
