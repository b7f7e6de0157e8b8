import { pgTable, text } from 'drizzle-orm/pg-core';
import { moment } from './columns';

/** Languages whose warning-sign texts someone of the organisation has reviewed: until then the English text is shown as well. */
export const languageReviews = pgTable('language_reviews', {
	/** BCP 47. */
	language: text('language').primaryKey(),
	/** The reviewer: a person who knows the language and the field, with or without an account. */
	reviewedBy: text('reviewed_by').notNull(),
	/** SHA-256 of the reviewed texts: if they change later, the review no longer counts. */
	textsHash: text('texts_hash').notNull(),
	reviewedAt: moment('reviewed_at').notNull()
});
