import { sql } from 'drizzle-orm';
import { check, integer, pgTable, primaryKey, smallint, text, uuid } from 'drizzle-orm/pg-core';
import { COVER_MINUTES, type CoverMinutes } from '../../../../core/platform/cover';
import { users } from './access';
import { moment, referenceIndex } from './columns';
import { people } from './people';

/** Who is alerted to emergencies that nobody opens; one row. */
export const coverSettings = pgTable(
	'cover_settings',
	{
		id: integer('id').primaryKey().default(1),
		minutes: smallint('minutes').$type<CoverMinutes>(),
		deputyId: uuid('deputy_id').references(() => users.id, { onDelete: 'set null' }),
		outOfHours: text('out_of_hours').notNull(),
		webhookUrl: text('webhook_url').notNull(),
		/** Encrypted; signs what the webhook is sent. Empty until there is an address. */
		webhookSecret: text('webhook_secret').notNull().default(''),
		version: integer('version').notNull().default(1),
		changedAt: moment('changed_at').notNull()
	},
	(t) => [
		referenceIndex('cover_settings_deputy_ref_idx', t.deputyId),
		check('cover_settings_one_check', sql`${t.id} = 1`),
		check(
			'cover_settings_minutes_check',
			sql`${t.minutes} is null or ${t.minutes} in (${sql.raw(COVER_MINUTES.join(', '))})`
		)
	]
);

/** Alerts about emergencies that nobody had opened: one for each report. Deleted with the person. */
export const deputyAlerts = pgTable(
	'deputy_alerts',
	{
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		reportedAt: moment('reported_at').notNull(),
		/** What the webhook calls it: says nothing of the person. */
		alertId: uuid('alert_id').notNull().defaultRandom(),
		alertedAt: moment('alerted_at').notNull(),
		/** When the webhook took it; null where there is none, or not yet. */
		webhookAt: moment('webhook_at')
	},
	(t) => [primaryKey({ columns: [t.personId, t.reportedAt] })]
);
