import { sql } from 'drizzle-orm';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { seedWorkforce } from '../seed/workforce';
import { addUser } from '../src/lib/server/platform/access/add-user';
import type { Actor } from '../src/lib/server/platform/actor';
import { readDaySheet } from '../src/lib/server/cases/day-sheet';
import { readCase } from '../src/lib/server/cases/read-case';
import { openDatabase, schema, type Db } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { followUpsBetween, followUpsPerDay } from '../src/lib/server/cases/follow-ups/list-follow-ups';
import { listPeople, teamsAndCountriesOf } from '../src/lib/server/people/list-people';
import { filterOfQuery } from '../src/lib/server/people/people-filter';
import { benchDeskPages } from './desk-pages';
import { print, quantile, rounded } from './measure';

/** Size of the large workforce. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

/** Tables whose length follows the workforce: none of them may be read from end to end. */
const GROWING = [
	'people',
	'cases',
	'assessments',
	'follow_ups',
	'audit_lines',
	'emails',
	'round_people',
	'messages'
];

/** @returns the median, ms */
async function timed(figure: string, runs: number, work: (i: number) => Promise<unknown>): Promise<number> {
	// Connections are opened and code is compiled before anything is counted.
	for (let i = 0; i < 20; i += 1) await work(i);
	const times: number[] = [];
	for (let i = 0; i < runs; i += 1) {
		const began = performance.now();
		await work(i);
		times.push(performance.now() - began);
	}
	times.sort((a, b) => a - b);
	print({
		figure: `desk: ${figure}, ${PEOPLE} people`,
		unit: 'ms',
		runs,
		p50: rounded(quantile(times, 0.5)),
		p95: rounded(quantile(times, 0.95)),
		max: rounded(times.at(-1) ?? NaN)
	});
	return quantile(times, 0.5);
}

/** Every statement of a use case, explained: which growing tables it scans in full. */
async function scansOf(url: string, work: (db: Db) => Promise<unknown>): Promise<string[]> {
	const { db, pool } = openDatabase(url);
	const sent: { text: string; values: unknown[] }[] = [];
	const query = pool.query.bind(pool) as (...given: unknown[]) => unknown;
	pool.query = ((config: { text: string }, values: unknown[]) => {
		sent.push({ text: config.text, values });
		return query(config, values);
	}) as typeof pool.query;
	await work(db);
	const scans: string[] = [];
	// An empty table is rightly scanned in full.
	const { rows: long } = (await query(
		'select relname from pg_class where reltuples > 1000 and relname = any($1)',
		[GROWING]
	)) as { rows: { relname: string }[] };
	for (const { text, values } of sent.filter((s) => /^\s*(select|with)/i.test(s.text))) {
		const { rows } = (await query(`explain ${text}`, values)) as { rows: { 'QUERY PLAN': string }[] };
		const lines = rows.map((row) => row['QUERY PLAN']);
		for (const { relname: table } of long)
			if (lines.some((line) => new RegExp(`Seq Scan on ${table}\\b`).test(line)))
				scans.push(`${table}: ${text.slice(0, 80)}`);
		if (process.env.BENCH_EXPLAIN) process.stderr.write(`${text}\n${lines.join('\n')}\n\n`);
	}
	await pool.end();
	return scans;
}

/** Figures of the coordinator's pages with a large workforce, on a temporary database, with the plans of their statements. */
export async function benchDesk(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	try {
		const { db, pool } = openDatabase(postgres.url);
		await migrateDatabase(pool);
		const id = await addUser(db, {
			email: 'a@b.example',
			name: 'A',
			role: 'coordinator',
			password: 'long enough pass'
		});
		const actor: Actor = { kind: 'user', id, name: 'A', role: 'coordinator' };
		const now = new Date();
		const today = now.toISOString().slice(0, 10);
		const began = performance.now();
		await seedWorkforce(db, PEOPLE, now, actor);
		print({
			figure: `desk: seeding ${PEOPLE} people`,
			unit: 's',
			value: rounded((performance.now() - began) / 1000)
		});
		const ids = (
			await db
				.select({ id: schema.people.id })
				.from(schema.people)
				.orderBy(sql`random()`)
				.limit(200)
		).map((row) => row.id);
		const searches = [
			'wen',
			'sorrel gla',
			'zz',
			'ry',
			'lanterns.example',
			'photometry osric',
			'nobody at all',
			'12345',
			'a'
		];
		const filters = [
			'',
			'team=Law',
			'state=none',
			'state=sent',
			'state=revoked',
			'level=clinician',
			'who=left',
			'country=PT&state=answered',
			'q=wen&level=clinician'
		];
		const list = (of: Db, q: string) =>
			listPeople(of, actor, { now, filter: filterOfQuery(new URLSearchParams(q)) });
		const month = {
			from: today,
			until: new Date(now.getTime() + 41 * 86_400_000).toISOString().slice(0, 10),
			today
		};
		const work: Readonly<Record<string, (of: Db, i: number) => Promise<unknown>>> = {
			'day sheet': (of) => readDaySheet(of, actor, today),
			'people search': (of, i) => list(of, `q=${searches[i % searches.length] ?? ''}`),
			'people filters': (of, i) => list(of, filters[i % filters.length] ?? ''),
			'teams and countries': (of) => teamsAndCountriesOf(of, actor),
			case: (of, i) => readCase(of, actor, ids[i % ids.length] ?? '', now),
			'follow-ups': (of) =>
				Promise.all([followUpsBetween(of, actor, month), followUpsPerDay(of, actor, month)])
		};
		const alone: Record<string, number> = {};
		for (const [name, act] of Object.entries(work)) {
			alone[name] = await timed(name, 120, (i) => act(db, i));
			const scans = new Set<string>();
			for (let i = 0; i < filters.length; i += 1)
				for (const scan of await scansOf(postgres.url, (of) => act(of, i))) scans.add(scan);
			print({ figure: `desk: tables read from end to end by ${name}`, scans: [...scans] });
		}
		await benchDeskPages({
			url: postgres.url,
			db,
			userId: id,
			people: PEOPLE,
			ids,
			alone: { ...alone, people: alone['people search'] ?? 0 }
		});
		await pool.end();
	} finally {
		await postgres.stop();
	}
}
