import { connect, createServer, type Server, type Socket } from 'node:net';

/** Stands between a program and its database, and can fall silent: connections stay open and nothing goes through, as behind a cut cable. */
export class SilentProxy {
	#isSilent = false;
	readonly #pairs = new Set<[Socket, Socket]>();
	private constructor(private readonly server: Server) {}

	/** @param url of the database */
	static async before(url: string): Promise<{ proxy: SilentProxy; url: string }> {
		const { port: farPort, hostname } = new URL(url);
		const server = createServer();
		const proxy = new SilentProxy(server);
		server.on('connection', (near) => {
			const far = connect(Number(farPort), hostname);
			const pair: [Socket, Socket] = [near, far];
			proxy.#pairs.add(pair);
			for (const [from, to] of [pair, [far, near] as const]) {
				from.on('data', (data) => !proxy.#isSilent && to.write(data));
				from.on('error', () => {});
				from.on('close', () => {
					proxy.#pairs.delete(pair);
					to.destroy();
				});
			}
		});
		await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
		const { port } = server.address() as { port: number };
		const near = new URL(url);
		near.hostname = '127.0.0.1';
		near.port = String(port);
		return { proxy, url: near.href };
	}

	/** From now on nothing goes through, or everything again; what was swallowed is lost. */
	silence(isSilent: boolean): void {
		this.#isSilent = isSilent;
	}

	/** Ends it, with every connection. */
	close(): Promise<void> {
		for (const pair of this.#pairs) for (const socket of pair) socket.destroy();
		return new Promise((resolve) => this.server.close(() => resolve()));
	}
}
