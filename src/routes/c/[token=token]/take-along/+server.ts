import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { exportOwnData } from '$lib/server/questionnaire/assessments/export-own-data';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import type { RequestHandler } from './$types';

/** Everything stored about this self-assessment, for its person to download. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const all = await exportOwnData(locals.db, await openAssessment(locals.db, params.token));
		return new Response(`${JSON.stringify(all, null, '\t')}\n`, {
			headers: {
				'content-type': 'application/json; charset=utf-8',
				'content-disposition': 'attachment; filename="easy-corner.json"'
			}
		});
	});
