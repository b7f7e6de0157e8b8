import { sql } from 'drizzle-orm';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openDatabase, type OpenDatabase } from '$lib/server/platform/db/client';
import { makeTestDatabase, type TestDatabase } from '../support/database';

let test: TestDatabase;
let open: OpenDatabase;

beforeAll(async () => {
	test = await makeTestDatabase({ migrated: false });
	open = openDatabase(test.url);
});
afterAll(async () => {
	await open.pool.end();
	await test.drop();
});

/** Makes the next connection that is taken fail at a statement, as one does whose server has just gone. */
function breakAt(statement: RegExp): void {
	open.pool.once('acquire', (client) => {
		const real = client.query.bind(client) as (...args: unknown[]) => unknown;
		client.query = ((...args: unknown[]) => {
			const [first] = args as [string | { text: string }];
			const text = typeof first === 'string' ? first : first.text;
			if (!statement.test(text)) return real(...args);
			client.query = real as pg.PoolClient['query'];
			return Promise.reject(new Error('the connection broke'));
		}) as pg.PoolClient['query'];
	});
}

describe('a transaction', () => {
	it('gives its connection back wherever it breaks: as many as the pool has, one after another', async () => {
		const most = open.pool.options.max ?? 0;
		for (const statement of [/^begin/i, /select 1/, /^commit/i])
			for (let i = 0; i <= most; i += 1) {
				breakAt(statement);
				await expect(open.db.transaction((tx) => tx.execute(sql`select 1`))).rejects.toThrow();
			}
		const all = Array.from({ length: most }, () =>
			open.db.transaction((tx) => tx.execute(sql`select 1 as one`))
		);
		for (const { rows } of await Promise.all(all)) expect(rows).toEqual([{ one: 1 }]);
		expect(open.pool.waitingCount).toBe(0);
	});

	it('goes on after every connection was cut by the server', async () => {
		const cut = () =>
			test.pool.query(
				`select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()`
			);
		for (let i = 0; i < 5; i += 1) {
			await Promise.all(
				Array.from({ length: 8 }, () =>
					open.db.transaction((tx) => tx.execute(sql`select 1`)).catch(() => null)
				)
			);
			await cut();
			// The first may meet a connection that is gone; none waits for ever.
			await Promise.allSettled(
				Array.from({ length: 30 }, () => open.db.transaction((tx) => tx.execute(sql`select 1`)))
			);
		}
		await open.db.transaction((tx) => tx.execute(sql`select 1`)).catch(() => null);
		expect((await open.db.transaction((tx) => tx.execute(sql`select 2 as two`))).rows).toEqual([{ two: 2 }]);
	});
});
