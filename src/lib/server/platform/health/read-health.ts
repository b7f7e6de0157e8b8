import { statfs } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { and, eq, isNull, lt, min, or, sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import type { DatabaseWatch } from '../db/database-watch';
import { countRefused } from '../email/undelivered';
import { erasuresFileFault } from '../../people/erasure/erasures-file';

const { emails } = schema;

const MINUTE_MS = 60_000;

/** An email that could be sent and has waited this long means that the queue stands still, ms. */
const LETTER_LATE_MS = 10 * MINUTE_MS;

/** With less than this free, a disk counts as full, bytes. Our assumption. */
const LEAST_FREE_BYTES = 64 * 1024 * 1024;

/** Without an answer for this long, the database counts as gone, ms. */
const ANSWER_MS = 1500;

/** A state, in words where it isn't well. */
type Standing = 'ok' | (string & {});

export interface Health {
	/** `down` where nobody can be served; `degraded` where someone has to look. */
	readonly status: 'ok' | 'degraded' | 'down';
	readonly database: Standing;
	readonly disk: Standing;
	readonly mail: Standing;
	readonly queue: Standing;
	/** Whether people who are erased can be noted in the file of erasures. */
	readonly erasures: Standing;
}

/** A promise's value, or null where it takes too long. */
function within<T>(ms: number, promise: Promise<T>): Promise<T | null> {
	let timer: NodeJS.Timeout | undefined;
	const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), ms)));
	return Promise.race([promise, late]).finally(() => clearTimeout(timer));
}

async function diskStands({ canWrite }: DatabaseWatch): Promise<Standing> {
	if (!canWrite) return 'the database can’t write: its disk may be full';
	const { bavail, bsize } = await statfs(tmpdir());
	return bavail * bsize < LEAST_FREE_BYTES ? 'the disk of this process is full' : 'ok';
}

/** How long the oldest email that could be sent has waited, s; 0 for none. Served by emails_waiting_idx. */
export async function oldestWaitSeconds(db: Db, now: Date): Promise<number> {
	const [row] = await db
		.select({ since: min(emails.nextTryAt) })
		.from(emails)
		.where(
			and(
				eq(emails.state, 'waiting'),
				lt(emails.nextTryAt, now),
				or(isNull(emails.claimedUntil), lt(emails.claimedUntil, now))
			)
		);
	return row?.since ? Math.round((now.getTime() - row.since.getTime()) / 1000) : 0;
}

/** How long the oldest job that could run has waited, s; 0 for none. */
export async function oldestJobSeconds(db: Db): Promise<number> {
	// The queue creates its tables when it starts; before that, nothing waits.
	const made = await db.execute<{ there: string | null }>(
		sql`select to_regclass('pgboss.job')::text as there`
	);
	if (!made.rows[0]?.there) return 0;
	const { rows } = await db.execute<{ age: number | null }>(sql`
		select extract(epoch from now() - min(start_after))::int as age from pgboss.job
		where state in ('created', 'retry') and start_after < now()`);
	return Number(rows[0]?.age ?? 0);
}

async function workStands(db: Db, now: Date): Promise<Pick<Health, 'mail' | 'queue'>> {
	const [refused, letterSeconds, jobSeconds] = await Promise.all([
		countRefused(db),
		oldestWaitSeconds(db, now),
		oldestJobSeconds(db)
	]);
	const late = Math.max(letterSeconds, jobSeconds);
	return {
		mail: refused === 0 ? 'ok' : `${refused} emails were refused and wait`,
		queue: late * 1000 < LETTER_LATE_MS ? 'ok' : `the oldest work waits for ${Math.round(late / 60)} minutes`
	};
}

/**
 * Reports the health of the application, within two seconds whatever happens. Cost: four index look-ups.
 * @param erasuresFile where erasures are noted; empty where they aren't
 */
export async function readHealth(
	db: Db,
	watch: DatabaseWatch,
	erasuresFile: string,
	now: Date
): Promise<Health> {
	const disk = await diskStands(watch);
	const fault = await erasuresFileFault(erasuresFile);
	const erasures = fault === null ? 'ok' : `the file of erasures can’t be written (${fault})`;
	const work = watch.isSilent
		? null
		: await within(
				ANSWER_MS,
				workStands(db, now).catch(() => null)
			);
	if (!work)
		return {
			status: 'down',
			database: 'does not answer',
			disk,
			mail: 'not known',
			queue: 'not known',
			erasures
		};
	const isWell = [work.mail, work.queue, erasures].every((standing) => standing === 'ok');
	const status = disk !== 'ok' ? 'down' : isWell ? 'ok' : 'degraded';
	return { status, database: 'ok', disk, ...work, erasures };
}
