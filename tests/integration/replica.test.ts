import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { migrateAndSeed } from '../../bin/lib/app.mjs';
import { startPostgres, startReplica } from '../../bin/lib/postgres.mjs';
import { DomainError } from '$lib/server/platform/domain-error';
import { openDatabase, type Db, type OpenDatabase } from '$lib/server/platform/db/client';
import type { WorkforceView } from '$lib/core/workforce/view';
import { figureRows } from '$lib/server/workforce/figure-rows';
import { FiguresDatabase } from '$lib/server/workforce/figures-database';
import { SCREENS } from '$lib/server/workforce/screen-list';
import { readBackup } from '../../bin/lib/backup.mjs';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { figureReader } from '../support/figure-reader';
import { PATIENCE } from '../support/patience';

const today = new Date().toISOString().slice(0, 10);
const view = { on: today, isLive: true, closings: [], today, by: null, group: null, team: null, teams: [] };

const ALL_SCREENS: Readonly<Record<string, (db: Db, of: WorkforceView) => Promise<unknown>>> = {
	...SCREENS,
	figureRows: (db, of) => figureRows(figureReader(db), of)
};

let postgres: Awaited<ReturnType<typeof startPostgres>>;
let standby: Awaited<ReturnType<typeof startReplica>>;
let primary: OpenDatabase;
let replica: OpenDatabase;

const isReplica = async (db: Db) => {
	const { rows } = await db.execute<{ is: boolean }>(sql`select pg_is_in_recovery() as is`);
	return rows[0]?.is ?? false;
};
/** A sign of life, as each process gives it, some milliseconds ago; waited for on the replica. */
async function beat(agoMs = 0): Promise<void> {
	const at = sql`now() - ${agoMs}::float8 * interval '1 millisecond'`;
	await primary.db.execute(sql`insert into heartbeat (id, at) values (1, ${at})
		on conflict (id) do update set at = excluded.at`);
	const { rows } = await primary.db.execute<{ at: string }>(sql`select at::text from heartbeat`);
	await vi.waitFor(async () => {
		const { rows: there } = await replica.db.execute(sql`select at::text from heartbeat`);
		expect(there).toEqual(rows);
	}, PATIENCE);
}

beforeAll(async () => {
	postgres = await startPostgres({ temporary: true });
	const backup = process.env.FILLED_BACKUP;
	if (backup) await readBackup(postgresBin() ?? '', postgres.url, backup);
	else await migrateAndSeed(postgres.url, ['--demo']);
	standby = await startReplica(postgres.url);
	[primary, replica] = [openDatabase(postgres.url), openDatabase(standby.url)];
	await primary.db.execute(sql`analyze`);
});
afterAll(async () => {
	await Promise.all([primary.pool.end(), replica.pool.end()]);
	await standby.stop();
	await postgres.stop();
});

describe('figures with a replica', () => {
	it('are read there, the same as on the database itself, on every screen', async () => {
		await beat();
		const figures = new FiguresDatabase(primary.db, replica.db);
		expect(await figures.read(isReplica)).toBe(true);
		for (const [name, screen] of Object.entries(ALL_SCREENS))
			expect(await figures.read((db) => screen(db, view)), name).toEqual(await screen(primary.db, view));
		// None of them was read elsewhere because it failed there.
		expect(await figures.read(isReplica)).toBe(true);
	});

	it('are read on the database itself while the replica is behind, and there again once it isn’t', async () => {
		let now = Date.now();
		const figures = new FiguresDatabase(primary.db, replica.db, () => now);
		await beat(180_000);
		expect(await figures.read(isReplica)).toBe(false);
		await beat();
		// A look holds for some seconds.
		expect(await figures.read(isReplica)).toBe(false);
		now += 6000;
		expect(await figures.read(isReplica)).toBe(true);
	});

	it('are read on the database itself where the replica fails at it, and what fails on both is told', async () => {
		await beat();
		let now = Date.now();
		const figures = new FiguresDatabase(primary.db, replica.db, () => now);
		const places: boolean[] = [];
		const onlyOnOne = async (db: Db) => {
			places.push(await isReplica(db));
			// A replica refuses to write.
			await db.execute(sql`update heartbeat set at = at`);
			return 'read';
		};
		expect(await figures.read(onlyOnOne)).toBe('read');
		expect(places).toEqual([true, false]);
		// It rests for half a minute.
		now += 10_000;
		expect(await figures.read(isReplica)).toBe(false);
		now += 21_000;
		expect(await figures.read(isReplica)).toBe(true);
		// A refusal says nothing of the replica.
		const refused = figures.read(() => Promise.reject(new DomainError('invalid', 'chooseMonthEnd')));
		await expect(refused).rejects.toThrow(DomainError);
		expect(await figures.read(isReplica)).toBe(true);
		await expect(figures.read((db) => db.execute(sql`select nonsense`))).rejects.toThrow('nonsense');
	});

	it('are read without a replica, and with one that is gone', async () => {
		expect(await new FiguresDatabase(primary.db, null).read(isReplica)).toBe(false);
		const gone = openDatabase('postgres://nobody@127.0.0.1:1/none');
		expect(await new FiguresDatabase(primary.db, gone.db).read(isReplica)).toBe(false);
		await gone.pool.end();
	});
});
