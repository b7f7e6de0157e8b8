import { pgTable, text } from 'drizzle-orm/pg-core';
import { moment } from './columns';

/** Languages whose warning-sign texts somebody of the organisation has checked: until then the English stands beside them. */
export const languageReviews = pgTable('language_reviews', {
	/** BCP 47. */
	language: text('language').primaryKey(),
	/** Who has checked them: a person who knows the language and the field, with or without an account. */
	reviewedBy: text('reviewed_by').notNull(),
	/** SHA-256 of the texts that were checked: texts that change later are unchecked again. */
	textsHash: text('texts_hash').notNull(),
	reviewedAt: moment('reviewed_at').notNull()
});
