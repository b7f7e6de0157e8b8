import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import type pg from 'pg';

/** The version of the database before judgements. */
export const BEFORE_JUDGEMENTS = 5;

/** Brings an empty database to an earlier version, as if that version of the program had made it. */
export async function migrateTo(pool: pg.Pool, last: number): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'easy-corner-'));
	try {
		cpSync('drizzle', folder, { recursive: true });
		const path = join(folder, 'meta', '_journal.json');
		const journal = JSON.parse(readFileSync(path, 'utf8')) as { entries: { idx: number }[] };
		const entries = journal.entries.filter(({ idx }) => idx <= last);
		writeFileSync(path, JSON.stringify({ ...journal, entries }));
		await migrate(drizzle(pool), { migrationsFolder: folder });
	} finally {
		rmSync(folder, { recursive: true });
	}
}
