import { isNull } from 'drizzle-orm';
import type pg from 'pg';
import type { ArchiveManifest } from '../../../core/platform/archive/manifest';
import { schema, type Db } from '../db/client';
import { QUEUE_NAME } from '../jobs/queue-connections';
import { ARCHIVE_TABLES, refersToItself, type ArchiveTable } from './archive-tables';
import { copyPartIn, SAME_TEXT } from './copy-tables';
import { ArchiveError, checkArchive, readArchive } from './read-archive';

const { archiveLoads } = schema;

/** Lock held while an archive is loaded: one at a time. Any number. */
const LOCK = 727_301_446;

const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;

/** Tables of which one has rows as soon as a database is used. */
const IN_USE = ['audit_lines', 'organisation', 'people', 'rounds', 'users'] as const;

export interface LoadedArchive {
	/** Rows of the tables, by name. */
	readonly rows: Readonly<Record<string, number>>;
	/** Whether it went on with what was interrupted. */
	readonly isResumed: boolean;
}

/** Does something within a transaction of a connection. */
async function inTransactionOf(client: pg.ClientBase, work: () => Promise<void>): Promise<void> {
	await client.query('begin');
	try {
		await work();
		await client.query('commit');
	} catch (error) {
		await client.query('rollback');
		throw error;
	}
}

/**
 * Refuses to start on a database with half an archive in it.
 * @throws ArchiveError that says what to do
 */
export async function requireArchiveLoaded(db: Db): Promise<void> {
	const unfinished = await db.$count(archiveLoads, isNull(archiveLoads.finishedAt));
	if (unfinished > 0)
		throw new ArchiveError(
			'An archive is only half loaded into this database: run "npm run app -- archive load FILE" with it again, then start again.'
		);
}

function tablesOf(manifest: ArchiveManifest, schema: string): ReadonlyMap<string, ArchiveTable> {
	if (manifest.schema !== schema)
		throw new ArchiveError(
			`The archive is of version ${manifest.schema}, this program of ${schema}: load it with the version that wrote it, and update afterwards. Nothing was loaded.`
		);
	const known = new Map(ARCHIVE_TABLES.map((table) => [table.publishedName, table]));
	for (const { name, form, columns } of manifest.tables) {
		const table = known.get(name);
		if (!table || table.form !== form || table.publishedColumns.join() !== columns.join())
			throw new ArchiveError(
				`The archive’s table ${name} is not as this version has it. Nothing was loaded.`
			);
	}
	return known;
}

/** Files that an interrupted load of the same archive brought in; none where the database is empty. */
async function loadedBefore(client: pg.ClientBase, digest: string): Promise<ReadonlySet<string> | null> {
	const { rows } = await client.query<{ digest: string; loaded: string[]; done: boolean }>(
		'select digest, loaded, finished_at is not null as done from archive_loads'
	);
	const [begun] = rows;
	if (begun && !begun.done) {
		if (begun.digest === digest) return new Set(begun.loaded);
		throw new ArchiveError(
			'Half of another archive is in this database: finish that one, or make an empty database. Nothing was loaded.'
		);
	}
	for (const name of IN_USE) {
		const { rows: any } = await client.query(`select from ${quoted(name)} limit 1`);
		if (any.length > 0)
			throw new ArchiveError(
				`This database is not empty (${name}): an archive is loaded into one that was only migrated. Nothing was loaded.`
			);
	}
	return null;
}

/** Refuses while the application runs: it would write emails to people who are only half there. Its queue is known by its name. */
async function needNobody(client: pg.ClientBase): Promise<void> {
	const { rows } = await client.query(
		'select from pg_stat_activity where datname = current_database() and application_name = $1 limit 1',
		[QUEUE_NAME]
	);
	if (rows.length > 0)
		throw new ArchiveError('The application runs on this database: stop it first. Nothing was loaded.');
}

/** Lets rows of a table refer to others that come later, until the transaction ends. */
async function referLater(client: pg.ClientBase, table: ArchiveTable): Promise<() => Promise<void>> {
	const { rows } = await client.query<{ name: string }>(
		`select conname as name from pg_constraint where contype = 'f' and conrelid = $1::regclass and confrelid = conrelid`,
		[table.name]
	);
	const alter = async (how: string) => {
		for (const { name } of rows)
			await client.query(`alter table ${quoted(table.name)} alter constraint ${quoted(name)} ${how}`);
	};
	await alter('deferrable');
	await client.query('set constraints all deferred');
	return async () => {
		await client.query('set constraints all immediate');
		await alter('not deferrable');
	};
}

/** Brings in the files of one table, and records them in the same transaction. */
class TableLoad {
	private parts: string[] = [];
	private finish: (() => Promise<void>) | null = null;

	constructor(
		private readonly client: pg.ClientBase,
		readonly table: ArchiveTable
	) {}

	/** A table whose rows refer to each other is loaded as a whole, any other part by part. */
	private get isWhole(): boolean {
		return refersToItself(this.table);
	}

	async add(path: string, bytes: Buffer): Promise<void> {
		if (this.parts.length === 0) {
			await this.client.query('begin');
			if (this.isWhole) this.finish = await referLater(this.client, this.table);
		}
		await copyPartIn(this.client, this.table, bytes);
		this.parts.push(path);
		if (!this.isWhole) await this.end();
	}

	async end(): Promise<void> {
		if (this.parts.length === 0) return;
		await this.finish?.();
		await this.client.query('update archive_loads set loaded = loaded || $1::text[]', [this.parts]);
		await this.client.query('commit');
		this.parts = [];
	}
}

/** Lets numbers go on after the highest that came in. */
async function continueNumbers(client: pg.ClientBase): Promise<void> {
	for (const { name, serial } of ARCHIVE_TABLES) {
		if (serial === null) continue;
		await client.query(
			`select setval(pg_get_serial_sequence('${name}', '${serial}'), max(${quoted(serial)})) from ${quoted(name)} having max(${quoted(serial)}) is not null`
		);
	}
}

/** Compares what came in with what the manifest names. */
async function countRows(
	client: pg.ClientBase,
	manifest: ArchiveManifest,
	tables: ReadonlyMap<string, ArchiveTable>
): Promise<Record<string, number>> {
	const counts: Record<string, number> = {};
	for (const { name, rows } of manifest.tables) {
		const { rows: counted } = await client.query<{ n: string }>(
			`select count(*) as n from ${quoted(tables.get(name)?.name ?? name)}`
		);
		const n = Number(counted[0]?.n);
		if (n !== rows)
			throw new ArchiveError(
				`${name} has ${n} rows, and the archive ${rows}: make an empty database and begin anew.`
			);
		counts[name] = n;
	}
	return counts;
}

/**
 * Loads an archive into an empty database of the same version, after every file was checked against the manifest. What was interrupted goes
 * on where it stopped: each file is recorded with its rows. Cost: two passes over the file.
 * @param client a connection of its own, by the role that owns the tables
 * @param of the newest migration, now, and what is told of each file
 * @throws ArchiveError where the archive is not whole, the database not empty, or one of another version
 */
export async function loadArchive(
	client: pg.ClientBase,
	file: string,
	of: { readonly schema: string; readonly now: Date; readonly onFile?: (done: number, all: number) => void }
): Promise<LoadedArchive> {
	const { manifest, digest } = await checkArchive(file);
	const tables = tablesOf(manifest, of.schema);
	await needNobody(client);
	await client.query(SAME_TEXT);
	const { rows: held } = await client.query<{ held: boolean }>('select pg_try_advisory_lock($1) as held', [
		LOCK
	]);
	if (!held[0]?.held) throw new ArchiveError('An archive is being loaded into this database already.');
	try {
		const before = await loadedBefore(client, digest);
		if (before === null) await begin(client, digest, of.now);
		await loadFiles(client, file, { manifest, tables, before: before ?? new Set(), onFile: of.onFile });
		const rows = await countRows(client, manifest, tables);
		await inTransactionOf(client, async () => {
			await continueNumbers(client);
			// People erased since it was written are in it, as after a restore: the application starts once they are erased again.
			await client.query(
				`insert into restore_state (id, restored_at) values (1, $1)
				on conflict (id) do update set restored_at = excluded.restored_at, replayed_at = null`,
				[of.now]
			);
			await client.query('update archive_loads set finished_at = $1', [of.now]);
		});
		await client.query('analyze');
		return { rows, isResumed: before !== null };
	} finally {
		await client.query('select pg_advisory_unlock($1)', [LOCK]).catch(() => {});
	}
}

/** Records that a load has begun, and makes room for it: some tables come with rows that the archive has, too. */
const begin = (client: pg.ClientBase, digest: string, now: Date): Promise<void> =>
	inTransactionOf(client, async () => {
		for (const { name, folder } of ARCHIVE_TABLES.toReversed())
			if (folder !== 'audit') await client.query(`delete from ${quoted(name)}`);
		await client.query(
			`insert into archive_loads (id, digest, begun_at) values (1, $1, $2)
			on conflict (id) do update set digest = excluded.digest, begun_at = excluded.begun_at, loaded = '{}', finished_at = null`,
			[digest, now]
		);
	});

async function loadFiles(
	client: pg.ClientBase,
	file: string,
	of: {
		readonly manifest: ArchiveManifest;
		readonly tables: ReadonlyMap<string, ArchiveTable>;
		readonly before: ReadonlySet<string>;
		readonly onFile: ((done: number, all: number) => void) | undefined;
	}
): Promise<void> {
	const tableAt = new Map(of.manifest.files.map(({ path, table }) => [path, table]));
	let load: TableLoad | null = null;
	let done = 0;
	try {
		for await (const { path, bytes } of readArchive(file)) {
			const table: ArchiveTable | undefined = of.tables.get(tableAt.get(path) ?? '');
			if (load && load.table !== table) {
				await load.end();
				load = null;
			}
			if (table && !of.before.has(path)) {
				load ??= new TableLoad(client, table);
				await load.add(path, bytes);
			}
			done += 1;
			of.onFile?.(done, of.manifest.files.length);
		}
		await load?.end();
	} catch (error) {
		await client.query('rollback').catch(() => {});
		throw error;
	}
}
