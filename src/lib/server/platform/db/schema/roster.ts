import { date, index, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { ColumnMap, RosterField } from '../../../../core/people/exchange/roster-fields';
import { users } from './access';
import { moment, referenceIndex } from './columns';
import { people } from './people';

/** A person's details as an import found or wrote them. */
export type ImportedDetails = Readonly<Record<RosterField, string>>;

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

/** Imports, to be undone on the same day. The line of an import is kept; what it changed of people only until the day is over. */
export const rosterImports = pgTable(
	'roster_imports',
	{
		/** Names the act that applied it. */
		id: uuid('id').primaryKey(),
		userId: uuid('user_id').references(() => users.id, { onDelete: 'set null' }),
		at: moment('at').notNull(),
		/** The organisation's day, on which it can be undone. */
		onDay: date('on_day', { mode: 'string' }).notNull(),
		added: integer('added').notNull(),
		changed: integer('changed').notNull(),
		/** How many were marked as leavers or returned. */
		moved: integer('moved').notNull(),
		undoneAt: moment('undone_at')
	},
	(t) => [
		referenceIndex('roster_imports_user_ref_idx', t.userId),
		index('roster_imports_day_idx').on(t.onDay, t.at)
	]
);

/** What an import did to one person: their details before and after it. Deleted with the person, and when the day is over. */
export const rosterImportPeople = pgTable(
	'roster_import_people',
	{
		importId: uuid('import_id')
			.notNull()
			.references(() => rosterImports.id, { onDelete: 'cascade' }),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** Null where the import added the person. */
		before: jsonb('before').$type<ImportedDetails>(),
		/** Null until the import has written. */
		after: jsonb('after').$type<ImportedDetails>()
	},
	(t) => [
		primaryKey({ columns: [t.importId, t.personId] }),
		index('roster_import_people_person_idx').on(t.personId)
	]
);
