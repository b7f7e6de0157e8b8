import { Fault } from '$lib/server/fault';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { eventStream } from '$lib/server/live/event-stream';
import type { RequestHandler } from './$types';

/** Says after every change of a case that there was one, as server-sent events: what it was is read by whoever may read it. */
export const GET: RequestHandler = ({ locals }) =>
	orJsonFault(async () => {
		if (!locals.user || locals.user.role === 'reader') throw new Fault('not-allowed', 'signInAsWho');
		return eventStream(
			(follower) => locals.changes.follow('desk', follower),
			() => Promise.resolve('changed')
		);
	});
