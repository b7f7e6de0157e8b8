import {
	bigint,
	bigserial,
	index,
	integer,
	jsonb,
	pgTable,
	primaryKey,
	text,
	timestamp,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import { moment } from './columns';

/** Who did what to which record. Append-only: a trigger refuses updates and deletes. Holds ids, never health data. */
export const auditLines = pgTable(
	'audit_lines',
	{
		id: bigserial('id', { mode: 'bigint' }).primaryKey(),
		at: timestamp('at', { withTimezone: true }).notNull(),
		actorKind: text('actor_kind', { enum: ['user', 'person', 'system'] }).notNull(),
		actorId: uuid('actor_id'),
		act: text('act').notNull(),
		personId: uuid('person_id'),
		detail: jsonb('detail').$type<Record<string, string | number>>().notNull().default({})
	},
	(t) => [
		index('audit_lines_person_at_idx').on(t.personId, t.at.desc()),
		index('audit_lines_actor_idx').on(t.actorId, t.id.desc()),
		index('audit_lines_act_idx').on(t.act, t.id.desc())
	]
);

/**
 * The chain over the audit log: each seal is a hash over its line and the previous seal, so that no line can be changed or deleted
 * unnoticed. Append-only like the lines; made by a job, so that no act waits for another's.
 */
export const auditSeals = pgTable(
	'audit_seals',
	{
		id: bigserial('id', { mode: 'bigint' }).primaryKey(),
		lineId: bigint('line_id', { mode: 'bigint' }).notNull(),
		/** SHA-256, hexadecimal. */
		hash: text('hash').notNull(),
		at: moment('at').notNull()
	},
	(t) => [uniqueIndex('audit_seals_line_key').on(t.lineId)]
);

/**
 * The number of lines and seals ever written, counted by triggers in the transactions that write them: deleting a line before it is sealed
 * leaves one fewer than counted. Lines are counted in shards by connection, so that no act waits for another's; the application can't
 * change it.
 */
export const auditCounts = pgTable(
	'audit_counts',
	{
		kind: text('kind', { enum: ['line', 'seal'] }).notNull(),
		shard: integer('shard').notNull(),
		n: bigint('n', { mode: 'number' }).notNull().default(0)
	},
	(t) => [primaryKey({ columns: [t.kind, t.shard] })]
);

/** Successful checks of the chain: the next check continues from there. */
export const auditChecks = pgTable('audit_checks', {
	id: bigserial('id', { mode: 'bigint' }).primaryKey(),
	at: moment('at').notNull(),
	/** The newest seal checked, and its value. */
	sealId: bigint('seal_id', { mode: 'bigint' }).notNull(),
	hash: text('hash').notNull(),
	/** Number of seals checked until then. */
	n: integer('n').notNull()
});

/** How long data about people is kept; one row. Null: until someone erases it. */
export const retention = pgTable('retention', {
	id: integer('id').primaryKey().default(1),
	/** Years after they left. */
	yearsAfterLeaving: integer('years_after_leaving'),
	/** Years after their last answer. */
	yearsAfterAnswer: integer('years_after_answer'),
	version: integer('version').notNull().default(1),
	/** When the job last checked whose time is up. */
	lookedAt: moment('looked_at'),
	/** Since when it has run without a gap: a jump of the clock starts it again. */
	steadySince: moment('steady_since')
});
