import { BREAK_SCHEDULES, type BreakSchedule } from '../../../../core/breaks/break-schedules';
import { sql } from 'drizzle-orm';
import {
	check,
	date,
	index,
	integer,
	pgTable,
	text,
	timestamp,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import { QUESTIONNAIRE_MODES, type QuestionnaireMode } from '../../../../core/questionnaire/answers/fields';
import { SITTING_STYLES, type SittingStyle } from '../../../../core/workstation/corner/vocabulary';
import type { ReasonCode } from '../../../../core/cases/case-assessment/vocabulary';
import { users } from './access';
import { isOneOf, textList } from './columns';

const moment = (name: string) => timestamp(name, { withTimezone: true });

/** Employees. Kept until they are erased. */
export const people = pgTable(
	'people',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		name: text('name').notNull(),
		email: text('email').notNull(),
		team: text('team').notNull().default(''),
		/** The organisation's number for them; empty where it has none. */
		staffNumber: text('staff_number').notNull().default(''),
		/** The sitting style set for them, and short or complete; null for the round's setting or the default. */
		sittingStyle: text('sitting_style').$type<SittingStyle>(),
		questionnaireMode: text('questionnaire_mode').$type<QuestionnaireMode>(),
		/** The break schedule set for them; null for the round's setting or the default. */
		breakSchedule: text('break_schedule').$type<BreakSchedule>(),
		/** ISO 3166-1 alpha-2, whose weekend and public holidays are not working days; empty where unknown. */
		country: text('country').notNull().default(''),
		/** ISO 3166-2 without the country, for regional holidays; empty where unknown. */
		region: text('region').notNull().default(''),
		/** As dialled; empty where unknown. */
		phone: text('phone').notNull().default(''),
		/** IANA time zone in which their day begins; empty for the organisation's. */
		timeZone: text('time_zone').notNull().default(''),
		/** BCP 47 language of their emails and pages. */
		language: text('language').notNull().default('en'),
		/** When they left; people who have left are sent nothing and are on no list of work. */
		leftAt: moment('left_at'),
		/** The coordinator assigned to them; null for nobody in particular. */
		ownerId: uuid('owner_id').references(() => users.id, { onDelete: 'set null' }),
		/** The day to which their case is postponed, and why; null where it is not. */
		laterOn: date('later_on', { mode: 'string' }),
		laterReason: text('later_reason').notNull().default(''),
		/** Rules that had set the level when the case was postponed: anything new brings it back. */
		laterFor: textList<ReasonCode>('later_for').notNull().default([]),
		/** When they asked for no more reminders; null while they get them. */
		remindersStoppedAt: moment('reminders_stopped_at'),
		/** When an email bounced; cleared with a new address. */
		bouncedAt: moment('bounced_at'),
		version: integer('version').notNull().default(1),
		createdAt: moment('created_at').notNull().defaultNow()
	},
	(t) => [
		uniqueIndex('people_email_key').on(sql`lower(${t.email})`),
		// The list's order, and its paging.
		index('people_name_id_idx').on(sql`lower(${t.name})`, t.id),
		// Few have left, and few emails bounce.
		index('people_left_idx')
			.on(sql`lower(${t.name})`, t.id)
			.where(sql`${t.leftAt} is not null`),
		index('people_bounced_idx')
			.on(sql`lower(${t.name})`, t.id)
			.where(sql`${t.bouncedAt} is not null`),
		index('people_later_idx')
			.on(t.laterOn)
			.where(sql`${t.laterOn} is not null`),
		index('people_owner_idx')
			.on(t.ownerId)
			.where(sql`${t.ownerId} is not null`),
		check('people_sitting_style_check', isOneOf(t.sittingStyle, SITTING_STYLES)),
		check('people_questionnaire_mode_check', isOneOf(t.questionnaireMode, QUESTIONNAIRE_MODES)),
		check('people_break_schedule_check', isOneOf(t.breakSchedule, BREAK_SCHEDULES)),
		index('people_country_idx').on(t.country, t.id),
		index('people_team_idx').on(t.team, sql`lower(${t.name})`, t.id),
		// Search by any part of a name, team or address: trigrams; with one or two letters, the beginning of a name.
		index('people_search_idx').using(
			'gin',
			sql`(${t.name} || ' ' || ${t.team} || ' ' || ${t.email}) gin_trgm_ops`
		),
		index('people_name_start_idx').on(sql`lower(${t.name}) text_pattern_ops`)
	]
);

/** Filters of the list that a user has saved by name. Kept as long as the account. */
export const savedFilters = pgTable(
	'saved_filters',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		name: text('name').notNull(),
		/** The list's query, as in its URL. */
		query: text('query').notNull()
	},
	(t) => [uniqueIndex('saved_filters_key').on(t.userId, t.name)]
);

/** Records that were merged: the number of the one that is gone leads to the one it went into, on pages and in the audit log. */
export const personMerges = pgTable(
	'person_merges',
	{
		fromId: uuid('from_id').primaryKey(),
		intoId: uuid('into_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		at: moment('at').notNull()
	},
	(t) => [index('person_merges_into_idx').on(t.intoId)]
);
