import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { openLongConnection } from './client';

/** This version can't use the database; the message says what to do. */
export class MigrationError extends Error {}

/** Any number: the lock under which one process migrates while others wait; the queue creates its tables under it too. */
const LOCK = 727_301_442;

function migrationsFolder(): string {
	const folder = join(process.cwd(), 'drizzle');
	if (!existsSync(join(folder, 'meta', '_journal.json')))
		throw new MigrationError('The folder "drizzle" is missing: start the program in its own folder.');
	return folder;
}

const OTHER_BASELINE =
	'The database is of an earlier version of Easy Corner whose tables can’t be brought to this one. Keep it as it is, and make a new database for this version.';

/** The database began with other tables than this version's: nothing leads from there to here. */
export class OtherBaselineError extends MigrationError {}

/**
 * When the newest of its migrations was made; 0 where the database is empty.
 * @throws OtherBaselineError where its first migration is not this version's first
 */
async function newestApplied(client: pg.ClientBase): Promise<number> {
	const known = await client.query<{ there: string | null }>(
		`select to_regclass('drizzle.__drizzle_migrations')::text as there`
	);
	if (!known.rows[0]?.there) return 0;
	const applied = await client.query<{ first: string | null; newest: string | null }>(
		'select min(created_at)::text as first, max(created_at)::text as newest from drizzle.__drizzle_migrations'
	);
	const { first, newest } = applied.rows[0] ?? {};
	if (first && Number(first) !== allSteps()[0]?.when) throw new OtherBaselineError(OTHER_BASELINE);
	return Number(newest ?? 0);
}

interface Step {
	readonly when: number;
	readonly tag: string;
}

/** The migrations of this version, oldest first. */
function allSteps(): Step[] {
	const journal = readFileSync(join(migrationsFolder(), 'meta', '_journal.json'), 'utf8');
	return (JSON.parse(journal) as { entries: Step[] }).entries;
}

/** The newest migration of this version, as the database records it. */
const newestStep = () => Math.max(...allSteps().map(({ when }) => when));

/** Name of the newest migration of this version. */
export const newestMigration = (): string =>
	allSteps().reduce((newest, step) => (step.when > newest.when ? step : newest)).tag;

/** Names of the migrations that a database still needs. */
export async function pendingMigrations(url: string): Promise<string[]> {
	const pool = new pg.Pool({ connectionString: url, max: 1 });
	const client = await pool.connect();
	try {
		const applied = await newestApplied(client);
		return allSteps()
			.filter(({ when }) => when > applied)
			.map(({ tag }) => tag);
	} finally {
		client.release();
		await pool.end();
	}
}

const NEWER =
	'The database was made by a newer version of Easy Corner: update the program, or keep the data aside with "npm run db -- backup FILE" and start over with "npm run demo -- --fresh".';

/**
 * Refuses a database of another version; migrating is a separate command with a separate role.
 * @throws MigrationError that says what to do
 */
export async function requireSchemaVersion(pool: pg.Pool): Promise<void> {
	const client = await pool.connect();
	try {
		const applied = await newestApplied(client);
		if (applied > newestStep()) throw new MigrationError(NEWER);
		if (applied < newestStep())
			throw new MigrationError(
				'The database is of an older version, or empty: run "npm run app -- migrate" first, then start again.'
			);
	} finally {
		client.release();
	}
}

/**
 * Migrates the database to this version, forward only, under an advisory lock so that several processes may start at once. A database of a
 * newer version is refused and left as it is.
 */
export async function migrateDatabase(pool: pg.Pool): Promise<void> {
	const folder = migrationsFolder();
	const newest = newestStep();
	await withDatabaseLock(pool, async (client) => {
		if ((await newestApplied(client)) > newest) throw new MigrationError(NEWER);
		await migrate(drizzle(client), { migrationsFolder: folder });
	});
}

/** Runs work while no other process does such work on this database; others wait for their turn. */
export async function withDatabaseLock<T>(
	pool: pg.Pool,
	work: (client: pg.Client) => Promise<T>
): Promise<T> {
	// A lock belongs to its session, which a pooler would pass on.
	const client = await openLongConnection(pool, 0);
	try {
		await client.query('select pg_advisory_lock($1)', [LOCK]);
		return await work(client);
	} finally {
		await client.end();
	}
}
