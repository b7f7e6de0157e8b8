import { check, date, pgTable, primaryKey, smallint, text, uuid } from 'drizzle-orm/pg-core';
import {
	BREAK_SCHEDULES,
	STANDING_SHARES,
	type BreakSchedule,
	type StandingShare
} from '../../../../core/breaks/break-schedules';
import { isOneOf, moment } from './columns';
import { people } from './people';

/** How someone chose to take breaks and to share sitting and standing; nothing about what they do. */
export const breakSettings = pgTable(
	'break_settings',
	{
		personId: uuid('person_id')
			.primaryKey()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** Null for what was set for them. */
		breakSchedule: text('break_schedule').$type<BreakSchedule>(),
		share: text('share').$type<StandingShare>().notNull().default('moving'),
		/** Since when weekly totals are shared with the coordinators; null while they are not. */
		sharedAt: moment('shared_at')
	},
	(t) => [
		check('break_settings_break_schedule_check', isOneOf(t.breakSchedule, BREAK_SCHEDULES)),
		check('break_settings_share_check', isOneOf(t.share, STANDING_SHARES))
	]
);

/** Breaks of a week, of someone who shares them. Deleted when they stop sharing. */
export const breakWeeks = pgTable(
	'break_weeks',
	{
		personId: uuid('person_id')
			.notNull()
			.references(() => breakSettings.personId, { onDelete: 'cascade' }),
		/** Its Monday. */
		week: date('week', { mode: 'string' }).notNull(),
		planned: smallint('planned').notNull(),
		taken: smallint('taken').notNull()
	},
	(t) => [primaryKey({ columns: [t.personId, t.week] })]
);
