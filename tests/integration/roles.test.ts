import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { setUpRoles } from '../../bin/lib/roles.mjs';
import { readConfig } from '$lib/server/platform/config';
import { openDatabase, schema, type OpenDatabase } from '$lib/server/platform/db/client';
import { prepareDatabase } from '$lib/server/platform/db/prepare';
import { startJobs } from '$lib/server/platform/jobs/start-jobs';
import { makeTestDatabase, type TestDatabase } from '../support/database';

let test: TestDatabase;
let app: OpenDatabase;
let urls: { appUrl: string; migratorUrl: string };
const config = () => readConfig({ DATABASE_URL: urls.appUrl, EASY_CORNER_MODE: 'demo' });

beforeAll(async () => {
	test = await makeTestDatabase({ migrated: false });
	urls = await setUpRoles(postgresBin() ?? '', test.url);
	app = openDatabase(urls.appUrl);
	await prepareDatabase(urls.migratorUrl, urls.appUrl);
});
afterAll(async () => {
	await app.pool.end();
	await test.drop();
});

const refusedFor = async (pool: pg.Pool, sql: string) => {
	try {
		await pool.query(sql);
		return 'done';
	} catch (error) {
		return (error as { code?: string }).code ?? String(error);
	}
};

/** SQLSTATE of what a role may not do, and of what only an owner may. */
const DENIED = '42501';

// OWASP ASVS 4.0.3, 1.2.1 and 7.3 (from memory): least privilege, and a record that who writes it can't change.
describe('the application’s role', () => {
	it('adds to the record and reads it, and can do nothing else to it', async () => {
		const add = `insert into audit_lines (at, actor_kind, act) values (now(), 'system', 'signed-in')`;
		expect(await refusedFor(app.pool, add)).toBe('done');
		for (const sql of [
			'update audit_lines set act = act',
			'delete from audit_lines',
			'truncate audit_lines',
			'alter table audit_lines disable trigger all',
			'drop trigger audit_lines_append_only on audit_lines',
			'drop table audit_lines',
			'update audit_seals set hash = hash',
			'delete from audit_seals',
			'drop function refuse_change cascade',
			`set session_replication_role = 'replica'`,
			'set role easy_corner_owner',
			'grant easy_corner_owner to easy_corner_app'
		])
			expect(await refusedFor(app.pool, sql), sql).toBe(DENIED);
	});

	it('changes no table’s form, makes none, and is nobody’s superior', async () => {
		for (const sql of [
			'alter table people add x int',
			'create table x (y int)',
			'create role x',
			'drop table people'
		])
			expect(await refusedFor(app.pool, sql), sql).toBe(DENIED);
		expect(await refusedFor(app.pool, 'delete from people')).toBe('done');
	});

	it('has a queue of its own, and works again after everything belonged to someone else, as after a restore', async () => {
		// Figures that another version of the program may have counted are forgotten.
		const old = { on: '2026-01-01', madeAt: new Date(), askedAt: new Date(), figures: {} };
		await app.db.insert(schema.currentFigures).values({ screen: 'help', view: '[]', ...old });
		const jobs = await startJobs({ ...app, config: config() }, () => new Date());
		expect(await app.db.$count(schema.currentFigures)).toBe(0);
		await jobs.stop();
		const { rows } = await test.pool.query<{ q: string }>(
			`select format('alter table %I.%I owner to current_user', schemaname, tablename) as q
			 from pg_tables where schemaname in ('public', 'pgboss')`
		);
		for (const { q } of rows) await test.pool.query(q);
		expect(await setUpRoles(postgresBin() ?? '', test.url)).toEqual(urls);
		await prepareDatabase(urls.migratorUrl, urls.appUrl);
		const again = await startJobs({ ...app, config: config() }, () => new Date());
		await again.stop();
		expect(await refusedFor(app.pool, 'delete from audit_lines')).toBe(DENIED);
	});

	it('several start at once on an empty database, and all are up', async () => {
		const empty = await makeTestDatabase({ migrated: false });
		const all = await Promise.all(
			Array.from({ length: 6 }, () => setUpRoles(postgresBin() ?? '', empty.url))
		);
		const opened = all.map(({ appUrl }) => openDatabase(appUrl));
		const of = readConfig({ DATABASE_URL: all[0]?.appUrl, EASY_CORNER_MODE: 'demo' });
		await Promise.all(all.map(({ migratorUrl, appUrl }) => prepareDatabase(migratorUrl, appUrl)));
		const jobs = await Promise.all(opened.map((one) => startJobs({ ...one, config: of }, () => new Date())));
		expect(jobs).toHaveLength(6);
		await Promise.all(jobs.map((one) => one.stop()));
		await Promise.all(opened.map(({ pool }) => pool.end()));
		await empty.drop();
	});
});
