import { openAssessment } from '$lib/server/assessments/open-assessment';
import { submitAnswers } from '$lib/server/assessments/submit-answers';
import { withJsonError } from '$lib/server/http/error-responses';
import type { RequestHandler } from './$types';

/** Submits the answers. Repeating it is harmless: a device that does not know whether it got through may do so. */
export const POST: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const open = await openAssessment(locals.db, params.token);
		return Response.json(await submitAnswers(locals.db, open, locals.now, locals.planning));
	});
