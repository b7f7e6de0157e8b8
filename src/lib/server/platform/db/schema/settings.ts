import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import {
	SETTINGS_AREAS,
	type SettingsArea,
	type SettingsByArea
} from '../../../../core/platform/organisation-settings/areas';
import { users } from './access';
import { isOneOf, moment, referenceIndex } from './columns';

/**
 * Settings that the organisation has published, by area; the newest of each applies, and none is changed or deleted. An area without a row
 * is as the software comes.
 */
export const organisationSettings = pgTable(
	'organisation_settings',
	{
		area: text('area').$type<SettingsArea>().notNull(),
		version: integer('version').notNull(),
		settings: jsonb('settings').$type<SettingsByArea[SettingsArea]>().notNull(),
		/** Why, in the words of whoever published it. */
		note: text('note').notNull(),
		publishedAt: moment('published_at').notNull(),
		publishedBy: uuid('published_by').references(() => users.id, { onDelete: 'set null' })
	},
	(t) => [
		referenceIndex('organisation_settings_published_by_ref_idx', t.publishedBy),
		primaryKey({ columns: [t.area, t.version] }),
		check('organisation_settings_area_check', isOneOf(t.area, SETTINGS_AREAS)),
		check('organisation_settings_version_check', sql`${t.version} > 0`)
	]
);
