import { subscribe } from 'node:diagnostics_channel';
import type { IncomingMessage } from 'node:http';

/**
 * Takes off the line, once a request is answered, what nobody has read of it: refused unread by a route, or answered before any route was
 * found. Left there, the next request on the same connection would wait behind it until the server breaks the connection. Node.js does so
 * by itself for a request that nobody looked at; SvelteKit listens to every body and pauses it. The server's own limit of time bounds it.
 */
export function drainRequest(): void {
	subscribe('http.server.response.finish', (message) => {
		const { request } = message as { readonly request: IncomingMessage };
		if (request.readableEnded || request.destroyed) return;
		request.removeAllListeners('data');
		request.on('data', () => {
			request.pause();
			setImmediate(() => request.resume());
		});
		request.resume();
	});
}
