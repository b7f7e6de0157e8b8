import { withJsonError } from '$lib/server/platform/http/error-responses';
import { personParty } from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import { sharedSessionStream } from '$lib/server/questionnaire/shared-sessions/shared-session-stream';
import type { RequestHandler } from './$types';

/** What the coordinator enters and points at, as server-sent events; while it is open, the person counts as present. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const party = await personParty(locals.db, params.token, locals.now);
		const closed = locals.streams.open(`link:${party.open.assessment.id}`);
		return sharedSessionStream(locals, party, () => () => {}, closed);
	});
