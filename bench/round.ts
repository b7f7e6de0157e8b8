import { eq, sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrateAndSeed } from '../bin/lib/app.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import type { Actor } from '../src/lib/server/actor';
import { openDatabase, openLongConnection, schema } from '../src/lib/server/db/client';
import { createRound } from '../src/lib/server/rounds/edit-rounds';
import { startRound } from '../src/lib/server/rounds/run-round';
import { isoDay } from '../src/lib/server/clock';
import { publishDueClosings } from '../src/lib/server/workforce/publish-closing';
import { print, rounded } from './measure';
import { startPooledApps, type Stops } from './pooled-apps';

/** People of the round. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

/** Between two looks at how far it is, ms. */
const LOOK_MS = 1000;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * A round written to many people by the queues of two processes that share a few connections through a pooler: how long until the last
 * email is written, and until the audit log has sealed a line for each.
 */
export async function benchRound(): Promise<void> {
	await needBuild();
	const postgres = await startPostgres({ temporary: true });
	const { pool } = openDatabase(postgres.url);
	const client = await openLongConnection(pool);
	const db = drizzle(client, { schema });
	const stops: Stops = [() => client.end(), () => pool.end(), postgres.stop];
	try {
		const now = new Date();
		await migrateAndSeed(postgres.url, ['--demo']);
		await db.execute(sql`insert into people (id, name, email, team, country, created_at)
			select md5('round ' || n)::uuid, 'Person ' || n, 'round.' || n || '@lanterns.example', 'Round ' || n % 20, 'GB', ${now}
			from generate_series(1, ${PEOPLE}::int) n`);
		await db.execute(sql`insert into cases (person_id) select id from people where email like 'round.%'`);
		await db.update(schema.emails).set({ state: 'delivered' });
		// Nothing of the workforce's own is to happen in the meantime.
		await db.update(schema.cases).set({ mailOn: null, judgeOn: null });
		await db.execute(
			sql`update cases set rules_version = (select max(rules_version) from cases) where rules_version is null`
		);
		await publishDueClosings(db, () => now);
		await client.query('vacuum analyze');
		const [user] = await db.select().from(schema.users).where(eq(schema.users.role, 'coordinator'));
		if (!user) throw new Error('The demo has a coordinator');
		const actor: Actor = { kind: 'user', id: user.id, name: user.name, role: 'coordinator' };
		const { rows: teams } = await db.execute<{ team: string; n: number }>(
			sql`select team, count(*)::int as n from people where email like 'round.%' group by 1 order by 1`
		);
		const n = teams.reduce((sum, team) => sum + team.n, 0);
		const day = isoDay(now, 'UTC');
		const id = await createRound(
			db,
			actor,
			{
				name: 'Bench',
				filter: { teams: teams.map(({ team }) => team), country: '', notAnsweredWithinDays: 0 },
				way: 'upright',
				route: 'short',
				rhythm: 'half-hour',
				subject: 'A look, {name}',
				body: 'Hello {name}, until {until}.',
				startsOn: day,
				dueOn: isoDay(new Date(now.getTime() + 30 * 86_400_000), 'UTC'),
				timeZone: 'UTC'
			},
			now
		);
		await startPooledApps(postgres.url, 2, stops);
		// Whatever starting them brings is done first.
		await later(5000);
		const starting = performance.now();
		await startRound(db, actor, { id, version: 1, expected: n }, new Date());
		const began = performance.now();
		const count = async (of: ReturnType<typeof sql>) => {
			const { rows } = await db.execute<{ n: number }>(of);
			return rows[0]?.n ?? 0;
		};
		const unsealed = () =>
			count(sql`select sum(case kind when 'line' then n else -n end)::int as n from audit_counts`);
		let mostUnsealed = 0;
		while (
			(await count(sql`select count(*)::int as n from rounds where id = ${id} and state = 'sending'`)) > 0
		) {
			mostUnsealed = Math.max(mostUnsealed, await unsealed());
			await later(LOOK_MS);
		}
		const writtenMs = performance.now() - began;
		const left = await unsealed();
		while ((await unsealed()) > 0) await later(LOOK_MS);
		print({
			figure: `round: written to ${n} people by two processes through a pooler`,
			unit: 's',
			starting: rounded((began - starting) / 1000),
			written: rounded(writtenMs / 1000),
			emailsPerSecond: rounded(n / (writtenMs / 1000)),
			mostUnsealed,
			unsealedThen: left,
			sealed: rounded((performance.now() - began) / 1000)
		});
	} finally {
		for (const stop of stops) await stop();
	}
}
