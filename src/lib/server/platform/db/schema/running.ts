import { bigint, integer, pgTable, text } from 'drizzle-orm/pg-core';
import { moment, textList } from './columns';

/** One row that each process writes now and then, to find out whether it can. */
export const heartbeat = pgTable('heartbeat', {
	id: integer('id').primaryKey().default(1),
	at: moment('at').notNull().defaultNow()
});

/**
 * Counts of writes in the current minute or hour, for all processes together; in the form that `rate-limiter-flexible` needs. Unlogged: a
 * crash of PostgreSQL restarts the minute.
 */
export const writeLimits = pgTable('write_limits', {
	key: text('key').primaryKey(),
	points: integer('points').notNull().default(0),
	/** Milliseconds since 1970. */
	expire: bigint('expire', { mode: 'number' })
});

/** Whether this database was restored from a backup, and whether people erased since have been erased again; one row. */
export const restoreState = pgTable('restore_state', {
	id: integer('id').primaryKey().default(1),
	restoredAt: moment('restored_at'),
	replayedAt: moment('replayed_at')
});

/** An archive that is being loaded into this database, or was; one row. What is interrupted goes on where it stopped. */
export const archiveLoads = pgTable('archive_loads', {
	id: integer('id').primaryKey().default(1),
	/** SHA-256 of its manifest. */
	digest: text('digest').notNull(),
	begunAt: moment('begun_at').notNull(),
	/** Files that are in the database; each is recorded with what it brings. */
	loaded: textList('loaded').notNull().default([]),
	/** Null until all of it is there: the application does not start before. */
	finishedAt: moment('finished_at')
});
