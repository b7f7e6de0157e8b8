import type { Handle } from '@sveltejs/kit';
import { log } from '../log';
import { recordResponse } from '../metrics/metrics';

/** Counts and logs each response with its time; the log has the route, never the address, which may hold a secret. */
export const logRequest: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	const response = await resolve(event);
	const ms = performance.now() - began;
	const { method } = event.request;
	const { status } = response;
	const route = event.route.id ?? 'none';
	recordResponse(method, route, status, ms / 1000);
	if (route !== '/health')
		log({ level: 'info', event: 'request', method, route, status, ms: Math.round(ms) });
	return response;
};
