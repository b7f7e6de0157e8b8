import pg from 'pg';
import { withDatabaseLock, migrateDatabase } from './migrate';

/** Tables whose rows are never changed or deleted. */
const WRITTEN_ONCE = ['audit_lines', 'audit_seals', 'audit_checks'] as const;

const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;

/** Lets a role use the tables, and only append to the audit log. Repeated with each migration, since a version may add tables. */
async function grantTo(pool: pg.Pool, role: string): Promise<void> {
	const to = quoted(role);
	await withDatabaseLock(pool, async (client) => {
		await client.query(`grant usage on schema public to ${to}`);
		await client.query(`grant select, insert, update, delete on all tables in schema public to ${to}`);
		await client.query(`grant usage on schema drizzle to ${to}`);
		// Backups need this too.
		await client.query(`grant select on all tables in schema drizzle to ${to}`);
		await client.query(`grant select on all sequences in schema drizzle to ${to}`);
		await client.query(`grant usage, select on all sequences in schema public to ${to}`);
		await client.query(`revoke insert, update, delete on audit_counts from ${to}`);
		await client.query(`revoke update, delete on ${WRITTEN_ONCE.map(quoted).join(', ')} from ${to}`);
	});
}

/**
 * Migrates the database to this version, and grants the application's role what it needs.
 * @param migrationUrl the database as the role that changes tables
 * @param appUrl the same as the application's role; the same URL where there is one role
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
