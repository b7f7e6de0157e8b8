import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import type pg from 'pg';

/** One migration of the journal. */
interface Entry {
	readonly idx: number;
	readonly when: number;
	readonly tag: string;
	readonly version: string;
	readonly breakpoints: boolean;
}

interface Journal {
	readonly entries: readonly Entry[];
}

const journalIn = (folder: string) =>
	JSON.parse(readFileSync(join(folder, 'meta', '_journal.json'), 'utf8')) as Journal;

/** A migration that there is not, for tests of how one is carried out. */
export interface TryMigration {
	readonly tag: string;
	readonly sql: string;
}

/** Migrates a database as a later version of the program would, with further migrations after those that there are, in order. */
export async function migrateBeyond(pool: pg.Pool, further: readonly TryMigration[]): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'easy-corner-migrations-'));
	try {
		cpSync('drizzle', folder, { recursive: true });
		const journal = journalIn(folder);
		const newest = journal.entries.at(-1);
		if (!newest) throw new Error('There is no migration');
		const added = further.map(({ tag, sql }, i): Entry => {
			writeFileSync(join(folder, `${tag}.sql`), sql);
			return { ...newest, idx: newest.idx + i + 1, when: newest.when + i + 1, tag };
		});
		writeFileSync(
			join(folder, 'meta', '_journal.json'),
			JSON.stringify({ ...journal, entries: [...journal.entries, ...added] })
		);
		await migrate(drizzle(pool), { migrationsFolder: folder });
	} finally {
		rmSync(folder, { recursive: true });
	}
}
