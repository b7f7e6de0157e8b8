import { readHealth } from '$lib/server/health/read-health';
import { runtime } from '$lib/server/runtime';
import type { RequestHandler } from './$types';

/** How this process stands: 200 while it can serve people, also where someone has to look after something; 503 otherwise. */
export const GET: RequestHandler = async ({ locals }) => {
	const health = await readHealth(locals.db, runtime().watch, locals.now);
	return Response.json(health, { status: health.status === 'down' ? 503 : 200 });
};
