import { SilentProxy } from '../tests/support/silent-proxy';
import { print, rounded } from './measure';
import { startWithOneLink } from './one-link';

/** Requests that are on their way as the database falls silent. */
const WAITING = 40;

/** The database falls silent under the running application: the time until pages say so, and until they work again. */
export async function benchSilence(): Promise<void> {
	let proxy: SilentProxy | null = null;
	const { app, cookie, stop } = await startWithOneLink(async (url) => {
		const between = await SilentProxy.before(url);
		proxy = between.proxy;
		return between.url;
	});
	const cable = proxy as SilentProxy | null;
	const page = async () => {
		const response = await fetch(`${app.address}/desk`, { headers: { cookie } });
		await response.arrayBuffer();
		return response.status;
	};
	try {
		for (let i = 0; i < 20; i += 1) await page();
		cable?.silence(true);
		let began = performance.now();
		const statuses = await Promise.all(Array.from({ length: WAITING }, page));
		const toldMs = performance.now() - began;
		began = performance.now();
		const health = await fetch(`${app.address}/health`);
		const healthMs = performance.now() - began;
		cable?.silence(false);
		began = performance.now();
		while ((await page()) !== 200) await new Promise((resolve) => setTimeout(resolve, 50));
		print({
			figure: `silence: a database that says nothing, with ${WAITING} requests on their way`,
			unit: 'ms',
			statuses: [...new Set(statuses)],
			toldMs: rounded(toldMs),
			health: health.status,
			healthMs: rounded(healthMs),
			backMs: rounded(performance.now() - began)
		});
	} finally {
		await stop();
		await cable?.close();
	}
}
