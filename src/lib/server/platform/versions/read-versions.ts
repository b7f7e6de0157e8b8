import { and, desc, eq, inArray, sql, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import type { PublishedSubject } from './published-subject';

const { publishedVersions, versionDrafts, users } = schema;

/** A version of something published. */
interface Version<C> {
	/** As stored; the subject's base where nothing was published. */
	readonly version: number;
	readonly content: C;
}

/** The version that applies. One key look-up. */
export async function newestVersion<C>(db: Db, subject: PublishedSubject<C>): Promise<Version<C>> {
	const [row] = await db
		.select({ version: publishedVersions.version, content: publishedVersions.content })
		.from(publishedVersions)
		.where(eq(publishedVersions.subject, subject.key))
		.orderBy(desc(publishedVersions.version))
		.limit(1);
	return { version: row?.version ?? subject.base, content: subject.read(row?.content ?? null) };
}

/** What applies of several subjects of one kind, in their order. One statement by the key, proportional to their versions. */
export async function newestByKey<C>(db: Db, subjects: readonly PublishedSubject<C>[]): Promise<C[]> {
	const keys = subjects.map(({ key }) => key);
	const rows = await db
		.selectDistinctOn([publishedVersions.subject], {
			key: publishedVersions.subject,
			content: publishedVersions.content
		})
		.from(publishedVersions)
		.where(inArray(publishedVersions.subject, keys))
		.orderBy(publishedVersions.subject, desc(publishedVersions.version));
	return subjects.map(({ key, read }) => read(rows.find((row) => row.key === key)?.content ?? null));
}

/** Versions by number; without those that there are not. One statement by the key, and none where none is asked for. */
export async function versionsAt<C>(
	db: Db,
	subject: PublishedSubject<C>,
	versions: readonly number[]
): Promise<ReadonlyMap<number, C>> {
	if (versions.length === 0) return new Map();
	const rows = await db
		.select({ version: publishedVersions.version, content: publishedVersions.content })
		.from(publishedVersions)
		.where(
			and(eq(publishedVersions.subject, subject.key), inArray(publishedVersions.version, [...versions]))
		);
	return new Map(rows.map(({ version, content }) => [version, subject.read(content)]));
}

/** A version by its number; undefined where there is none. One key look-up. */
export const versionAt = async <C>(
	db: Db,
	subject: PublishedSubject<C>,
	version: number
): Promise<C | undefined> => (await versionsAt(db, subject, [version])).get(version);

/** Every version with who published it, when and why, newest first. Organisations publish a few a year. */
export async function everyVersion<C>(db: Db, subject: PublishedSubject<C>) {
	const rows = await db
		.select({
			version: publishedVersions.version,
			content: publishedVersions.content,
			note: publishedVersions.note,
			at: publishedVersions.publishedAt,
			by: users.name
		})
		.from(publishedVersions)
		.leftJoin(users, eq(users.id, publishedVersions.publishedBy))
		.where(eq(publishedVersions.subject, subject.key))
		.orderBy(desc(publishedVersions.version));
	return rows.map((row) => ({ ...row, content: subject.read(row.content) }));
}

/**
 * Every version with what it changed, newest first, numbered as people read them.
 * @param changesOf what is different between two versions; the one before the first is what the software comes with
 */
export async function versionList<C, D>(
	db: Db,
	subject: PublishedSubject<C>,
	changesOf: (before: C, after: C) => D
) {
	const rows = await everyVersion(db, subject);
	return rows.map(({ version, content, ...row }, i) => ({
		...row,
		version: version - subject.base,
		changes: changesOf(rows[i + 1]?.content ?? subject.read(null), content)
	}));
}

/** What is being edited: null while nothing is. */
export interface Draft<C> {
	/** Goes up with each change; 0 where there was none. */
	readonly seen: number;
	readonly content: C | null;
	/** The colleague who changed it last, and when; null while nothing is being edited. */
	readonly changed: { readonly at: Date; readonly by: string | null } | null;
}

/** Reads what is being edited. One key look-up. */
export async function readDraft<C>(db: Db, subject: PublishedSubject<C>): Promise<Draft<C>> {
	const [row] = await db
		.select({ draft: versionDrafts, by: users.name })
		.from(versionDrafts)
		.leftJoin(users, eq(users.id, versionDrafts.changedBy))
		.where(eq(versionDrafts.subject, subject.key));
	if (!row) return { seen: 0, content: null, changed: null };
	const { version, content, changedAt } = row.draft;
	return content === null
		? { seen: version, content: null, changed: null }
		: { seen: version, content: subject.read(content), changed: { at: changedAt, by: row.by } };
}

/** The newest version with its content as a column of a statement, each read by the key once; null where nothing was published. */
export const newestAsColumn = <C>({
	key
}: PublishedSubject<C>): SQL<{ readonly version: number; readonly content: unknown } | null> =>
	sql`(select jsonb_build_object('version', v.version, 'content', v.content) from ${publishedVersions} v
		where v.subject = ${key} order by v.version desc limit 1)`;
