import { createServer, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { SIGNATURE_HEADER } from '$lib/server/platform/webhooks/post-signed';

/** What a receiver was handed. */
interface Received {
	readonly body: string;
	readonly signature: string;
}

/**
 * A program that is told of acts, on this machine.
 * @param answers the status of each answer in its turn; 200 after the last
 */
export async function webhookReceiver(answers: readonly number[]) {
	const got: Received[] = [];
	const server = createServer((request: IncomingMessage, response) => {
		let body = '';
		request.on('data', (part: Buffer) => (body += part.toString()));
		request.on('end', () => {
			got.push({ body, signature: String(request.headers[SIGNATURE_HEADER]) });
			const status = answers[got.length - 1] ?? 200;
			response.writeHead(status, status === 302 ? { location: '/elsewhere' } : {}).end();
		});
	});
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	const { port } = server.address() as AddressInfo;
	return {
		url: `http://127.0.0.1:${port}/hook`,
		got,
		close: () => new Promise((resolve) => server.close(resolve))
	};
}
