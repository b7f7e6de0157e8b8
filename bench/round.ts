import { eq, sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrateAndSeed } from '../bin/lib/app.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import type { Actor } from '../src/lib/server/platform/actor';
import { openDatabase, openLongConnection, schema, type Db } from '../src/lib/server/platform/db/client';
import { createRound } from '../src/lib/server/people/rounds/edit-rounds';
import { closeRound, startRound } from '../src/lib/server/people/rounds/run-round';
import { isoDay } from '../src/lib/server/platform/clock';
import { publishDueClosings } from '../src/lib/server/workforce/publish-closing';
import { print, rounded } from './measure';
import { startPooledApps, type Stops } from './pooled-apps';

/** People of the round. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

/** Between two looks at how far it is, ms. */
const LOOK_MS = 1000;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Between two looks at what holds and what waits for locks, ms. */
const LOCK_LOOK_MS = 20;

/**
 * A round closed for people who have not answered, all of them put on the call list, while everyone is assessed under other rules: how long
 * the act takes, how long until it is done for all, the longest that a transaction with locks on people stays open and the longest that one
 * waits for another, and how many were given up.
 */
async function benchClosing(
	db: Db,
	actor: Actor,
	{ id, n }: { readonly id: string; readonly n: number },
	count: (of: ReturnType<typeof sql>) => Promise<number>
): Promise<void> {
	const deadlocks = () =>
		count(sql`select deadlocks::int as n from pg_stat_database where datname = current_database()`);
	const unjudged = () => count(sql`select count(*)::int as n from cases where rules_version = 'bench'`);
	const deadlocksBefore = await deadlocks();
	await db.execute(sql`update cases set rules_version = 'bench'`);
	const all = await unjudged();
	while ((await unjudged()) === all) await later(LOOK_MS);
	const [round] = await db.select().from(schema.rounds).where(eq(schema.rounds.id, id));
	if (!round) throw new Error('The round was written');
	const longest = { closing: 0, judging: 0, waiting: 0 };
	let isOver = false;
	const looking = (async () => {
		while (!isOver) {
			const { rows } = await db.execute<{ closing: number; judging: number; waiting: number }>(sql`
				select coalesce(max(ms) filter (where closes), 0)::float as closing, coalesce(max(ms) filter (where not closes), 0)::float as judging,
					coalesce(max(waited), 0)::float as waiting
				from (select extract(epoch from clock_timestamp() - a.xact_start) * 1000 as ms,
					case when a.wait_event_type = 'Lock' then extract(epoch from clock_timestamp() - a.state_change) * 1000 end as waited,
					exists (select from pg_locks l where l.pid = a.pid and l.relation = 'round_people'::regclass and l.mode = 'RowExclusiveLock') as closes
				from pg_stat_activity a where a.datname = current_database() and a.pid <> pg_backend_pid() and exists (
					select from pg_locks l where l.pid = a.pid and l.mode in ('RowExclusiveLock', 'RowShareLock')
						and l.relation in ('round_people'::regclass, 'people'::regclass, 'cases'::regclass))) x`);
			const [row] = rows;
			for (const of of ['closing', 'judging', 'waiting'] as const)
				longest[of] = Math.max(longest[of], row?.[of] ?? 0);
			await later(LOCK_LOOK_MS);
		}
	})();
	const began = performance.now();
	await closeRound(db, actor, { id, version: round.version, callSilent: true }, new Date());
	const closedMs = performance.now() - began;
	while (
		(await count(
			sql`select count(*)::int as n from rounds where id = ${id} and pending_change is not null`
		)) > 0
	)
		await later(LOOK_MS / 10);
	const doneMs = performance.now() - began;
	const unjudgedThen = await unjudged();
	isOver = true;
	await looking;
	while ((await unjudged()) > 0) await later(LOOK_MS);
	print({
		figure: `round: closed for ${n} people while ${all} are assessed again`,
		unit: 's',
		act: rounded(closedMs / 1000),
		done: rounded(doneMs / 1000),
		longestLockOfClosing: rounded(longest.closing / 1000),
		longestLockOfAssessing: rounded(longest.judging / 1000),
		longestWait: rounded(longest.waiting / 1000),
		stillToAssessThen: unjudgedThen,
		toCall: await count(sql`select count(*)::int as n from round_people where round_id = ${id} and to_call`),
		deadlocks: (await deadlocks()) - deadlocksBefore,
		failedJobs: await count(sql`select count(*)::int as n from pgboss.job where state in ('failed', 'retry')`)
	});
}

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
		await db.update(schema.cases).set({ mailOn: null, reassessOn: null });
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
				sittingStyle: 'upright',
				questionnaireMode: 'short',
				breakSchedule: 'half-hour',
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
		await benchClosing(db, actor, { id, n }, count);
	} finally {
		for (const stop of stops) await stop();
	}
}
