import pg from 'pg';
import type { Config } from '../config';
import { aloneInDatabase, migrateDatabase } from './migrate';

/** Tables of which no line is changed or taken out once it is written. */
const WRITTEN_ONCE = ['audit_lines', 'audit_seals', 'audit_checks'] as const;

const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;

/** Lets a role work with what is in the tables, and only add to the record. Said anew at each start: a version may have more tables. */
export async function grantTo(pool: pg.Pool, role: string): Promise<void> {
	const to = quoted(role);
	await aloneInDatabase(pool, async (client) => {
		await client.query(`grant usage on schema public to ${to}`);
		await client.query(`grant select, insert, update, delete on all tables in schema public to ${to}`);
		await client.query(`grant usage, select on all sequences in schema public to ${to}`);
		await client.query(`revoke insert, update, delete on audit_counts from ${to}`);
		await client.query(`revoke update, delete on ${WRITTEN_ONCE.map(quoted).join(', ')} from ${to}`);
	});
}

/** Brings the database to this version: by the role for that where there is one, so that the application's own need not be able to. */
export async function prepareDatabase({ databaseUrl, migrationUrl }: Config, pool: pg.Pool): Promise<void> {
	if (migrationUrl === databaseUrl) return migrateDatabase(pool);
	const migrators = new pg.Pool({ connectionString: migrationUrl, max: 1 });
	try {
		await migrateDatabase(migrators);
		await grantTo(migrators, decodeURIComponent(new URL(databaseUrl).username));
	} finally {
		await migrators.end();
	}
}
