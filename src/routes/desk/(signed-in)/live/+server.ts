import { requirePermission } from '$lib/server/platform/access/require-permission';
import { DomainError } from '$lib/server/platform/domain-error';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { eventStream, untilSignedOut } from '$lib/server/platform/live/event-stream';
import type { RequestHandler } from './$types';

/** Sends a server-sent event after every change of a case: what changed is read by whoever may read it. */
export const GET: RequestHandler = ({ locals }) =>
	withJsonError(async () => {
		const { session } = locals;
		if (!locals.user || !session) throw new DomainError('not-allowed', 'signInAsWho');
		requirePermission(locals.user, 'desk:live');
		const ended = locals.streams.open(`account:${locals.user.id}`);
		return eventStream(
			untilSignedOut(locals.changes, session.hash, 'desk'),
			() => Promise.resolve('changed'),
			ended
		);
	});
