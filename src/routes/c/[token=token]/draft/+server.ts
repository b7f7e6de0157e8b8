import { openAssessment } from '$lib/server/assessments/open-assessment';
import { saveAnswers } from '$lib/server/assessments/save-answers';
import { saveSchema } from '$lib/server/assessments/answer-schema';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { jsonReader } from '$lib/server/http/read-body';
import type { RequestHandler } from './$types';

const read = jsonReader<{ fields: Record<string, string> }>(saveSchema);

/** Saves fields as they are typed. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	orJsonFault(async () => {
		const { fields } = await read(request);
		const open = await openAssessment(locals.db, params.token, locals.now);
		return Response.json(await saveAnswers(locals.db, open, fields, locals.now));
	});
