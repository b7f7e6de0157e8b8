import { bigserial, index, jsonb, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';

/** Who did what to which record. Append-only: a trigger refuses change and removal. Holds ids, never health data. */
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
	(t) => [index('audit_lines_person_at_idx').on(t.personId, t.at.desc())]
);
