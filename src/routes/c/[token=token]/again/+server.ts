import { unitOf } from '$lib/core/answers';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { againProperties, takeReMeasurement, type TypedAgain } from '$lib/server/assessments/re-measure';
import { Fault } from '$lib/server/fault';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { jsonReader } from '$lib/server/http/read-body';
import type { RequestHandler } from './$types';

const read = jsonReader<{ fields: TypedAgain }>({
	type: 'object',
	additionalProperties: false,
	required: ['fields'],
	properties: {
		fields: { type: 'object', additionalProperties: false, properties: againProperties }
	}
});

/** Keeps heights that were measured again; sent again and again by a page that was without network. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	orJsonFault(async () => {
		const { fields } = await read(request);
		const open = await openAssessment(locals.db, params.token, locals.now);
		const usual = unitOf(open.assessment.answers);
		const [issue] = await takeReMeasurement(locals.db, open, fields, usual, locals.planning, locals.now);
		if (issue) throw new Fault('invalid', `${issue.field} can’t be read.`, `/fields/${issue.field}`);
		return Response.json({ kept: true });
	});
