import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { PolicySettings } from '../../../../core/cases/triage/policy-settings';
import { users } from './access';
import { moment, referenceIndex } from './columns';

/**
 * Settings of the triage policy that the organisation has published, the newest in force. Never changed or deleted: assessments name the
 * version they were made by. Empty while the settings are those that the software comes with.
 */
export const triagePolicies = pgTable(
	'triage_policies',
	{
		/** Above every version that the software comes with. */
		version: integer('version').primaryKey(),
		settings: jsonb('settings').$type<PolicySettings>().notNull(),
		/** Why, in the words of whoever published it. */
		note: text('note').notNull(),
		publishedAt: moment('published_at').notNull(),
		publishedBy: uuid('published_by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		referenceIndex('triage_policies_published_by_ref_idx', t.publishedBy),
		check('triage_policies_version_check', sql`${t.version} > 1000`)
	]
);
