import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip, gunzipSync, gzipSync } from 'node:zlib';
import { and, eq, isNotNull, isNull } from 'drizzle-orm';
import pg from 'pg';
import { extract, pack } from 'tar-stream';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { MANIFEST_NAME, readManifest, type ArchiveManifest } from '$lib/core/platform/archive/manifest';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { openLongConnection, schema } from '$lib/server/platform/db/client';
import { newestMigration } from '$lib/server/platform/db/migrate';
import { givePassword } from '$lib/server/platform/accounts/accounts';
import { verifyPassword } from '$lib/server/platform/access/passwords';
import { ARCHIVE_TABLES, PERSON_TABLES } from '$lib/server/platform/archive/archive-tables';
import {
	downloadArchive,
	downloadPersonArchive,
	openArchive
} from '$lib/server/platform/archive/download-archive';
import type { DrawSideViews } from '$lib/server/platform/archive/drawings';
import { loadArchive, requireArchiveLoaded } from '$lib/server/platform/archive/load-archive';
import { ArchiveError, checkArchive, readArchive } from '$lib/server/platform/archive/read-archive';
import { QUEUE_NAME } from '$lib/server/platform/jobs/queue-connections';
import { drawSideViews } from '$lib/ui/workstation/side-view/section-svg';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import { makeFilledDatabase } from '../support/filled-database';
import type { TestUser } from '../support/desk';

const { assessments, auditLines, archiveLoads, contacts, notes, people, restoreState, users } = schema;
const now = new Date();

/** Tables of which nothing goes into an archive: sign-ins, counters, and what belongs to one server. */
const NOT_ARCHIVED = [
	...[
		'account_links',
		'api_tokens',
		'archive_loads',
		'audit_counts',
		'case_visitors',
		'current_figures',
		'directory',
		'heartbeat'
	],
	...['known_devices', 'link_uses', 'passkey_challenges', 'passkeys', 'restore_state', 'sessions'],
	...[
		'shared_session_visits',
		'sign_in_failures',
		'test_inbox',
		'webhook_messages',
		'webhooks',
		'write_limits'
	]
];
/** Drawings in no time: the real ones are in a person's archive, and in the browser's tests. */
const draw: DrawSideViews = (views) => Promise.resolve(views.map(({ posture }) => `<svg>${posture}</svg>\n`));

let test: TestDatabase;
let coordinator: TestUser;
let folder: string;
let whole: string;

async function written(from: TestDatabase, name: string, person: string | null = null): Promise<string> {
	const file = join(folder, name);
	const drawn = person === null ? draw : drawSideViews;
	await pipeline(await openArchive({ pool: from.pool, draw: drawn }, person), createWriteStream(file));
	return file;
}

const hashOf = async (file: string) => {
	const hash = createHash('sha256');
	await pipeline(createReadStream(file), hash);
	return hash.digest('hex');
};

/** Loads a file into a database; `stopAfter` files the connection is lost. */
async function load(into: TestDatabase, file: string, stopAfter = Infinity) {
	const client = await openLongConnection(into.pool);
	try {
		const of = {
			schema: newestMigration(),
			now,
			onFile: (done: number) => {
				if (done >= stopAfter) throw new Error('the connection was lost');
			}
		};
		return await loadArchive(client, file, of);
	} finally {
		await client.end();
	}
}

async function manifestOf(file: string): Promise<ArchiveManifest> {
	const read = readManifest((await filesIn(file)).get(MANIFEST_NAME)?.toString() ?? '');
	if (!read.ok) throw new Error(read.issue.text);
	return read.value;
}

async function filesIn(file: string): Promise<Map<string, Buffer>> {
	const files = new Map<string, Buffer>();
	for await (const { path, bytes } of readArchive(file)) files.set(path, bytes);
	return files;
}

/** The archive with its files changed by hand. */
async function changed(name: string, change: (files: Map<string, Buffer>) => void): Promise<string> {
	const files = await filesIn(whole);
	change(files);
	const tar = pack();
	for (const [path, bytes] of files) tar.entry({ name: path }, bytes);
	tar.finalize();
	const file = join(folder, name);
	await pipeline(tar, createWriteStream(file));
	await writeFile(file, gzipSync(await readFile(file)));
	return file;
}

const editManifest = (files: Map<string, Buffer>, edit: (manifest: ArchiveManifest) => unknown) => {
	const manifest = JSON.parse(files.get(MANIFEST_NAME)?.toString() ?? '') as ArchiveManifest;
	files.set(MANIFEST_NAME, Buffer.from(JSON.stringify(edit(manifest))));
};

/** The demo's organisation, with a note that is kept from its person. */
beforeAll(async () => {
	folder = await mkdtemp(join(tmpdir(), 'archive-'));
	test = await makeFilledDatabase();
	const [user] = await test.db
		.select()
		.from(users)
		.where(and(eq(users.role, 'coordinator'), eq(users.seesRecord, true)));
	if (!user) throw new Error('The demo has a coordinator');
	coordinator = { kind: 'user', id: user.id, name: user.name, role: 'coordinator' };
	// Two who stand in for each other: rows that refer to later ones of their own table.
	const [other] = await test.db.select().from(users).where(eq(users.role, 'clinician'));
	const away = { awayFrom: '2026-01-05', awayUntil: '2026-01-09' };
	await test.db
		.update(users)
		.set({ ...away, standInId: other?.id })
		.where(eq(users.id, user.id));
	await test.db
		.update(users)
		.set({ ...away, standInId: user.id })
		.where(eq(users.id, other?.id ?? ''));
	whole = await written(test, 'whole.tar.gz');
});

afterAll(async () => {
	await test.drop();
	await rm(folder, { recursive: true });
});

describe('the archive of an organisation', () => {
	it('is the same bytes each time, and the same again out of an empty database that took it in', async () => {
		expect(await hashOf(await written(test, 'again.tar.gz'))).toBe(await hashOf(whole));
		const other = await makeTestDatabase();
		const { rows, isResumed } = await load(other, whole);
		expect(isResumed).toBe(false);
		expect(rows['people']).toBe(await test.db.$count(people));
		expect(rows['audit_lines']).toBe(await test.db.$count(auditLines));
		expect(await hashOf(await written(other, 'other.tar.gz'))).toBe(await hashOf(whole));
		await other.drop();
	});

	it('goes on where it was interrupted, wherever that was', async () => {
		const { files } = await manifestOf(whole);
		const other = await makeTestDatabase();
		const stops = [0.1, 0.5, 0.9].map((share) => Math.ceil(files.length * share));
		for (const stop of stops) {
			await expect(load(other, whole, stop)).rejects.toThrow('the connection was lost');
			await expect(requireArchiveLoaded(other.db)).rejects.toThrow(ArchiveError);
		}
		// Another archive doesn't go on top of half of this one.
		const [someone] = await test.db.select().from(people).limit(1);
		await expect(load(other, await written(test, 'one.tar.gz', someone?.id))).rejects.toThrow(
			'Half of another'
		);
		expect((await load(other, whole)).isResumed).toBe(true);
		await requireArchiveLoaded(other.db);
		expect(await hashOf(await written(other, 'resumed.tar.gz'))).toBe(await hashOf(whole));
		// A second time it isn't empty.
		await expect(load(other, whole)).rejects.toThrow('not empty');
		await other.drop();
	});

	it('works on: numbers continue, links open, nobody signs in with an old password, erasures are asked for', async () => {
		const other = await makeTestDatabase();
		await load(other, whole);
		const newest = await test.db.$count(auditLines);
		const [line] = await other.db
			.insert(auditLines)
			.values({ at: now, actorKind: 'system', act: 'signed-in' })
			.returning();
		expect(Number(line?.id)).toBeGreaterThan(newest - 1);
		const [state] = await other.db.select().from(restoreState);
		expect(state).toMatchObject({ restoredAt: now, replayedAt: null });
		const [archiveLoad] = await other.db.select().from(archiveLoads);
		expect(archiveLoad?.finishedAt).toEqual(now);
		const [account] = await other.db.select().from(users).where(eq(users.id, coordinator.id));
		expect(await verifyPassword(account?.passwordHash ?? null, 'tarn-valley-demo')).toBe(false);
		expect(await verifyPassword(account?.passwordHash ?? null, '')).toBe(false);
		await givePassword(other.db, { email: account?.email ?? '', password: 'a long new password' }, now);
		const [given] = await other.db.select().from(users).where(eq(users.id, coordinator.id));
		expect(await verifyPassword(given?.passwordHash ?? null, 'a long new password')).toBe(true);
		await expect(
			givePassword(other.db, { email: 'nobody@lanterns.example', password: 'a long new password' }, now)
		).rejects.toMatchObject({ kind: 'not-found' });
		// What people hold leads where it led.
		const hashes = async (of: TestDatabase) =>
			(
				await of.db
					.select({ hash: assessments.tokenHash })
					.from(assessments)
					.where(isNull(assessments.revokedAt))
			)
				.map(({ hash }) => hash)
				.sort();
		expect(await hashes(other)).toEqual(await hashes(test));
		await expect(openAssessment(other.db, 'no such link')).rejects.toMatchObject({ kind: 'not-found' });
		await other.drop();
	});

	it('is refused where it was changed, cut short, is of another version or isn’t one; nothing is loaded then', async () => {
		const other = await makeTestDatabase();
		const refused = async (file: string, words: RegExp) => {
			const error = await load(other, file).catch((thrown: unknown) => thrown);
			expect(error).toBeInstanceOf(ArchiveError);
			expect((error as ArchiveError).message).toMatch(words);
		};
		const first = [...(await filesIn(whole)).keys()].find((path) => path.startsWith('people/people/')) ?? '';
		const swap = (bytes: Buffer | undefined) => Buffer.from((bytes ?? '').toString().replace('a', 'b'));
		await refused(
			await changed('a.tar.gz', (files) => files.set(first, swap(files.get(first)))),
			new RegExp(`${first} was changed`)
		);
		await refused(
			await changed('b.tar.gz', (files) => files.delete(first)),
			new RegExp(`${first} is missing`)
		);
		await refused(
			await changed('c.tar.gz', (files) => {
				const manifest = files.get(MANIFEST_NAME) ?? Buffer.alloc(0);
				files.delete(MANIFEST_NAME);
				files.set('more.csv', Buffer.from('x'));
				files.set(MANIFEST_NAME, manifest);
			}),
			/more\.csv is in the archive, but not/
		);
		await refused(
			await changed('d.tar.gz', (files) =>
				editManifest(files, (manifest) => ({ ...manifest, schema: '0001_warning_signs' }))
			),
			/of version 0001_warning_signs/
		);
		await refused(
			await changed('e.tar.gz', (files) =>
				editManifest(files, ({ tables, ...manifest }) => ({
					...manifest,
					tables: tables.map((table) => (table.name === 'people' ? { ...table, columns: ['id'] } : table))
				}))
			),
			/table people is not as this version has it/
		);
		await refused(
			await changed('f.tar.gz', (files) =>
				editManifest(files, (manifest) => ({ ...manifest, format: 'other/1' }))
			),
			/manifest\.json: \/format must be/
		);
		const bytes = await readFile(whole);
		const short = join(folder, 'short.tar.gz');
		await writeFile(short, bytes.subarray(0, bytes.length * 0.6));
		await refused(short, /cut short/);
		await writeFile(short, 'Once upon a time');
		await refused(short, /not an archive/);
		await refused(join(folder, 'none.tar.gz'), /can’t be read/);
		const fresh = await makeTestDatabase();
		for (const { name } of ARCHIVE_TABLES) {
			const count = `select count(*) from "${name}"`;
			expect((await other.pool.query(count)).rows, name).toEqual((await fresh.pool.query(count)).rows);
		}
		await fresh.drop();
		expect(await other.db.$count(archiveLoads)).toBe(0);
		await other.drop();
	});

	it('is not loaded while the application runs on the database', async () => {
		const other = await makeTestDatabase();
		const running = new pg.Client({ connectionString: other.url, application_name: QUEUE_NAME });
		await running.connect();
		await expect(load(other, whole)).rejects.toThrow('stop it first');
		await running.end();
		expect(await other.db.$count(archiveLoads)).toBe(0);
		await other.drop();
	});

	it('is a tar archive of CSV, JSON lines and SVG that any program reads', async () => {
		const names: string[] = [];
		const tar = extract();
		const reading = pipeline(createReadStream(whole), createGunzip(), tar);
		for await (const entry of tar) {
			names.push(entry.header.name);
			entry.resume();
		}
		await reading;
		expect(names[0]).toBe('README.txt');
		expect(names.at(-1)).toBe(MANIFEST_NAME);
		const files = await filesIn(whole);
		const answered = await test.db.select().from(assessments).where(isNotNull(assessments.answeredAt));
		const lines = [...files].filter(([path]) => path.startsWith('people/assessments/'));
		const documents = lines.flatMap(([, bytes]) =>
			bytes
				.toString()
				.trimEnd()
				.split('\n')
				.map((line) => JSON.parse(line) as { id: string; answers: Record<string, string>; corner: unknown })
		);
		for (const { id, answers, workstation } of answered.slice(0, 40)) {
			const document = documents.find((one) => one.id === id);
			expect(document).toMatchObject({ answers, corner: workstation });
			expect(files.get(`drawings/${id}/measured.svg`)?.toString() ?? '').toMatch(/^<svg.*<\/svg>\n$/s);
		}
		const csv = files.get('people/people/0001.csv')?.toString() ?? '';
		expect(csv.split('\n')[0]).toBe(
			ARCHIVE_TABLES.find(({ name }) => name === 'people')?.publishedColumns.join(',')
		);
	});

	it('has no secret in it, and every table that isn’t left out by name', async () => {
		const { rows: known } = await test.pool.query<{ name: string }>(
			`select tablename as name from pg_tables where schemaname = 'public'`
		);
		const left = known
			.map(({ name }) => name)
			.filter((name) => !ARCHIVE_TABLES.some((table) => table.name === name));
		expect(left.sort()).toEqual(NOT_ARCHIVED);
		const open = ARCHIVE_TABLES.flatMap(({ name, columns }) =>
			columns
				.filter((column) => /secret|password|token|hash|subject|recovery/.test(column))
				.map((column) => `${name}.${column}`)
		);
		// Hashes of links and of the audit log: nothing can be opened with them.
		expect(open.sort()).toEqual(
			[
				'assessments.token_hash',
				'audit_checks.hash',
				'audit_seals.hash',
				'language_reviews.texts_hash',
				'emails.subject',
				'published_versions.subject',
				'version_drafts.subject',
				'rounds.subject'
			].sort()
		);
		const text = gunzipSync(await readFile(whole)).toString('latin1');
		const accounts = await test.db.select().from(users);
		for (const { passwordHash } of accounts) expect(text).not.toContain(passwordHash);
		// Links stand only in emails that are yet to be sent.
		const waiting = await test.db.select().from(schema.emails).where(eq(schema.emails.state, 'waiting'));
		const linksIn = (words: string) => [...words.matchAll(/\/c\/[\w~-]+/g)].map(([link]) => link);
		const unsent = new Set(waiting.flatMap(({ linkPath }) => linksIn(linkPath)));
		expect(new Set(linksIn(text))).toEqual(unsent);
		expect(unsent.size).toBeGreaterThan(0);
		expect(await test.db.$count(schema.emails, eq(schema.emails.state, 'delivered'))).toBeGreaterThan(100);
	});

	it('is for who may read the audit log, and is logged after its own moment', async () => {
		const before = await test.db.$count(auditLines, eq(auditLines.act, 'archive-exported'));
		const source = { db: test.db, pool: test.pool, draw };
		const [clinician] = await test.db.select().from(users).where(eq(users.role, 'clinician'));
		const as = { kind: 'user', id: clinician?.id ?? '', name: '', role: 'clinician' } as const;
		await expect(downloadArchive(source, as, now)).rejects.toMatchObject({ kind: 'not-allowed' });
		await test.db.update(users).set({ seesRecord: false }).where(eq(users.id, coordinator.id));
		await expect(downloadArchive(source, coordinator, now)).rejects.toMatchObject({ kind: 'not-allowed' });
		await test.db.update(users).set({ seesRecord: true }).where(eq(users.id, coordinator.id));
		const archive = await downloadArchive(source, coordinator, now);
		const file = join(folder, 'logged.tar.gz');
		await pipeline(archive, createWriteStream(file));
		expect(await hashOf(file)).toBe(await hashOf(whole));
		expect(await test.db.$count(auditLines, eq(auditLines.act, 'archive-exported'))).toBe(before + 1);
	});
});

describe('the archive of one person', () => {
	it('has their rows, nobody else’s, and nothing that coordinators keep to themselves; it is taken in as well', async () => {
		const [contacted] = await test.db.select().from(contacts).limit(1);
		const personId = contacted?.personId ?? '';
		const [person] = await test.db.select().from(people).where(eq(people.id, personId));
		await test.db.insert(notes).values([
			{ personId, at: now, text: 'kept between coordinators', isDisclosed: false },
			{ personId, at: now, text: 'told when they ask', isDisclosed: true }
		]);
		const source = { db: test.db, pool: test.pool, draw: drawSideViews };
		const file = join(folder, 'person.tar.gz');
		await pipeline(await downloadPersonArchive(source, coordinator, personId, now), createWriteStream(file));
		const { manifest } = await checkArchive(file);
		const drawings = manifest.files.filter(({ path }) => path.startsWith('drawings/'));
		for (const { path } of drawings)
			expect((await filesIn(file)).get(path)?.toString()).toMatch(/^<svg.*<\/svg>\n$/s);
		expect(drawings.length).toBeGreaterThan(0);
		expect(manifest.person).toBe(personId);
		expect(manifest.tables.map(({ name }) => name)).toEqual(
			PERSON_TABLES.map(({ publishedName }) => publishedName)
		);
		const text = gunzipSync(await readFile(file)).toString();
		expect(text).toContain(person?.email);
		expect(text).toContain('told when they ask');
		expect(text).not.toContain('kept between coordinators');
		const others = await test.db.select({ id: people.id, email: people.email }).from(people);
		for (const { id, email } of others.filter((one) => one.id !== personId)) {
			expect(text).not.toContain(id);
			expect(text).not.toContain(email);
		}
		const accounts = await test.db.select({ id: users.id }).from(users);
		for (const { id } of accounts) expect(text).not.toContain(id);
		const other = await makeTestDatabase();
		expect((await load(other, file)).rows['people']).toBe(1);
		expect(await hashOf(await written(other, 'person-again.tar.gz', personId))).toBe(await hashOf(file));
		await other.drop();
	});

	it('is refused for nobody', async () => {
		const source = { db: test.db, pool: test.pool, draw };
		const none = '00000000-0000-4000-8000-000000000000';
		await expect(downloadPersonArchive(source, coordinator, none, now)).rejects.toMatchObject({
			kind: 'not-found'
		});
	});
});
