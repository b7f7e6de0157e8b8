import { boardEndpoints } from '$lib/server/questionnaire/shared-sessions/shared-session-board';
import { coordinatorParty } from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import type { RequestEvent } from './$types';

/** The coordinator's side: see `boardEndpoints`. */
export const { GET, PUT, POST } = boardEndpoints(({ locals, params }: RequestEvent) =>
	coordinatorParty(locals.db, locals.user, params.id, locals.now)
);
