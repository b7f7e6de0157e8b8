import { sql } from 'drizzle-orm';
import { check, integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { OWN_TEXT_KINDS, type OwnTextKind } from '../../../../core/platform/sending/own-texts';
import { LANGUAGES, type Language } from '../../../../messages/languages';
import { users } from './access';
import { isOneOf, moment, referenceIndex } from './columns';

/**
 * Emails and replies as the organisation words them, by language. Version 0 is the text being edited; of the others the newest applies, and
 * none is changed or deleted. A version without a text goes back to the words that the software comes with.
 */
export const ownTexts = pgTable(
	'own_texts',
	{
		kind: text('kind').$type<OwnTextKind>().notNull(),
		language: text('language').$type<Language>().notNull(),
		version: integer('version').notNull(),
		/** Null where it goes back to the original. */
		subject: text('subject'),
		body: text('body'),
		/** Of the text being edited: goes up with each change. */
		changes: integer('changes').notNull().default(1),
		at: moment('at').notNull(),
		by: uuid('by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		referenceIndex('own_texts_by_ref_idx', t.by),
		primaryKey({ columns: [t.kind, t.language, t.version] }),
		check('own_texts_kind_check', isOneOf(t.kind, OWN_TEXT_KINDS)),
		check('own_texts_language_check', isOneOf(t.language, LANGUAGES)),
		check('own_texts_version_check', sql`${t.version} >= 0`)
	]
);
