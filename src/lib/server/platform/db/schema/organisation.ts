import { sql } from 'drizzle-orm';
import { check, customType, integer, pgTable, text } from 'drizzle-orm/pg-core';
import { PARTICIPATIONS, UNSET_ORGANISATION } from '../../../../core/platform/organisation';
import { isOneOf, moment } from './columns';

const bytes = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** The organisation, as emails and printed letters describe it; one row. */
export const organisation = pgTable(
	'organisation',
	{
		id: integer('id').primaryKey().default(1),
		name: text('name').notNull(),
		contactName: text('contact_name').notNull(),
		contactRole: text('contact_role').notNull(),
		phone: text('phone').notNull(),
		replyTo: text('reply_to').notNull(),
		address: text('address').notNull(),
		genuinePage: text('genuine_page').notNull(),
		participation: text('participation', { enum: PARTICIPATIONS }).notNull(),
		dutyLaw: text('duty_law').notNull(),
		language: text('language').notNull(),
		timeZone: text('time_zone').notNull().default(UNSET_ORGANISATION.timeZone),
		/** PNG, made from the uploaded file; null for none. */
		logo: bytes('logo'),
		logoWidthPx: integer('logo_width_px'),
		logoHeightPx: integer('logo_height_px'),
		version: integer('version').notNull().default(1),
		changedAt: moment('changed_at').notNull()
	},
	(t) => [
		check('organisation_one_check', sql`${t.id} = 1`),
		check('organisation_participation_check', isOneOf(t.participation, PARTICIPATIONS))
	]
);
