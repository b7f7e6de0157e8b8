import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { openDatabase, type OpenDatabase } from '$lib/server/platform/db/client';
import { TEMPLATE } from './template-name';

/** A database of its own for one test file, made on the throw-away cluster that `npm test` starts. */
export interface TestDatabase extends OpenDatabase {
	readonly url: string;
	drop(): Promise<void>;
}

function clusterUrl(): string {
	const url = process.env.TEST_DATABASE_URL;
	if (!url) throw new Error('TEST_DATABASE_URL is missing: run these tests with "npm test"');
	return url;
}

/** Runs a statement on the cluster, outside the test's own database. @returns its rows */
export async function asAdmin(sql: string): Promise<Record<string, unknown>[]> {
	const client = new pg.Client({ connectionString: clusterUrl() });
	await client.connect();
	try {
		return (await client.query<Record<string, unknown>>(sql)).rows;
	} finally {
		await client.end();
	}
}

/** Makes an empty database; migrated unless told otherwise. */
export async function makeTestDatabase({ migrated = true } = {}): Promise<TestDatabase> {
	const name = `test_${randomBytes(6).toString('hex')}`;
	await asAdmin(migrated ? `create database ${name} template ${TEMPLATE}` : `create database ${name}`);
	const url = clusterUrl().replace(/\/[^/]*$/, `/${name}`);
	const open = openDatabase(url);
	return {
		...open,
		url,
		drop: async () => {
			if (!open.pool.ended) await open.pool.end();
			await asAdmin(`drop database ${name} with (force)`);
		}
	};
}
