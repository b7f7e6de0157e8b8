import { sql } from 'drizzle-orm';
import { date, index, integer, pgTable, text, timestamp, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { people } from './people';

/** When a person is to be looked at again. One open follow-up a person; done ones stay as history. */
export const followUps = pgTable(
	'follow_ups',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		due: date('due', { mode: 'string' }).notNull(),
		reason: text('reason').notNull().default(''),
		version: integer('version').notNull().default(1),
		createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
		doneAt: timestamp('done_at', { withTimezone: true }),
		/** What came of it. */
		outcome: text('outcome').notNull().default(''),
		/** The follow-up that this one follows. */
		after: uuid('after')
	},
	(t) => [
		uniqueIndex('follow_ups_open_key')
			.on(t.personId)
			.where(sql`${t.doneAt} is null`),
		index('follow_ups_person_idx').on(t.personId, t.due.desc()),
		index('follow_ups_due_idx')
			.on(t.due)
			.where(sql`${t.doneAt} is null`)
	]
);
