import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { openDatabase, type OpenDatabase } from '$lib/server/platform/db/client';
import { isConnectionError } from '$lib/server/platform/db/connection-error';
import { DatabaseWatch } from '$lib/server/platform/db/database-watch';
import { readHealth } from '$lib/server/platform/health/read-health';
import { ChangeFeed, publishChange } from '$lib/server/platform/live/changes';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import { PATIENCE } from '../support/patience';
import { SilentProxy } from '../support/silent-proxy';

let test: TestDatabase;
let proxy: SilentProxy;
let open: OpenDatabase;
let watch: DatabaseWatch;
let changes: ChangeFeed;

beforeAll(async () => {
	test = await makeTestDatabase();
	const between = await SilentProxy.before(test.url);
	proxy = between.proxy;
	open = openDatabase(between.url);
	changes = new ChangeFeed(between.url);
	watch = new DatabaseWatch(between.url, () => {
		open.drop();
		changes.drop();
	});
	watch.start();
});
afterAll(async () => {
	watch.stop();
	changes.close();
	await open.pool.end();
	await proxy.close();
	await test.drop();
});

const soon = (check: () => unknown) => vi.waitFor(check, PATIENCE);
const health = () => readHealth(open.db, watch, '', new Date());
const one = () => open.db.execute(sql`select 1 as one`);

describe('a database that falls silent', () => {
	it('is noticed: what waits fails, health says so, and all of it goes on when it is back', async () => {
		const look = vi.fn();
		changes.follow('round:a', { look, end: () => {} });
		await soon(() => expect(look).toHaveBeenCalledTimes(1));
		await one();
		expect(watch.isSilent).toBe(false);
		expect((await health()).database).toBe('ok');

		proxy.silence(true);
		// One asks on a connection that stands, and others wait for one of their own.
		const waiting = Array.from({ length: 20 }, () =>
			one().then(
				() => null,
				(error: unknown) => error
			)
		);
		await soon(() => expect(watch.isSilent).toBe(true));
		const faults = await Promise.all(waiting);
		expect(faults.filter((fault) => !isConnectionError(fault))).toEqual([]);
		expect(await health()).toMatchObject({ status: 'down', database: 'does not answer' });

		proxy.silence(false);
		await soon(() => expect(watch.isSilent).toBe(false));
		expect((await one()).rows).toEqual([{ one: 1 }]);
		expect((await health()).database).toBe('ok');
		// Who follows changes is called again for what was missed, and hears the next.
		await soon(() => expect(look).toHaveBeenCalledTimes(2));
		await publishChange(open.db, 'round:a');
		await soon(() => expect(look).toHaveBeenCalledTimes(3));
	});

	it('is told apart from one that reads and can’t write', async () => {
		await test.db.execute(sql`alter table heartbeat rename to heartbeat_away`);
		await test.db.execute(sql`create view heartbeat as select now() as at`);
		const other = new DatabaseWatch(test.url, () => {});
		other.start();
		await soon(() => expect(other.canWrite).toBe(false));
		expect(await readHealth(open.db, other, '', new Date())).toMatchObject({
			status: 'down',
			database: 'ok',
			disk: 'the database can’t write: its disk may be full'
		});
		other.stop();
	});
});

describe('a fault of the connection', () => {
	it('is known by its code or its words, also wrapped, and nothing else is', () => {
		const wrapped = new Error('Failed query', { cause: new Error('Connection terminated unexpectedly') });
		expect(isConnectionError(wrapped)).toBe(true);
		expect(isConnectionError(Object.assign(new Error('x'), { code: 'ECONNREFUSED' }))).toBe(true);
		expect(isConnectionError(Object.assign(new Error('x'), { code: '57P01' }))).toBe(true);
		expect(isConnectionError(Object.assign(new Error('x'), { code: '23505' }))).toBe(false);
		expect(isConnectionError(new Error('nothing'))).toBe(false);
		expect(isConnectionError('nothing')).toBe(false);
	});
});

it('a watch that is stopped while it asks leaves no connection, which would keep the process from ending', async () => {
	const watching = async () => {
		const { rows } = await test.db.execute<{ pid: number }>(
			sql`select pid from pg_stat_activity where datname = current_database() and application_name = 'easy-corner-watch'`
		);
		return rows.map(({ pid }) => pid);
	};
	const before = await watching();
	// Stopped while it connects, and on the connection that stands: each at another moment of what it asks.
	const stopped = Array.from({ length: 12 }, () => new DatabaseWatch(test.url, () => {}));
	for (const one of stopped) one.start();
	for (const one of stopped.slice(0, 6)) one.stop();
	await soon(async () => expect((await watching()).length).toBeGreaterThan(before.length));
	for (const one of stopped.slice(6)) one.stop();
	await soon(async () => expect((await watching()).filter((pid) => !before.includes(pid))).toEqual([]));
	// The last answers to what was asked have come: nothing connects once more.
	await test.db.execute(sql`select 1`);
	expect((await watching()).filter((pid) => !before.includes(pid))).toEqual([]);
});
