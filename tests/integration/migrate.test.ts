import PgBoss from 'pg-boss';
import { describe, expect, it } from 'vitest';
import { openDatabase } from '$lib/server/platform/db/client';
import { withDatabaseLock, migrateDatabase, MigrationError } from '$lib/server/platform/db/migrate';
import { makeTestDatabase } from '../support/database';

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
