import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { hashToken, newToken } from '../src/lib/server/platform/access/tokens';
import { SESSION_COOKIE } from '../src/lib/server/platform/access/session-cookie';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { print, quantile, rounded, timesOf } from './measure';

/** What is measured of the desk through HTTP. */
interface PagesInput {
	readonly url: string;
	readonly db: Db;
	readonly userId: string;
	readonly people: number;
	/** Whose cases are opened. */
	readonly ids: readonly string[];
	/** Median of each page's use case alone in the same run, ms: the statements without the page. */
	readonly alone: Readonly<Record<string, number>>;
}

const RUNS = 60;

/** Longest wait of a small request during other work, ms; sampled every few milliseconds. */
async function longestWait(ask: () => Promise<unknown>, work: () => Promise<unknown>): Promise<number> {
	let [isDone, longest] = [false, 0];
	const done = work().finally(() => (isDone = true));
	while (!isDone) {
		const began = performance.now();
		await ask();
		longest = Math.max(longest, performance.now() - began);
	}
	await done;
	return longest;
}

/** The desk's pages as a signed-in browser gets them, an export of the list, and an import comparison of as many people. */
export async function benchDeskPages({ url, db, userId, people, ids, alone }: PagesInput): Promise<void> {
	const token = newToken();
	const expiresAt = new Date(Date.now() + 86_400_000);
	await db.insert(schema.sessions).values({ tokenHash: hashToken(token), userId, expiresAt });
	const headers = { cookie: `${SESSION_COOKIE}=${token}`, 'accept-encoding': 'identity' };
	const app = await startApp({
		url,
		port: (await freePort(0)) ?? 0,
		env: { EASY_CORNER_MODE: 'demo' },
		log: 'pipe'
	});
	const get = async (path: string) => {
		const response = await fetch(`${app.address}${path}`, { headers });
		if (!response.ok) throw new Error(`${path}: ${response.status}`);
		return response.text();
	};
	const pages: Readonly<Record<string, (i: number) => string>> = {
		'day sheet': () => '/desk',
		people: (i) => ['/desk/people', '/desk/people?q=wen', '/desk/people?team=Law'][i % 3] ?? '',
		case: (i) => `/desk/cases/${ids[i % ids.length] ?? ''}`,
		'follow-ups': () => '/desk/follow-ups',
		equipment: () => '/desk/equipment',
		rounds: () => '/desk/rounds'
	};
	try {
		for (const [name, path] of Object.entries(pages)) {
			let [i, bytes] = [0, 0];
			for (; i < 10; i += 1) bytes = (await get(path(i))).length;
			const times = await timesOf(RUNS, () => get(path((i += 1))));
			const p50 = quantile(times, 0.5);
			print({
				figure: `desk: the page ${name} as HTTP, ${people} people`,
				unit: 'ms',
				runs: RUNS,
				p50: rounded(p50),
				p95: rounded(quantile(times, 0.95)),
				kB: Math.round(bytes / 1024),
				...(alone[name] ? { timesTheUseCase: rounded(p50 / alone[name]) } : {})
			});
		}
		const began = performance.now();
		const csv = await get('/desk/people/export?column=name&column=email&column=team&column=country');
		const seconds = (performance.now() - began) / 1000;
		const rows = csv.split('\r\n').length - 2;
		print({
			figure: 'desk: people taken along as CSV',
			unit: 'rows/s',
			rows,
			value: Math.round(rows / seconds)
		});
		const lines = csv
			.trim()
			.split('\r\n')
			.slice(1)
			.map((line) => line.split(',').map((cell, k) => (k === 2 ? 'Moved' : cell)));
		const about = {
			columns: {
				name: [0],
				email: [1],
				team: [2],
				country: [3],
				staffNumber: [],
				phone: [],
				region: [],
				timeZone: [],
				language: []
			},
			firstRow: 2,
			headings: '',
			apply: null
		};
		const body = [about, ...lines].map((line) => JSON.stringify(line)).join('\n');
		let took = 0;
		const waited = await longestWait(
			() => get('/health'),
			async () => {
				const from = performance.now();
				const response = await fetch(`${app.address}/desk/people/import`, {
					method: 'POST',
					headers: { ...headers, origin: app.address, 'content-type': 'application/x-ndjson' },
					body
				});
				const report = (await response.json()) as { changed?: number };
				if (report.changed === undefined) throw new Error(`not compared: ${JSON.stringify(report)}`);
				took = performance.now() - from;
			}
		);
		print({
			figure: `desk: a list of ${lines.length} people compared`,
			unit: 's',
			value: rounded(took / 1000),
			longestOtherRequestMs: rounded(waited)
		});
	} finally {
		await app.stop();
	}
}
