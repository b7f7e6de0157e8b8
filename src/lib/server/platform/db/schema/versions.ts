import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { users } from './access';
import { moment, referenceIndex } from './columns';

/** Keys of what is published: `policy`, `checklist`, `settings:<area>` and `text:<kind>:<language>`. */
const SUBJECT = '^(policy|checklist|settings:[a-z-]+|text:[a-z-]+:[a-z]{2})$';

/**
 * What the organisation has published: the policy, the checklist, settings by area, texts by kind and language. The newest version of each
 * applies, and none is changed or deleted: assessments, answers and emails name the one they were made with. A subject without a row is as
 * the software comes.
 */
export const publishedVersions = pgTable(
	'published_versions',
	{
		subject: text('subject').notNull(),
		/** Of the policy and the checklist, above every version that the software comes with. */
		version: integer('version').notNull(),
		/** Null where it goes back to what the software comes with. */
		content: jsonb('content').$type<unknown>(),
		/** Why, in the words of whoever published it. */
		note: text('note').notNull(),
		publishedAt: moment('published_at').notNull(),
		publishedBy: uuid('published_by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		primaryKey({ columns: [t.subject, t.version] }),
		referenceIndex('published_versions_published_by_ref_idx', t.publishedBy),
		check('published_versions_subject_check', sql`${t.subject} ~ ${sql.raw(`'${SUBJECT}'`)}`),
		check(
			'published_versions_version_check',
			sql`${t.version} > case when ${t.subject} in ('policy', 'checklist') then 1000 else 0 end`
		)
	]
);

/** What is being edited before it is published, by subject. A row stays once there was one, so that its version only rises. */
export const versionDrafts = pgTable(
	'version_drafts',
	{
		subject: text('subject').primaryKey(),
		/** Null while nothing is being edited. */
		content: jsonb('content').$type<unknown>(),
		/** Goes up with each change, so that nobody overwrites a colleague's. */
		version: integer('version').notNull(),
		changedAt: moment('changed_at').notNull(),
		changedBy: uuid('changed_by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		referenceIndex('version_drafts_changed_by_ref_idx', t.changedBy),
		check('version_drafts_subject_check', sql`${t.subject} ~ ${sql.raw(`'${SUBJECT}'`)}`)
	]
);
