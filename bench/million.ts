import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrateAndSeed } from '../bin/lib/app.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { plantWorkforce } from '../seed/planted';
import { SESSION_COOKIE } from '../src/lib/server/platform/access/session-cookie';
import { hashToken, newToken } from '../src/lib/server/platform/access/tokens';
import { openDatabase, openLongConnection, schema, type Db } from '../src/lib/server/platform/db/client';
import { publishDueClosings } from '../src/lib/server/workforce/publish-closing';
import { FIRST_VIEWS } from '../src/lib/server/workforce/screen-list';
import { print, quantile, rounded, timesOf } from './measure';
import { startPooledApps, type Stops } from './pooled-apps';

/** Size of the workforce; three results each of nearly all of them. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 1_000_000);

/** Reads of each page. */
const RUNS = 40;

const TRUTH = { planTakesOff: 2, neckWith: 0.5, neckWithout: 0.2, answers: 0.99, quietTeamAnswers: 0.6 };

/** Gives each planted person the case of somebody of the demo, with their follow-ups, so that lists are as long as they would be. */
async function plantCases(db: Db): Promise<void> {
	await db.execute(sql`create table bench_pattern as
		select row_number() over (order by c.person_id) - 1 as k, c.*, f.due as follow_up_due
		from cases c left join follow_ups f on f.person_id = c.person_id and f.done_at is null and f.kind = 'look'
		where c.assessment_result_id is not null`);
	await db.execute(sql`update cases c set level = p.level, open_since = p.open_since, act_by = p.act_by, worst = p.worst,
			follow_up_on = p.follow_up_on, rules_version = p.rules_version, checks_off = p.checks_off, checks_unsure = p.checks_unsure,
			assessment_result_id = p.assessment_result_id, settled_at = p.settled_at
		from bench_pattern p, people where people.id = c.person_id and people.email like 'planted.%'
			and p.k = abs(hashtext(c.person_id::text)) % (select count(*) from bench_pattern)`);
	await db.execute(sql`insert into follow_ups (person_id, kind, due)
		select people.id, 'look', p.follow_up_due from people, bench_pattern p
		where people.email like 'planted.%' and p.follow_up_due is not null
			and p.k = abs(hashtext(people.id::text)) % (select count(*) from bench_pattern)`);
	await db.execute(sql`drop table bench_pattern`);
}

/** Plants the workforce around the people of the demo, with a year's month ends. */
async function plantMillion(databaseUrl: string): Promise<void> {
	const { pool } = openDatabase(databaseUrl);
	// Seeding takes longer than any statement of the program may.
	const client = await openLongConnection(pool);
	const db = drizzle(client, { schema });
	try {
		const now = new Date();
		const began = performance.now();
		await migrateAndSeed(databaseUrl, ['--demo']);
		await plantWorkforce(db, PEOPLE, TRUTH, now);
		await plantCases(db);
		await db.update(schema.emails).set({ state: 'delivered' });
		await publishDueClosings(db, () => now);
		await client.query('vacuum analyze');
		print({
			figure: `million: seeding ${PEOPLE} people, with a year's month ends`,
			unit: 's',
			value: rounded((performance.now() - began) / 1000)
		});
	} finally {
		await client.end();
		await pool.end();
	}
}

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * Reads the pages of a planted workforce as HTTP, from two processes that share a few connections through a pooler.
 * @param only names of the pages; all where empty
 */
async function readPages(databaseUrl: string, only: readonly string[] = []): Promise<void> {
	const { db, pool } = openDatabase(databaseUrl);
	const stops: Stops = [() => pool.end()];
	try {
		const [user] = await db
			.select({ id: schema.users.id })
			.from(schema.users)
			.where(sql`role = 'coordinator'`)
			.limit(1);
		const token = newToken();
		const expiresAt = new Date(Date.now() + 86_400_000);
		await db
			.insert(schema.sessions)
			.values({ tokenHash: hashToken(token), userId: user?.id ?? '', expiresAt });
		const ids = (
			await db
				.select({ id: schema.people.id })
				.from(schema.people)
				.where(sql`email not like 'planted.%'`)
		).map(({ id }) => id);
		const starting = performance.now();
		const addresses = await startPooledApps(databaseUrl, 2, stops);
		// As on any morning: figures have been counted.
		while ((await db.$count(schema.currentFigures)) < FIRST_VIEWS.length) await later(1000);
		print({
			figure: `million: figures of all screens and dimensions, ${PEOPLE} people`,
			unit: 's',
			value: rounded((performance.now() - starting) / 1000)
		});
		const headers = { cookie: `${SESSION_COOKIE}=${token}` };
		const pages: Readonly<Record<string, readonly string[]>> = {
			'day sheet': ['/desk'],
			people: ['/desk/people'],
			'people by a part of the name': ['/desk/people?q=wen'],
			'people of a team': ['/desk/people?team=Team+3'],
			'people of a level': ['/desk/people?level=clinician'],
			case: ids.slice(0, RUNS).map((id) => `/desk/cases/${id}`),
			'follow-ups by week': ['/desk/follow-ups'],
			'follow-ups as a list': ['/desk/follow-ups?view=list'],
			equipment: ['/desk/equipment'],
			workforce: ['/desk/workforce'],
			'discomfort by team': ['/desk/workforce/discomfort?by=team'],
			'findings by team': ['/desk/workforce/findings?by=team'],
			'findings of a team': ['/desk/workforce/findings?by=team&group=Team+3'],
			budget: ['/desk/equipment/budget?money=50000']
		};
		let turn = 0;
		for (const [name, paths] of Object.entries(pages)) {
			if (only.length > 0 && !only.includes(name)) continue;
			const read = async () => {
				turn += 1;
				const address = addresses[turn % addresses.length] ?? '';
				const response = await fetch(`${address}${paths[turn % paths.length]}`, { headers });
				await response.arrayBuffer();
				if (!response.ok) throw new Error(`${name}: ${response.status}`);
			};
			const first = performance.now();
			await read();
			const firstMs = performance.now() - first;
			const times = await timesOf(name === 'budget' ? 6 : RUNS, read);
			print({
				figure: `million: ${name} as HTTP, ${PEOPLE} people`,
				unit: 'ms',
				first: rounded(firstMs),
				p50: rounded(quantile(times, 0.5)),
				p95: rounded(quantile(times, 0.95)),
				max: rounded(times.at(-1) ?? NaN)
			});
		}
	} finally {
		for (const stop of stops) await stop();
	}
}

/** A million people with three million results: how long each page takes. The cases that are opened are those of the demo. */
export async function benchMillion(): Promise<void> {
	await needBuild();
	const postgres = await startPostgres({ temporary: true });
	try {
		await plantMillion(postgres.url);
		await readPages(postgres.url);
	} finally {
		await postgres.stop();
	}
}
