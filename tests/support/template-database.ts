import pg from 'pg';
import { openDatabase } from '../../src/lib/server/platform/db/client';
import { migrateDatabase } from '../../src/lib/server/platform/db/migrate';
import { TEMPLATE } from './template-name';

/** Makes, once for all integration tests, the migrated database that each of theirs is a copy of. */
export default async function makeTemplate(): Promise<() => Promise<void>> {
	const url = process.env.TEST_DATABASE_URL;
	if (!url) throw new Error('TEST_DATABASE_URL is missing: run these tests with "npm test"');
	const asAdmin = async (sql: string) => {
		const client = new pg.Client({ connectionString: url });
		await client.connect();
		await client.query(sql).finally(() => client.end());
	};
	await asAdmin(`drop database if exists ${TEMPLATE}`);
	await asAdmin(`create database ${TEMPLATE}`);
	const { pool } = openDatabase(url.replace(/\/[^/]*$/, `/${TEMPLATE}`));
	await migrateDatabase(pool);
	await pool.end();
	return () => asAdmin(`drop database if exists ${TEMPLATE}`);
}
