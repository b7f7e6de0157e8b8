import { sql } from 'drizzle-orm';
import type { WorkforceView } from '../../core/workforce';
import type { Db } from '../db/client';

/** How long today's figures of a large workforce are shown again before they are computed anew. */
const KEPT_MS = 60_000;

/** Number of observations from which figures take long enough to be kept: some ten thousand people. */
const MANY_OBSERVATIONS = 30_000;

/** Most figures kept; far above the pages and groups that anyone looks at within a minute. */
const MOST_KEPT = 300;

interface Kept {
	readonly at: number;
	readonly work: Promise<unknown>;
}

/** By database: tests have several within one process. */
const keptOf = new WeakMap<Db, Map<string, Kept>>();

/** Whether there are so many observations that figures are kept: an estimate of the planner's, which costs one look-up. */
async function isLarge(db: Db): Promise<boolean> {
	const { rows } = await db.execute<{ n: number }>(
		sql`select reltuples::float8 as n from pg_class where oid = 'observations'::regclass`
	);
	return (rows[0]?.n ?? 0) >= MANY_OBSERVATIONS;
}

/**
 * Computes today's figures, or gives those of the last minute where the workforce is large: counting a hundred thousand people takes half a
 * second, and nobody decides anything by one answer more. Two requests at once compute them once. Month ends are stored anyway.
 * @param page whose figures they are
 * @param now milliseconds since 1970
 */
export async function recentFigures<T>(
	db: Db,
	{ page, view, now }: { page: string; view: WorkforceView; now: number },
	compute: () => Promise<T>
): Promise<T> {
	if (!view.isLive || !(await isLarge(db))) return compute();
	const kept = keptOf.get(db) ?? new Map<string, Kept>();
	keptOf.set(db, kept);
	const { by, group, team, on } = view;
	const key = JSON.stringify([page, on, by, group, team]);
	const found = kept.get(key);
	if (found && now - found.at < KEPT_MS) return (await found.work) as T;
	const work = compute();
	kept.delete(key);
	kept.set(key, { at: now, work });
	for (const old of kept.keys()) {
		if (kept.size <= MOST_KEPT) break;
		kept.delete(old);
	}
	// What failed is tried again by the next request.
	work.catch(() => kept.delete(key));
	return work;
}
