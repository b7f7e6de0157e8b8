import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { boardEndpoints } from '$lib/server/questionnaire/shared-sessions/shared-session-board';
import { personParty } from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import type { RequestEvent } from './$types';

/** The person's side: see `boardEndpoints`. */
export const { GET, PUT, POST } = boardEndpoints(
	({ locals, params }: RequestEvent) => personParty(locals.db, params.token, locals.now),
	async ({ locals, params }) => ({ userId: null, open: await openAssessment(locals.db, params.token) })
);
