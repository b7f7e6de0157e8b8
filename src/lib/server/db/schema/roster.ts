import { jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { ColumnMap } from '../../../core/exchange';
import { users } from './access';
import { moment } from './columns';

/** Which column was which in a file with these headings: the next such file is read alike. Kept as long as the account. */
export const rosterMappings = pgTable(
	'roster_mappings',
	{
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		/** The headings, in one text. */
		headings: text('headings').notNull(),
		columns: jsonb('columns').$type<ColumnMap>().notNull(),
		at: moment('at').notNull()
	},
	(t) => [primaryKey({ columns: [t.userId, t.headings] })]
);
