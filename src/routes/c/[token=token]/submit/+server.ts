import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import type { RequestHandler } from './$types';

/**
 * Submits the answers; `?made=offline` where the device has made a plan of them and shown it. Repeating it is harmless: a device that does not
 * know whether it got through may do so.
 */
export const POST: RequestHandler = ({ locals, params, url }) =>
	withJsonError(async () => {
		const open = await openAssessment(locals.db, params.token);
		const how = { hasSeenPlan: url.searchParams.get('made') === 'offline' };
		return Response.json(await submitAnswers(locals.db, open, locals.now, locals.planning, how));
	});
