import { createHash } from 'node:crypto';
import { pipeline, type Readable } from 'node:stream';
import { createGzip } from 'node:zlib';
import type pg from 'pg';
import { pack, type Pack } from 'tar-stream';
import {
	ARCHIVE_FORMAT,
	MANIFEST_NAME,
	type ArchivedFile,
	type ArchivedTable,
	type ArchiveManifest
} from '../../../core/platform/archive/manifest';
import { ARCHIVE_TABLES, PERSON_TABLES, type ArchiveTable } from './archive-tables';
import { copyOut, csvHead, SAME_TEXT } from './copy-tables';
import { archivedDrawings, type DrawSideViews } from './drawings';
import { READ_ME } from './read-me';

export interface ArchiveWish {
	/** Id of the only person in it; null for the whole organisation. */
	readonly person: string | null;
	/** Newest migration of the database. */
	readonly schema: string;
	readonly draw: DrawSideViews;
}

/** Every file has the same moment: two archives of the same data are the same bytes. */
const SAME_MOMENT = new Date(0);

interface WrittenFile {
	readonly path: string;
	readonly bytes: Buffer;
	readonly table: string | null;
}

const isOfPerson = (table: ArchiveTable): table is (typeof PERSON_TABLES)[number] => 'where' in table;

/** Puts files into a tar archive, each once there is room for it; none where the reader has gone. */
function tarOf(files: () => AsyncIterable<WrittenFile>): Pack {
	const tar = pack();
	const put = ({ path, bytes }: WrittenFile) =>
		new Promise<void>((resolve, reject) => {
			// A reader who goes while a file waits for room leaves it waiting for ever.
			const gone = () => reject(new Error('The archive was given up'));
			if (tar.destroyed) return gone();
			tar.once('close', gone);
			const header = { name: path, size: bytes.length, mtime: SAME_MOMENT, mode: 0o600 };
			const entry = tar.entry(header, (error) => {
				tar.off('close', gone);
				if (error) reject(error);
				else resolve();
			});
			// The part of a tar archive is a stream of its own, which hears of a reader who has gone.
			entry.on('error', reject);
			entry.end(bytes);
		});
	void (async () => {
		try {
			for await (const file of files()) await put(file);
			tar.finalize();
		} catch (error) {
			// Whoever reads the archive is told; a reader who has gone has destroyed it already.
			tar.destroy(error as Error);
		}
	})();
	return tar;
}

/** The files of an archive in their order, the manifest last. */
async function* filesOf(client: pg.ClientBase, wish: ArchiveWish): AsyncGenerator<WrittenFile> {
	const { person } = wish;
	const tables: ArchivedTable[] = [];
	const listed: ArchivedFile[] = [];
	const list = (file: WrittenFile): WrittenFile => {
		const { path, bytes, table } = file;
		listed.push({
			path,
			bytes: bytes.length,
			sha256: createHash('sha256').update(bytes).digest('hex'),
			table
		});
		return file;
	};
	yield list({ path: 'README.txt', bytes: Buffer.from(READ_ME), table: null });
	for (const table of person === null ? ARCHIVE_TABLES : PERSON_TABLES) {
		const { publishedName: name, form, publishedColumns: columns } = table;
		const head = form === 'csv' ? Buffer.from(csvHead(table)) : Buffer.alloc(0);
		let [rows, parts] = [0, 0];
		for await (const part of copyOut(client, table, isOfPerson(table) ? table.where : 'true', person)) {
			rows += part.rows;
			parts += 1;
			const path = `${table.folder}/${name}/${String(parts).padStart(4, '0')}.${form}`;
			yield list({ path, bytes: Buffer.concat([head, part.bytes]), table: name });
		}
		tables.push({ name, form, columns: [...columns], rows });
	}
	for await (const { path, svg } of archivedDrawings(client, wish.draw, person))
		yield list({ path, bytes: Buffer.from(svg), table: null });
	const manifest: ArchiveManifest = {
		format: ARCHIVE_FORMAT,
		schema: wish.schema,
		person,
		tables,
		files: listed
	};
	yield { path: MANIFEST_NAME, bytes: Buffer.from(`${JSON.stringify(manifest, null, '\t')}\n`), table: null };
}

/**
 * Writes the organisation, or one person of it, as a tar archive compressed by gzip: everything as it was at one moment, while the
 * application goes on. Cost: one pass over every table; some megabytes in memory whatever the workforce.
 * @param client a connection of its own, closed by the caller when the archive has been read or given up
 */
export async function writeArchive(client: pg.ClientBase, wish: ArchiveWish): Promise<Readable> {
	await client.query(SAME_TEXT);
	// A reader may be slow: what is read stays as it was, and no row is locked.
	await client.query('begin isolation level repeatable read read only');
	// The first statement decides on the moment.
	await client.query('select 1');
	const tar = tarOf(() => filesOf(client, wish));
	// Each end of it ends with the other, and hears the other's fault: a reader who goes is no fault of anybody's.
	return pipeline(tar, createGzip(), () => {});
}
