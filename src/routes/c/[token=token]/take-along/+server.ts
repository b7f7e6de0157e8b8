import { openAssessment, newestReMeasurement, ticksOf } from '$lib/server/assessments/open-assessment';
import { requestsOf } from '$lib/server/assessments/ask-equipment';
import { orJsonFault } from '$lib/server/http/answer-fault';
import type { RequestHandler } from './$types';

/** Everything that is kept of this self-assessment, for its person to take along. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		const { assessment, personName } = await openAssessment(locals.db, params.token, locals.now);
		const again = await newestReMeasurement(locals.db, assessment.id);
		const all = {
			format: 'easy-corner.take-along/1',
			name: personName,
			sentAt: assessment.sentAt,
			savedAt: assessment.savedAt,
			answeredAt: assessment.answeredAt,
			answers: assessment.answers,
			signs: assessment.signs,
			discomfort: assessment.discomfort,
			corner: assessment.corner,
			advice: assessment.corner ? await locals.planning.advise(assessment.corner) : null,
			stepsDone: await ticksOf(locals.db, assessment.id),
			measuredAgain: again && { at: again.at, lengths: again.lengths },
			askedFor: await requestsOf(locals.db, assessment.id)
		};
		return new Response(`${JSON.stringify(all, null, '\t')}\n`, {
			headers: {
				'content-type': 'application/json; charset=utf-8',
				'content-disposition': 'attachment; filename="easy-corner.json"'
			}
		});
	});
