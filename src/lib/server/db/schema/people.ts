import { sql } from 'drizzle-orm';
import { index, integer, pgTable, text, timestamp, uniqueIndex, uuid } from 'drizzle-orm/pg-core';

/** Employees who are looked after. Kept until they are removed. */
export const people = pgTable(
	'people',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		name: text('name').notNull(),
		email: text('email').notNull(),
		team: text('team').notNull().default(''),
		version: integer('version').notNull().default(1),
		createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow()
	},
	(t) => [
		uniqueIndex('people_email_key').on(sql`lower(${t.email})`),
		// The list is in this order and pages by it.
		index('people_name_id_idx').on(sql`lower(${t.name})`, t.id)
	]
);
