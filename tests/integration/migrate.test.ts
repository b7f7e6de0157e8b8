import { describe, expect, it } from 'vitest';
import { openDatabase } from '$lib/server/db/client';
import { migrateDatabase, MigrationFault } from '$lib/server/db/migrate';
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
			await expect(failed).rejects.toBeInstanceOf(MigrationFault);
			await expect(failed).rejects.toThrow('newer version');
		} finally {
			await test.drop();
		}
	});
});
