import { requireCase } from '$lib/server/cases/require-case';
import { DomainError } from '$lib/server/platform/domain-error';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { othersOnCase, visitCase } from '$lib/server/platform/live/case-visitors';
import { eventStream, untilSignedOut } from '$lib/server/platform/live/event-stream';
import type { RequestHandler } from './$types';

/** Who else has the case open, as server-sent events; while it is open, the reader counts as one of them. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const { db, session, user } = locals;
		if (!user || !session) throw new DomainError('not-allowed', 'sessionEnded');
		const { id: userId } = await requireCase(db, user, params.id, 'cases:read');
		const visit = { personId: params.id, userId };
		const closed = locals.streams.open(`account:${userId}`);
		const left = await visitCase(db, visit, locals.now).catch((error: unknown) => {
			closed();
			throw error;
		});
		return eventStream(
			untilSignedOut(locals.changes, session.hash, `case:${params.id}`),
			() => othersOnCase(db, visit, new Date()),
			() => {
				closed();
				left();
			}
		);
	});
