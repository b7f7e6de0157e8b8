import { bigint, integer, pgTable, text } from 'drizzle-orm/pg-core';
import { moment } from './columns';

/** One row that each process writes now and then, to know whether it can. */
export const heartbeat = pgTable('heartbeat', {
	id: integer('id').primaryKey().default(1),
	at: moment('at').notNull().defaultNow()
});

/**
 * What is counted of writes in the running minute or hour, for all processes together; in the form that `rate-limiter-flexible` wants. Unlogged: a crash of
 * PostgreSQL begins the minute again.
 */
export const writeLimits = pgTable('write_limits', {
	key: text('key').primaryKey(),
	points: integer('points').notNull().default(0),
	/** Milliseconds since 1970. */
	expire: bigint('expire', { mode: 'number' })
});

/** Whether this database came out of a backup, and whether who was erased since was erased again; one row. */
export const restoreState = pgTable('restore_state', {
	id: integer('id').primaryKey().default(1),
	restoredAt: moment('restored_at'),
	replayedAt: moment('replayed_at')
});
