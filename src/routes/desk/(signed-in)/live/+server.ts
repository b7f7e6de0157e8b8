import { requirePermission } from '$lib/server/access/require-permission';
import { Fault } from '$lib/server/fault';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { eventStream, whileSignedIn } from '$lib/server/live/event-stream';
import type { RequestHandler } from './$types';

/** Says after every change of a case that there was one, as server-sent events: what it was is read by whoever may read it. */
export const GET: RequestHandler = ({ locals }) =>
	orJsonFault(async () => {
		const { session } = locals;
		if (!locals.user || !session) throw new Fault('not-allowed', 'signInAsWho');
		requirePermission(locals.user, 'desk:live');
		const ended = locals.streams.open(`account:${locals.user.id}`);
		return eventStream(
			whileSignedIn(locals.changes, session.hash, 'desk'),
			() => Promise.resolve('changed'),
			ended
		);
	});
