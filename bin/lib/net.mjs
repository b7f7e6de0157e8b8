import { createServer } from 'node:net';

/**
 * A free port on loopback: the one asked for, or any (0). Null where it is taken.
 * @param {number} port
 * @returns {Promise<number | null>}
 */
export function freePort(port) {
	return new Promise((resolve) => {
		const server = createServer();
		server.once('error', () => resolve(null));
		server.listen(port, '127.0.0.1', () => {
			const address = server.address();
			const found = typeof address === 'object' && address ? address.port : null;
			server.close(() => resolve(found));
		});
	});
}

/**
 * Waits until a check succeeds, trying ten times a second.
 * @param {() => Promise<boolean>} check
 * @param {() => boolean} givenUp says that it can't succeed any more
 * @param {number} mostSeconds
 */
export async function until(check, givenUp, mostSeconds) {
	for (let i = 0; i < mostSeconds * 10; i += 1) {
		if (await check()) return true;
		if (givenUp()) return false;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	return false;
}
