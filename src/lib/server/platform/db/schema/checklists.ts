import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { ChecklistDocument } from '../../../../core/questionnaire/checklist/own-checklist';
import { users } from './access';
import { moment, referenceIndex } from './columns';

/**
 * Checklists that the organisation has published; self-assessments are sent with the newest. Never changed or deleted: answers are shown and
 * judged by the version they were given to. Empty while the checklist is the one that the software comes with.
 */
export const checklists = pgTable(
	'checklists',
	{
		/** Above every version that the software comes with. */
		version: integer('version').primaryKey(),
		document: jsonb('document').$type<ChecklistDocument>().notNull(),
		/** Names of the problems that this and earlier versions have added, by language and problem: what the desk shows. */
		findingNames: jsonb('finding_names')
			.$type<Readonly<Record<string, Readonly<Record<string, string>>>>>()
			.notNull(),
		/** Why, in the words of whoever published it. */
		note: text('note').notNull(),
		publishedAt: moment('published_at').notNull(),
		publishedBy: uuid('published_by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		referenceIndex('checklists_published_by_ref_idx', t.publishedBy),
		check('checklists_version_check', sql`${t.version} > 1000`)
	]
);

/** The checklist that is being edited: one row, or none where nothing is. */
export const checklistDrafts = pgTable(
	'checklist_drafts',
	{
		id: integer('id').primaryKey().default(1),
		document: jsonb('document').$type<ChecklistDocument>().notNull(),
		/** Goes up with each change, so that nobody overwrites a colleague's. */
		version: integer('version').notNull().default(1),
		changedAt: moment('changed_at').notNull(),
		changedBy: uuid('changed_by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		referenceIndex('checklist_drafts_changed_by_ref_idx', t.changedBy),
		check('checklist_drafts_one_check', sql`${t.id} = 1`)
	]
);
