import { DomainError } from '$lib/server/platform/domain-error';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { untilSignedOut } from '$lib/server/platform/live/event-stream';
import { coordinatorParty } from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import { sharedSessionStream } from '$lib/server/questionnaire/shared-sessions/shared-session-stream';
import type { RequestHandler } from './$types';

/** What the person enters and points at, as server-sent events; while it is open, the coordinator counts as present. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const { db, session, user, now } = locals;
		if (!user || !session) throw new DomainError('not-allowed', 'sessionEnded');
		const party = await coordinatorParty(db, user, params.id, now);
		const closed = locals.streams.open(`account:${party.userId ?? ''}`);
		const until = untilSignedOut(locals.changes, session.hash, `case:${params.id}`);
		return sharedSessionStream(locals, party, until, closed);
	});
