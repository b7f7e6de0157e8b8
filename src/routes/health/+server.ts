import { readHealth } from '$lib/server/platform/health/read-health';
import { runtime } from '$lib/server/platform/runtime';
import type { RequestHandler } from './$types';

/** The state of this process: 200 while it can serve people, even where something needs attention; otherwise 503. */
export const GET: RequestHandler = async ({ locals }) => {
	const { watch, config } = runtime();
	const health = await readHealth(locals.db, watch, config.erasuresFile, locals.now);
	return Response.json(health, { status: health.status === 'down' ? 503 : 200 });
};
