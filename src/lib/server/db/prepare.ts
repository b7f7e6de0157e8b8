import pg from 'pg';
import { withDatabaseLock, migrateDatabase } from './migrate';

/** Tables of which no line is changed or taken out once it is written. */
const WRITTEN_ONCE = ['audit_lines', 'audit_seals', 'audit_checks'] as const;

const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;

/** Lets a role work with what is in the tables, and only add to the record. Said again with each migration: a version may have more tables. */
export async function grantTo(pool: pg.Pool, role: string): Promise<void> {
	const to = quoted(role);
	await withDatabaseLock(pool, async (client) => {
		await client.query(`grant usage on schema public to ${to}`);
		await client.query(`grant select, insert, update, delete on all tables in schema public to ${to}`);
		await client.query(`grant usage on schema drizzle to ${to}`);
		// For backups, too.
		await client.query(`grant select on all tables in schema drizzle to ${to}`);
		await client.query(`grant select on all sequences in schema drizzle to ${to}`);
		await client.query(`grant usage, select on all sequences in schema public to ${to}`);
		await client.query(`revoke insert, update, delete on audit_counts from ${to}`);
		await client.query(`revoke update, delete on ${WRITTEN_ONCE.map(quoted).join(', ')} from ${to}`);
	});
}

/**
 * Brings the database to this version, and lets the application's role work with it.
 *
 * @param migrationUrl the database by the role that changes the form of tables
 * @param appUrl the same by the application's role; the same address where there is one role
 */
export async function prepareDatabase(migrationUrl: string, appUrl: string): Promise<void> {
	const migrators = new pg.Pool({ connectionString: migrationUrl, max: 1 });
	try {
		await migrateDatabase(migrators);
		if (migrationUrl !== appUrl) await grantTo(migrators, decodeURIComponent(new URL(appUrl).username));
	} finally {
		await migrators.end();
	}
}
