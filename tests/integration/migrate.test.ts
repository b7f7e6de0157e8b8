import { readdirSync, readFileSync } from 'node:fs';
import { generateDrizzleJson, generateMigration } from 'drizzle-kit/api';
import PgBoss from 'pg-boss';
import { describe, expect, it } from 'vitest';
import { openDatabase, schema } from '$lib/server/platform/db/client';
import {
	withDatabaseLock,
	migrateDatabase,
	MigrationError,
	OtherBaselineError,
	requireSchemaVersion
} from '$lib/server/platform/db/migrate';
import { migrateAndSeed } from '../../bin/lib/app.mjs';
import { asAdmin, makeTestDatabase } from '../support/database';
import { migrateBeyond } from '../support/migrations';

describe('migrateDatabase', () => {
	it('may be started by several processes at once, and again', async () => {
		const test = await makeTestDatabase({ migrated: false });
		try {
			await Promise.all(
				Array.from({ length: 4 }, async () => {
					const { pool } = openDatabase(test.url);
					await migrateDatabase(pool);
					await pool.end();
				})
			);
			await migrateDatabase(test.pool);
			const { rows } = await test.pool.query('select count(*)::int as n from people');
			expect(rows).toEqual([{ n: 0 }]);
		} finally {
			await test.drop();
		}
	});

	it('refuses a database of a newer version with words that help, and leaves it alone', async () => {
		const test = await makeTestDatabase();
		try {
			await test.pool.query(
				"insert into drizzle.__drizzle_migrations (hash, created_at) values ('newer', 99999999999999)"
			);
			const failed = migrateDatabase(test.pool);
			await expect(failed).rejects.toBeInstanceOf(MigrationError);
			await expect(failed).rejects.toThrow('newer version');
		} finally {
			await test.drop();
		}
	});

	it('refuses a database of another baseline, which the application refuses too, and leaves it alone', async () => {
		const test = await makeTestDatabase();
		try {
			await test.pool.query('update drizzle.__drizzle_migrations set created_at = created_at - 1');
			for (const use of [migrateDatabase, requireSchemaVersion]) {
				const refused = use(test.pool);
				await expect(refused).rejects.toBeInstanceOf(OtherBaselineError);
				await expect(refused).rejects.toThrow('make a new database');
			}
			expect(await test.db.$count(schema.retention)).toBe(1);
		} finally {
			await test.drop();
		}
	});

	it('goes forward one migration at a time, and leaves the database as it was where one fails', async () => {
		const test = await makeTestDatabase();
		try {
			const { pool } = test;
			const added = {
				tag: 'try_added',
				sql: `alter table retention add column nickname text not null default 'Bo'`
			};
			const broken = {
				tag: 'try_broken',
				sql: `alter table retention drop column nickname;\n--> statement-breakpoint\ninsert into no_such_table values (1)`
			};
			await migrateBeyond(pool, [added]);
			await expect(migrateBeyond(pool, [added, broken])).rejects.toThrow();
			expect((await pool.query('select nickname from retention')).rows).toEqual([{ nickname: 'Bo' }]);
			// The same again, mended, goes on from there.
			await migrateBeyond(pool, [
				added,
				{ tag: 'try_mended', sql: 'alter table retention drop column nickname' }
			]);
			await expect(pool.query('select nickname from retention')).rejects.toThrow('nickname');
			expect(await test.db.$count(schema.retention)).toBe(1);
		} finally {
			await test.drop();
		}
	});

	it('makes the tables that the program has: nothing would be left to generate', async () => {
		const [newest = ''] = readdirSync('drizzle/meta').filter((name) => name.endsWith('_snapshot.json'));
		const last = JSON.parse(readFileSync(`drizzle/meta/${newest}`, 'utf8')) as Parameters<
			typeof generateMigration
		>[0];
		expect(await generateMigration(last, generateDrizzleJson({ ...schema }, last.id))).toEqual([]);
	});
});

describe('the demo', () => {
	it('keeps a database of another baseline under another name, and makes a new one', async () => {
		const test = await makeTestDatabase();
		const name = new URL(test.url).pathname.slice(1);
		try {
			await test.pool.query('update drizzle.__drizzle_migrations set created_at = created_at - 1');
			await test.pool.end();
			const told = await migrateAndSeed(test.url, ['--demo', '--people', '0']);
			expect(told).toMatch(
				/^The database of an earlier version is kept as "test_\w+ until [\d: -]+"\. The database is new/
			);
			const kept = told.match(/"(.*?)"/)?.[1] ?? '';
			expect(
				await asAdmin(`select datname from pg_database where datname like '${name}%' order by 1`)
			).toEqual([{ datname: name }, { datname: kept }]);
			await asAdmin(`drop database "${kept}"`);
		} finally {
			await test.drop();
		}
	});
});

describe('an empty database', () => {
	it('has an index for every reference that a delete follows', async () => {
		const test = await makeTestDatabase();
		try {
			const without = () =>
				test.pool.query<{ reference: string }>(`
					select c.conname as reference from pg_constraint c
					where c.contype = 'f' and c.connamespace = 'public'::regnamespace and not exists (
						select from pg_index i where i.indrelid = c.conrelid
							and (i.indkey::int2[])[0:array_length(c.conkey, 1) - 1] = c.conkey
							and (i.indpred is null or pg_get_expr(i.indpred, i.indrelid) = format('(%I IS NOT NULL)',
								(select attname from pg_attribute where attrelid = c.conrelid and attnum = c.conkey[1]))))
					order by 1`);
			expect((await without()).rows).toEqual([]);
			await test.pool.query('drop index observations_round_ref_idx');
			expect((await without()).rows).toEqual([{ reference: 'observations_round_id_rounds_id_fk' }]);
		} finally {
			await test.drop();
		}
	});

	it('is taken by three processes at once, the queue too', async () => {
		const test = await makeTestDatabase({ migrated: false });
		try {
			await Promise.all(
				Array.from({ length: 3 }, async () => {
					const { pool } = openDatabase(test.url);
					await migrateDatabase(pool);
					const boss = new PgBoss({ connectionString: test.url, max: 2 });
					boss.on('error', () => {});
					await withDatabaseLock(pool, () => boss.start());
					await withDatabaseLock(pool, () => boss.createQueue('one', { name: 'one', policy: 'short' }));
					await boss.stop({ graceful: false });
					await pool.end();
				})
			);
			const { rows } = await test.pool.query(
				"select count(*)::int as n from pgboss.queue where name = 'one'"
			);
			expect(rows).toEqual([{ n: 1 }]);
		} finally {
			await test.drop();
		}
	});
});
