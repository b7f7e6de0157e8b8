import { requirePermission } from '$lib/server/access/require-permission';
import { Fault } from '$lib/server/fault';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { eventStream, whileSignedIn } from '$lib/server/live/event-stream';
import { newsOfRound } from '$lib/server/rounds/follow-round';
import { readRound } from '$lib/server/rounds/read-rounds';
import type { RequestHandler } from './$types';

/** The progress of a round as server-sent events, told when it changes. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		if (!locals.user || !locals.session) throw new Fault('not-allowed', 'sessionEnded');
		requirePermission(locals.user, 'rounds:read');
		await readRound(locals.db, locals.user, params.id, locals.now);
		const what = `round:${params.id}` as const;
		const ended = locals.streams.open(`account:${locals.user.id}`);
		return eventStream(
			whileSignedIn(locals.changes, locals.session.hash, what),
			() => locals.changes.read(what, () => newsOfRound(locals.db, params.id, new Date())),
			ended
		);
	});
