import { Type } from 'typebox';
import { unitOf } from '$lib/core/answers';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { againSchema, takeReMeasurement } from '$lib/server/assessments/re-measure';
import { Fault } from '$lib/server/fault';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { jsonReader } from '$lib/server/http/read-body';
import type { RequestHandler } from './$types';

const read = jsonReader(Type.Object({ fields: againSchema }, { additionalProperties: false }));

/** Keeps heights that were measured again; sent again and again by a page that was without network. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	orJsonFault(async () => {
		const { fields } = await read(request);
		const open = await openAssessment(locals.db, params.token);
		const usual = unitOf(open.assessment.answers);
		const [issue] = await takeReMeasurement(locals.db, open, fields, usual, locals.now);
		if (issue)
			throw new Fault(
				'invalid',
				{ code: 'unreadableField', facts: { field: issue.field } },
				`/fields/${issue.field}`
			);
		return Response.json({ kept: true });
	});
