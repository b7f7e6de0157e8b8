import { stepTicksOf } from '$lib/core/questionnaire/answers/answer-fields';
import type { PlanItem } from '$lib/core/cases/case-assessment/vocabulary';
import { saveSchema } from '$lib/server/questionnaire/assessments/answer-schema';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers, saveRedFlagsOfLeaver } from '$lib/server/questionnaire/assessments/save-answers';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { jsonReader } from '$lib/server/platform/http/read-body';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import type { RequestHandler } from './$types';

const read = jsonReader(saveSchema);

/** The answers as on the server: what another device has saved. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const { assessment } = await openAssessment(locals.db, params.token);
		const { answers, answersRevision: revision, savedAt } = assessment;
		return Response.json({ answers, revision, savedAt });
	});

/** Saves fields while they are typed, and carries out what does not wait: warning signs are reported, steps ticked. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	withJsonError(async () => {
		const { fields } = await read(request);
		const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		// A warning sign of someone who has left reaches the coordinator; then the link says that it has ended.
		if (open.assessment.endedWhy === 'left') {
			await saveRedFlagsOfLeaver(locals.db, open, fields, locals.now);
			await openAssessment(locals.db, params.token);
		}
		const saved = await saveAnswers(locals.db, open, fields, locals.now);
		// Before submission, ticks wait with the answers: they were made offline.
		if (open.assessment.answeredAt)
			for (const [place, done] of Object.entries(stepTicksOf(fields)))
				await tickStep(locals.db, open, { thing: place as PlanItem, done }, locals.now);
		return Response.json(saved);
	});
