import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { ROSTER_COLUMNS, type ColumnMap } from '$lib/core/people/exchange/roster-fields';
import { addUser } from '$lib/server/platform/access/add-user';
import { openArchive } from '$lib/server/platform/archive/download-archive';
import { readConfig } from '$lib/server/platform/config';
import { openDatabase, schema, type OpenDatabase } from '$lib/server/platform/db/client';
import { withDatabaseLock } from '$lib/server/platform/db/migrate';
import { prepareDatabase } from '$lib/server/platform/db/prepare';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { startJobs } from '$lib/server/platform/jobs/start-jobs';
import { ChangeFeed, publishChange } from '$lib/server/platform/live/changes';
import { addPerson } from '$lib/server/people/add-person';
import { importPeople } from '$lib/server/people/import-people';
import { listPeople } from '$lib/server/people/list-people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { sortOrderOfQuery } from '$lib/server/people/people-order';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { startPooler } from '../../bin/lib/pooler.mjs';
import { setUpRoles } from '../../bin/lib/roles.mjs';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import type { TestUser } from '../support/desk';
import { PATIENCE } from '../support/patience';

const { assessments, emails, people } = schema;
const now = new Date('2026-03-02T09:00:00Z');

/** Fewer than any one process would open for itself. */
const CONNECTIONS = 3;

let test: TestDatabase;
let appUrl: string;
let pooler: Awaited<ReturnType<typeof startPooler>>;
/** Two processes. */
let one: OpenDatabase;
let other: OpenDatabase;
let coordinator: TestUser;

beforeAll(async () => {
	test = await makeTestDatabase({ migrated: false });
	const urls = await setUpRoles(postgresBin() ?? '', test.url);
	({ appUrl } = urls);
	await prepareDatabase(urls.migratorUrl, appUrl);
	pooler = await startPooler(appUrl, CONNECTIONS);
	[one, other] = [openDatabase(appUrl, pooler.url), openDatabase(appUrl, pooler.url)];
	const account = { email: 'one@example.org', name: 'one', role: 'coordinator' } as const;
	const id = await addUser(one.db, { ...account, password: 'long enough pass' });
	coordinator = { kind: 'user', id, name: 'one', role: 'coordinator' };
});
afterAll(async () => {
	await Promise.all([one.pool.end(), other.pool.end()]);
	await pooler.stop();
	await test.drop();
});

const numbered = (n: number) => ({ name: `Person ${n}`, email: `p${n}@example.org`, team: 'T' });

describe('through a pooler that gives each transaction a connection', () => {
	it('a session has the limits and the zone of the application’s own, from its role', async () => {
		const direct = openDatabase(appUrl);
		for (const name of [
			'timezone',
			'statement_timeout',
			'idle_in_transaction_session_timeout',
			'random_page_cost'
		]) {
			const shown = async ({ pool }: OpenDatabase) => (await pool.query<object>(`show ${name}`)).rows;
			expect(await shown(one), name).toEqual(await shown(direct));
		}
		await direct.pool.end();
	});

	it('two processes do more at once than there are connections, each act once', async () => {
		const added = await Promise.all(
			Array.from({ length: 40 }, (_, n) => addPerson((n % 2 ? one : other).db, coordinator, numbered(n), now))
		);
		const sends = added.flatMap((personId) => {
			const act = { personId, key: randomUUID(), version: null, batch: randomUUID() };
			// Both processes with the same key: a press whose answer was lost.
			return [one, other].map(({ db }) => sendAssessment(db, coordinator, act, now));
		});
		const sent = await Promise.all(sends);
		expect(sent.filter(Boolean)).toHaveLength(40);
		expect(await one.db.$count(assessments)).toBe(40);
		const page = await listPeople(other.db, coordinator, {
			filter: filterOfQuery(new URLSearchParams()),
			order: sortOrderOfQuery(new URLSearchParams()),
			cursor: undefined,
			now
		});
		expect(page.total).toBe(40);
	});

	it('lists are compared in tables of their own transaction, several at once', async () => {
		const columns = Object.fromEntries(
			ROSTER_COLUMNS.map((column, i) => [column, i < 4 ? [i] : []])
		) as unknown as ColumnMap;
		const list = (from: number) => ({
			lines: Array.from({ length: 300 }, (_, i) => [`List ${from + i}`, `l${from + i}@example.org`, '', 'L']),
			...{ columns, firstRow: 1, headings: '', leaveOut: false, renames: [] }
		});
		const preview = { added: 300, changed: 0, leaveAbsent: false, takeBack: false };
		const reports = await Promise.all(
			[1000, 2000, 3000, 4000, 5000].map((from, i) =>
				importPeople(
					(i % 2 ? one : other).db,
					coordinator,
					{ ...list(from), apply: { key: randomUUID(), ...preview } },
					now
				)
			)
		);
		expect(reports.map(({ added, isApplied }) => [added, isApplied])).toEqual(
			Array.from({ length: 5 }, () => [300, true])
		);
		expect(await one.db.$count(people, eq(people.team, 'L'))).toBe(1500);
	});

	it('locks of a session hold, since they are PostgreSQL’s own', async () => {
		let inside = 0;
		const turns = Array.from({ length: 6 }, (_, i) =>
			withDatabaseLock((i % 2 ? one : other).pool, async () => {
				inside += 1;
				await one.db.execute(sql`select pg_sleep(0.02)`);
				expect(inside).toBe(1);
				inside -= 1;
			})
		);
		await Promise.all(turns);
		const { rows } = await test.pool.query(`select 1 from pg_locks where locktype = 'advisory'`);
		expect(rows).toEqual([]);
	});

	it('changes are heard, whoever makes them', async () => {
		const feed = new ChangeFeed(appUrl);
		const look = vi.fn();
		const end = feed.follow('desk', { look, end: () => {} });
		await vi.waitFor(() => expect(look).toHaveBeenCalledWith(false), PATIENCE);
		await other.db.transaction((tx) => publishChange(tx, 'desk'));
		await vi.waitFor(() => expect(look).toHaveBeenCalledWith(true), PATIENCE);
		end();
	});

	it('both queues send each email once, and a long piece of work has a connection of its own', async () => {
		const env = { DATABASE_URL: appUrl, EASY_CORNER_POOLER_URL: pooler.url, EASY_CORNER_MODE: 'demo' };
		const config = readConfig(env);
		expect(config.poolerUrl).toBe(pooler.url);
		const waiting = await one.db.$count(emails, eq(emails.state, 'waiting'));
		expect(waiting).toBe(40);
		const queues = await Promise.all(
			[one, other].map((open) => startJobs({ ...open, config }, () => new Date()))
		);
		try {
			const waits = () => one.db.$count(emails, eq(emails.state, 'waiting'));
			await vi.waitFor(async () => expect(await waits()).toBe(0), PATIENCE);
			const folder = mkdtempSync(join(tmpdir(), 'pooled-'));
			const archive = await openArchive({ pool: one.pool, draw: () => Promise.resolve([]) }, null);
			await pipeline(archive, createWriteStream(join(folder, 'all.tar.gz')));
			rmSync(folder, { recursive: true });
		} finally {
			await Promise.all(queues.map((queue) => queue.stop()));
		}
		const tries = await one.db.select({ tries: emails.tries }).from(emails);
		expect(tries).toEqual(Array.from({ length: 40 }, () => ({ tries: 1 })));
	});
});
