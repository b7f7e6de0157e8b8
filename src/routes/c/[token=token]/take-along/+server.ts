import { openAssessment } from '$lib/server/assessments/open-assessment';
import { takeAlong } from '$lib/server/assessments/take-along';
import { orJsonFault } from '$lib/server/http/answer-fault';
import type { RequestHandler } from './$types';

/** Everything that is kept of this self-assessment, for its person to take along. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		const all = await takeAlong(locals.db, await openAssessment(locals.db, params.token));
		return new Response(`${JSON.stringify(all, null, '\t')}\n`, {
			headers: {
				'content-type': 'application/json; charset=utf-8',
				'content-disposition': 'attachment; filename="easy-corner.json"'
			}
		});
	});
