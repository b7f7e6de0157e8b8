import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import type { DirectoryComparison, DirectoryRoster } from '../../../../core/people/directory/roster-of-users';
import type { DirectorySettings } from '../../../../core/people/directory/directory-settings';
import { moment } from './columns';

/**
 * The staff directory: what is set of it, when it was read, and the list that was read last. One row. The list is deleted a week later, and
 * when anybody is erased.
 */
export const directory = pgTable(
	'directory',
	{
		id: integer('id').primaryKey().default(1),
		settings: jsonb('settings').$type<DirectorySettings>().notNull(),
		version: integer('version').notNull().default(1),
		/** When somebody last asked for it to be read; null where nobody did since. */
		wantedAt: moment('wanted_at'),
		/** Until when one process reads it. */
		claimedUntil: moment('claimed_until'),
		triedAt: moment('tried_at'),
		/** Why the last attempt failed, as a code; empty where it didn't. */
		fault: text('fault').notNull().default(''),
		readAt: moment('read_at'),
		roster: jsonb('roster').$type<DirectoryRoster>(),
		/** What taking over the list would change, by the last comparison; null where there is no list. */
		comparison: jsonb('comparison').$type<DirectoryComparison>()
	},
	(t) => [check('directory_one_check', sql`${t.id} = 1`)]
);
