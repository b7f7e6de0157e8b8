import { connect, createServer, type AddressInfo } from 'node:net';

/** A proxy before several processes. */
export interface Proxy {
	readonly port: number;
	stop(): Promise<void>;
}

const tryPort = (port: number) =>
	new Promise<ReturnType<typeof connect> | null>((resolve) => {
		const socket = connect(port, '127.0.0.1');
		socket.once('connect', () => resolve(socket));
		socket.once('error', () => resolve(null));
	});

/**
 * Hands each connection to the next process that answers, as a proxy does that asks nobody twice: what was on its way as a process died is cut off.
 *
 * @param ports of the processes, on this machine
 */
export async function startProxy(ports: readonly number[]): Promise<Proxy> {
	let turn = 0;
	const open = new Set<{ destroy(): void }>();
	const server = createServer((socket) => {
		open.add(socket);
		socket.on('error', () => {});
		socket.on('close', () => open.delete(socket));
		void (async () => {
			turn += 1;
			for (let i = 0; i < ports.length; i += 1) {
				const behind = await tryPort(ports[(turn + i) % ports.length] ?? 0);
				if (!behind) continue;
				behind.on('error', () => socket.destroy());
				behind.on('close', () => socket.destroy());
				socket.on('close', () => behind.destroy());
				socket.pipe(behind).pipe(socket);
				return;
			}
			socket.destroy();
		})();
	});
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	return {
		port: (server.address() as AddressInfo).port,
		stop: () => {
			const closed = new Promise<void>((resolve) => server.close(() => resolve()));
			for (const socket of open) socket.destroy();
			return closed;
		}
	};
}
