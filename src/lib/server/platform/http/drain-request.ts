import { subscribe } from 'node:diagnostics_channel';
import type { IncomingMessage } from 'node:http';

/**
 * After a request is answered, reads the rest of a body that nobody read: refused by a route, or answered before any route was found.
 * Otherwise the next request on the same connection would wait behind it until the server closes the connection. Node.js does so by itself
 * for untouched requests; SvelteKit listens to every body and pauses it. The server's own time limit bounds it.
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
