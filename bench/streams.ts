import { print, quantile, rounded } from './measure';
import { startWithOneLink } from './one-link';

/** Streams that are asked for on one link at once, and how often others ask for a page in the meantime. */
const STREAMS = 1000;
const PAGES = 150;

/** A thousand streams on one personal link while its person types: how long a coordinator waits for the day sheet. */
export async function benchStreams(): Promise<void> {
	const { app, cookie, link, stop } = await startWithOneLink();
	const over = new AbortController();
	try {
		const page = async () => {
			const began = performance.now();
			await (await fetch(`${app.address}/desk`, { headers: { cookie } })).arrayBuffer();
			return performance.now() - began;
		};
		for (let i = 0; i < 30; i += 1) await page();
		const statuses = await Promise.all(
			Array.from({ length: STREAMS }, () =>
				fetch(`${link}/draft/live`, { signal: over.signal }).then(
					({ status }) => status,
					() => 0
				)
			)
		);
		const times: number[] = [];
		for (let i = 0; i < PAGES; i += 1) {
			await fetch(`${link}/draft`, {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ fields: { stature: String(150 + (i % 50)) } })
			});
			times.push(await page());
		}
		times.sort((a, b) => a - b);
		print({
			figure: `streams: the day sheet while ${STREAMS} streams are asked for on one link`,
			unit: 'ms',
			open: statuses.filter((status) => status === 200).length,
			refused: statuses.filter((status) => status === 429).length,
			p50: rounded(quantile(times, 0.5)),
			p95: rounded(quantile(times, 0.95))
		});
	} finally {
		over.abort();
		await stop();
	}
}
