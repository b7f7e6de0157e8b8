import { sql } from 'drizzle-orm';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { plantWorkforce } from '../seed/planted';
import { toCsv } from '../src/lib/core/people/exchange/csv';
import { addUser } from '../src/lib/server/platform/access/add-user';
import { SESSION_COOKIE } from '../src/lib/server/platform/access/session-cookie';
import { hashToken, newToken } from '../src/lib/server/platform/access/tokens';
import { openDatabase, schema, type Db } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { publishClosing } from '../src/lib/server/workforce/publish-closing';
import { readDueClosings, readReportingDates } from '../src/lib/server/workforce/reporting-dates';
import { print, quantile, rounded, stolenShare, timesOf } from './measure';

/** Size of the workforce; three assessment results each of those who answer. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

const RUNS = 20;

const TRUTH = { planTakesOff: 2, neckWith: 0.5, neckWithout: 0.2, answers: 0.99, quietTeamAnswers: 0.6 };

const SCREENS = [
	['overview', ''],
	['answers', '/answers?by=team'],
	['discomfort', '/discomfort?by=team'],
	['what is off', '/findings?by=team'],
	['what goes with what', '/goes-with'],
	['steps of plans', '/steps'],
	['does it help', '/helps?by=team'],
	['how long', '/times'],
	['what to buy', '/to-buy?by=team'],
	['discomfort of a team by country', '/discomfort?by=country&team=Team+3']
] as const;

/** The aggregate that someone would write by hand for a screen: of each team, how many have each code. */
async function plainAggregate(db: Db): Promise<number> {
	const began = performance.now();
	await db.execute(sql`select o.team, c, count(*) from observations o, unnest(o.discomfort || o.findings || o.first_discomfort) c
		where o.until_day is null and o.first_on is not null group by 1, 2`);
	return performance.now() - began;
}

/** The workforce pages over HTTP with a planted workforce, next to a plain aggregate of the same rows; the report; the figures as CSV. */
export async function benchWorkforce(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	await migrateDatabase(pool);
	const now = new Date();
	const userId = await addUser(db, {
		email: 'a@b.example',
		name: 'A',
		role: 'coordinator',
		password: 'long enough pass'
	});
	await plantWorkforce(db, PEOPLE, TRUTH, now);
	const closings: number[] = [];
	for (const on of await readDueClosings(db, now.toISOString().slice(0, 10))) {
		const start = performance.now();
		await publishClosing(db, on, now);
		closings.push(performance.now() - start);
	}
	const judgements = await db.$count(schema.assessmentResults);
	const token = newToken();
	await db.insert(schema.sessions).values({
		tokenHash: hashToken(token),
		userId,
		expiresAt: new Date(now.getTime() + 86_400_000)
	});
	const headers = { cookie: `${SESSION_COOKIE}=${token}` };
	const app = await startApp({
		url: postgres.url,
		port: (await freePort(0)) ?? 0,
		env: { EASY_CORNER_MODE: 'demo' },
		log: 'pipe'
	});
	const get = async (path: string) => {
		const response = await fetch(`${app.address}/desk/workforce${path}`, { headers });
		if (!response.ok) throw new Error(`${path}: ${response.status}`);
		return response.text();
	};
	const told = (figure: string, times: readonly number[], more: object = {}) =>
		print({
			figure: `workforce: ${figure}, ${PEOPLE} people, ${judgements} judgements`,
			unit: 'ms',
			runs: times.length,
			p50: rounded(quantile(times, 0.5)),
			p95: rounded(quantile(times, 0.95)),
			max: rounded(times.at(-1) ?? NaN),
			...more
		});
	const stolen = stolenShare();
	try {
		told(
			'a month end is published, in the background',
			[...closings].sort((a, b) => a - b)
		);
		const [closing] = await readReportingDates(db);
		told('discomfort at a month end', await timesOf(RUNS, () => get(`/discomfort?by=team&on=${closing}`)));
		const plain = await timesOf(RUNS, () => plainAggregate(db));
		told('a plain aggregate of the same rows', plain);
		for (const [name, path] of SCREENS) {
			const times = await timesOf(RUNS, () => get(path));
			told(name, times, { timesThePlainOne: rounded(quantile(times, 0.5) / quantile(plain, 0.5)) });
		}
		const [to = ''] = /value="(\d{4}-\d{2}-\d{2})"/.exec(await get('/report'))?.slice(1) ?? [];
		told(
			'the report is made',
			await timesOf(5, async () => {
				const response = await fetch(`${app.address}/desk/workforce/report?/make`, {
					method: 'POST',
					headers: { ...headers, origin: app.address, accept: 'application/json' },
					body: new URLSearchParams({ key: crypto.randomUUID(), to, months: '3' })
				});
				const answer = (await response.json()) as { type: string };
				if (answer.type !== 'redirect') throw new Error(`The report was not made: ${JSON.stringify(answer)}`);
			})
		);
		let rows = 0;
		const csv = await timesOf(5, async () => {
			rows = (await get('/figures?by=team')).split('\r\n').length - 2;
		});
		told('the figures as CSV, from the data on', csv, { rows });
		const lines = Array.from({ length: 200_000 }, (_, i) => [
			'discomfort',
			'team',
			`Team ${i}`,
			'neck',
			'100',
			'27',
			'0.27',
			'0.19',
			'0.36'
		]);
		const began = performance.now();
		toCsv(lines);
		print({
			figure: 'workforce: figures written as CSV, once they are known',
			unit: 'rows/s',
			value: Math.round((1000 * lines.length) / (performance.now() - began)),
			stolenPercent: stolen()
		});
	} finally {
		await app.stop();
		await pool.end();
		await postgres.stop();
	}
}
