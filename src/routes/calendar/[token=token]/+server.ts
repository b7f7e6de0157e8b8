import { followUpFeed } from '$lib/server/platform/calendar/follow-up-feed';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import type { RequestHandler } from './$types';

/** A user's follow-ups for their own calendar, at a secret address. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(
		async () =>
			new Response(await followUpFeed(locals.db, params.token, locals.config.origin, locals.now), {
				headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, no-store' }
			})
	);
