import { existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readBackup, writeBackup } from '../../bin/lib/backup.mjs';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { readConfig } from '$lib/server/platform/config';
import { migrateDatabase } from '$lib/server/platform/db/migrate';
import { openDatabase } from '$lib/server/platform/db/client';
import { startJobs, type Jobs } from '$lib/server/platform/jobs/start-jobs';
import { Desk, MIRELA } from '../support/desk';
import { timesOf } from '../support/rotation';

const now = new Date('2026-03-02T09:00:00Z');
const bin = postgresBin() ?? '';
let desk: Desk;
let folder: string;

/** Every table of the application and of its queue, with the number of its rows and a hash of them all. */
async function hashesOf(url: string): Promise<Record<string, string>> {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		const { rows } = await client.query<{ name: string }>(
			`select format('%I.%I', schemaname, tablename) as name from pg_tables
			 where schemaname in ('public', 'pgboss', 'drizzle') order by 1`
		);
		const found: Record<string, string> = {};
		for (const { name } of rows) {
			const { rows: hashed } = await client.query<{ hash: string }>(
				`select count(*) || ' ' || coalesce(md5(string_agg(t::text, E'\n' order by t::text)), '') as hash from ${name} t`
			);
			found[name] = hashed[0]?.hash ?? '';
		}
		return found;
	} finally {
		await client.end();
	}
}

/** The application's queue on the database, as a process of it has it. */
function queue(url: string): Promise<Jobs> {
	const opened = openDatabase(url);
	const config = readConfig({ DATABASE_URL: url, EASY_CORNER_MODE: 'demo' });
	return startJobs({ ...opened, config }, () => new Date()).then((jobs) => ({
		...jobs,
		stop: async () => {
			await jobs.stop();
			await opened.pool.end();
		}
	}));
}

beforeAll(async () => {
	desk = await Desk.make(now);
	folder = mkdtempSync(join(tmpdir(), 'easy-corner-backup-'));
	for (let i = 0; i < 3; i += 1) await desk.answered(MIRELA);
});
afterAll(async () => {
	rmSync(folder, { recursive: true, force: true });
	await desk.test.drop();
});

describe('a backup', () => {
	it('is for who made it alone, and gives back every table, the queue’s too, every time', async () => {
		const { url } = desk.test;
		const jobs = await queue(url);
		await jobs.stop();
		await desk.test.pool.end();
		const before = await hashesOf(url);
		expect(Object.keys(before).filter((name) => name.startsWith('pgboss.')).length).toBeGreaterThan(5);
		const file = join(folder, 'all.dump');
		await writeBackup(bin, url, file);
		expect((statSync(file).mode & 0o777).toString(8)).toBe('600');
		for (let i = 0; i < timesOf(2); i += 1) {
			const client = new pg.Client({ connectionString: url });
			await client.connect();
			// Into the same database, changed since; into an empty one.
			if (i % 2 === 0) await client.query('delete from people; create table later (id int)');
			else await client.query('drop schema public cascade; drop schema pgboss cascade; create schema public');
			await client.end();
			await readBackup(bin, url, file);
			expect(await hashesOf(url), `time ${i + 1}`).toEqual(before);
		}
		// And the queue goes on in it.
		const again = await queue(url);
		await again.stop();
	});

	it('is refused while the application runs, and where it is none; nothing is changed then', async () => {
		const { url } = desk.test;
		const file = join(folder, 'all.dump');
		expect(existsSync(file)).toBe(true);
		const before = await hashesOf(url);
		const opened = openDatabase(url);
		// Held: an idle connection is closed after some seconds, and a slow machine takes longer to look.
		const held = await opened.pool.connect();
		await expect(readBackup(bin, url, file)).rejects.toThrow('stop it first');
		held.release();
		await opened.pool.end();
		const odd = join(folder, 'odd.dump');
		writeFileSync(odd, 'no backup');
		await expect(readBackup(bin, url, odd)).rejects.toThrow('is not a backup');
		expect(await hashesOf(url)).toEqual(before);
	});

	it('of an empty database is brought to this version by whoever opens it next', async () => {
		const { url } = desk.test;
		const client = new pg.Client({ connectionString: url });
		await client.connect();
		await client.query('drop schema public cascade; drop schema drizzle cascade; create schema public');
		await client.end();
		const file = join(folder, 'old.dump');
		await writeBackup(bin, url, file);
		await readBackup(bin, url, file);
		const opened = openDatabase(url);
		await migrateDatabase(opened.pool);
		expect((await opened.pool.query('select count(*)::int as n from people')).rows).toEqual([{ n: 0 }]);
		await opened.pool.end();
	});
});
