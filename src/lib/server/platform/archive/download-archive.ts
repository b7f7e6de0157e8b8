import { Readable } from 'node:stream';
import type pg from 'pg';
import { eq } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { requireAuditLog } from '../audit/read-audit-log';
import { writeAuditLine } from '../audit/write-audit-line';
import { openLongConnection, schema, type Db } from '../db/client';
import { newestMigration } from '../db/migrate';
import { DomainError } from '../domain-error';
import type { DrawSideViews } from './drawings';
import { writeArchive } from './write-archive';

const { people } = schema;

/** The database, as a download of an archive needs it. */
interface ArchiveSource {
	readonly db: Db;
	/** Whose database it is read from, by a connection beside it. */
	readonly pool: pg.Pool;
	readonly draw: DrawSideViews;
}

/**
 * Opens an archive for reading; its connection ends with it, read to the end or not.
 * @param person id of the only person in it; null for the whole organisation
 */
export async function openArchive(
	{ pool, draw }: Omit<ArchiveSource, 'db'>,
	person: string | null
): Promise<Readable> {
	const client = await openLongConnection(pool);
	const end = () => void client.end().catch(() => {});
	try {
		const archive = await writeArchive(client, { person, schema: newestMigration(), draw });
		return archive.once('close', end);
	} catch (error) {
		end();
		throw error;
	}
}

/**
 * The whole organisation as an archive, for who may read the audit log, which is in it. Downloading it is logged; the line is not in it.
 * @throws DomainError `not-allowed`
 */
export async function downloadArchive(source: ArchiveSource, actor: Actor, now: Date): Promise<Readable> {
	requirePermission(actor, 'people:export');
	await requireAuditLog(source.db, actor);
	const archive = await openArchive(source, null);
	try {
		await writeAuditLine(source.db, actor, { at: now, act: 'archive-exported' });
	} catch (error) {
		// Nobody gets what isn't logged, and its connection ends with it.
		archive.destroy();
		throw error;
	}
	return archive;
}

/**
 * One person's data as an archive. Downloading it is logged.
 * @throws DomainError `not-found` where there is no such person
 */
export async function downloadPersonArchive(
	source: ArchiveSource,
	actor: Actor,
	personId: string,
	now: Date
): Promise<Readable> {
	requirePermission(actor, 'people:export');
	const [person] = await source.db.select({ id: people.id }).from(people).where(eq(people.id, personId));
	if (!person) throw new DomainError('not-found', 'noPerson');
	await writeAuditLine(source.db, actor, {
		at: now,
		act: 'person-data-exported',
		personId,
		detail: { format: 'archive' }
	});
	return openArchive(source, personId);
}
