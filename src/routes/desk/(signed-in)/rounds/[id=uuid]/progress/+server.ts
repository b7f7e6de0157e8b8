import { requirePermission } from '$lib/server/platform/access/require-permission';
import { DomainError } from '$lib/server/platform/domain-error';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { eventStream, untilSignedOut } from '$lib/server/platform/live/event-stream';
import { roundNewsOf } from '$lib/server/people/rounds/round-news';
import { readRound } from '$lib/server/people/rounds/read-rounds';
import type { RequestHandler } from './$types';

/** The progress of a round as server-sent events, one for each change. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		if (!locals.user || !locals.session) throw new DomainError('not-allowed', 'sessionEnded');
		requirePermission(locals.user, 'rounds:read');
		await readRound(locals.db, locals.user, params.id, locals.now);
		const what = `round:${params.id}` as const;
		const ended = locals.streams.open(`account:${locals.user.id}`);
		return eventStream(
			untilSignedOut(locals.changes, locals.session.hash, what),
			() => locals.changes.read([what], () => roundNewsOf(locals.db, params.id, new Date())),
			ended
		);
	});
