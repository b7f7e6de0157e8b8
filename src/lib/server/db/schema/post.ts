import { index, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import { people } from './people';

/** Letters to people. A letter holds its link, as any mailbox does; removed with the person. */
export const letters = pgTable(
	'letters',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		toName: text('to_name').notNull(),
		toEmail: text('to_email').notNull(),
		subject: text('subject').notNull(),
		/** Plain text, paragraphs apart by an empty line. */
		body: text('body').notNull(),
		/** Path of the personal link. */
		linkPath: text('link_path').notNull(),
		writtenAt: timestamp('written_at', { withTimezone: true }).notNull()
	},
	(t) => [index('letters_written_idx').on(t.writtenAt.desc()), index('letters_person_idx').on(t.personId)]
);
