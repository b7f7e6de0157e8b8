import { Type } from 'typebox';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { day } from '$lib/server/platform/http/fields';
import { jsonReader } from '$lib/server/platform/http/read-body';
import { storeBreakWeek } from '$lib/server/breaks/choose-break-schedule';
import type { RequestHandler } from './$types';

/** Most breaks in a week: one a minute on seven long days is nobody's count. */
const MOST = 5000;

const count = Type.Integer({ minimum: 0, maximum: MOST });
const read = jsonReader(
	Type.Object({ week: day, planned: count, taken: count }, { additionalProperties: false })
);

/** Saves the weekly totals of someone who shares them. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	withJsonError(async () => {
		const open = await openAssessment(locals.db, params.token);
		await storeBreakWeek(locals.db, open, await read(request));
		return new Response(null, { status: 204 });
	});
