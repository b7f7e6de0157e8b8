import { Type } from 'typebox';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { day } from '$lib/server/http/fields';
import { jsonReader } from '$lib/server/http/read-body';
import { keepWeek } from '$lib/server/moving/choose-moving';
import type { RequestHandler } from './$types';

/** Breaks that a week can hold: one a minute of seven long days is no count of anybody's. */
const MOST = 5000;

const count = Type.Integer({ minimum: 0, maximum: MOST });
const read = jsonReader(
	Type.Object({ week: day, planned: count, taken: count }, { additionalProperties: false })
);

/** Keeps the totals of a week of somebody who shares them. */
export const PUT: RequestHandler = ({ request, locals, params }) =>
	orJsonFault(async () => {
		const open = await openAssessment(locals.db, params.token);
		await keepWeek(locals.db, open, await read(request));
		return new Response(null, { status: 204 });
	});
