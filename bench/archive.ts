import { createHash } from 'node:crypto';
import { execFile } from 'node:child_process';
import { createReadStream } from 'node:fs';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { promisify } from 'node:util';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { seedWorkforce } from '../seed/workforce';
import { addUser } from '../src/lib/server/platform/access/add-user';
import { openDatabase } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { prepareDatabase } from '../src/lib/server/platform/db/prepare';
import { print, rounded } from './measure';

/** Size of the organisation that is written and loaded. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 20_000);

const run = promisify(execFile);

/** A command of a server on a database, and how long it takes, s. */
async function app(url: string, ...args: string[]): Promise<number> {
	const began = performance.now();
	const env = { ...process.env, DATABASE_URL: url, EASY_CORNER_MIGRATION_DATABASE_URL: url };
	await run('node', ['build/app.js', ...args], { env });
	return (performance.now() - began) / 1000;
}

async function hashOf(file: string): Promise<string> {
	const hash = createHash('sha256');
	await pipeline(createReadStream(file), hash);
	return hash.digest('hex');
}

/** An organisation written as an archive, loaded into an empty database, and written again: how long each takes, and whether the two are equal. */
export async function benchArchive(): Promise<void> {
	await needBuild();
	const [one, other] = [await startPostgres({ temporary: true }), await startPostgres({ temporary: true })];
	const folder = await mkdtemp(join(tmpdir(), 'archive-bench-'));
	try {
		const { db, pool } = openDatabase(one.url);
		await migrateDatabase(pool);
		const account = { email: 'bench@lanterns.example', name: 'Bench', role: 'coordinator' as const };
		const id = await addUser(db, { ...account, password: 'long enough pass' });
		await seedWorkforce(db, PEOPLE, new Date(), { kind: 'user', id, name: account.name, role: account.role });
		await pool.query('vacuum analyze');
		await pool.end();
		await prepareDatabase(other.url, other.url);
		const [first, second] = [join(folder, 'first.tar.gz'), join(folder, 'second.tar.gz')];
		const writing = await app(one.url, 'archive', 'write', first);
		const loading = await app(other.url, 'archive', 'load', first);
		await app(other.url, 'archive', 'write', second);
		print({
			figure: `archive: an organisation of ${PEOPLE} people`,
			unit: 's',
			writing: rounded(writing),
			loading: rounded(loading),
			megabytes: rounded((await stat(first)).size / 1e6),
			isEqual: (await hashOf(first)) === (await hashOf(second))
		});
	} finally {
		await rm(folder, { recursive: true });
		await Promise.all([one.stop(), other.stop()]);
	}
}
