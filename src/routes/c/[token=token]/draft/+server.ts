import { ticksOfAnswers } from '$lib/core/answers';
import { saveSchema } from '$lib/server/assessments/answer-schema';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { tickStep } from '$lib/server/assessments/plan-progress';
import { reportSigns } from '$lib/server/assessments/report-signs';
import { saveAnswers } from '$lib/server/assessments/save-answers';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { jsonReader } from '$lib/server/http/read-body';
import type { StepPlace } from '$lib/core/plan';
import type { RequestHandler } from './$types';

const read = jsonReader<{ fields: Record<string, string> }>(saveSchema);

/** The answers as they are on the server: what another device has saved. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		const { assessment } = await openAssessment(locals.db, params.token, locals.now);
		const { answers, answersRevision: revision, savedAt } = assessment;
		return Response.json({ answers, revision, savedAt });
	});

/** Saves fields as they are typed, and carries out what does not wait: signs are told, steps ticked. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	orJsonFault(async () => {
		const { fields } = await read(request);
		const open = await openAssessment(locals.db, params.token, locals.now);
		const saved = await saveAnswers(locals.db, open, fields, locals.now);
		if (Object.keys(fields).some((name) => name.startsWith('sign.')))
			await reportSigns(locals.db, open, locals.now);
		// Before the answers are in, ticks wait with them: they are made where there was no network.
		if (open.assessment.answeredAt)
			for (const [place, done] of Object.entries(ticksOfAnswers(fields)))
				await tickStep(locals.db, open, { place: place as StepPlace, done }, locals.now);
		return Response.json(saved);
	});
