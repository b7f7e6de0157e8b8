import { Type } from 'typebox';
import { unitOf } from '$lib/core/questionnaire/answers/fields';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import {
	remeasurementSchema,
	saveRemeasurement
} from '$lib/server/questionnaire/assessments/save-remeasurement';
import { DomainError } from '$lib/server/platform/domain-error';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { jsonReader } from '$lib/server/platform/http/read-body';
import type { RequestHandler } from './$types';

const read = jsonReader(Type.Object({ fields: remeasurementSchema }, { additionalProperties: false }));

/** Saves heights measured again; repeated by a page that was offline. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	withJsonError(async () => {
		const { fields } = await read(request);
		const open = await openAssessment(locals.db, params.token);
		const usual = unitOf(open.assessment.answers);
		const [issue] = await saveRemeasurement(locals.db, open, fields, usual, locals.now);
		if (issue)
			throw new DomainError(
				'invalid',
				{ code: 'unreadableField', facts: { field: issue.field } },
				`/fields/${issue.field}`
			);
		return Response.json({ kept: true });
	});
