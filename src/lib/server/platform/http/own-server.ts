import type { Server } from 'node:http';
import type { Server as SocketServer } from 'node:net';
import { ConfigError } from '../config';

/**
 * Opens a port of this machine for a server beside the application's own.
 * @param setting names the port
 * @throws ConfigError where the port can't be used: nobody is to find out when it is needed
 */
export function listenOn(server: SocketServer, port: number, setting: string): Promise<void> {
	return new Promise((resolve, reject) => {
		const refused = ({ code }: NodeJS.ErrnoException) =>
			reject(
				new ConfigError(
					`${setting} is ${port}, and that port can’t be opened (${code ?? 'no reason given'}): stop what uses it, or choose another.`
				)
			);
		server.once('error', refused);
		server.listen(port, '127.0.0.1', () => {
			server.off('error', refused);
			resolve();
		});
	});
}

/** Ends a server at once: a client that keeps its connection open doesn't keep the process alive. */
export function closeServer(server: Server): Promise<void> {
	return new Promise((resolve) => {
		server.close(() => resolve());
		server.closeAllConnections();
	});
}
