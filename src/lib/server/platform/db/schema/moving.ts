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
	'moving',
	{
		personId: uuid('person_id')
			.primaryKey()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** Null for what was set for them. */
		rhythm: text('rhythm').$type<BreakSchedule>(),
		share: text('share').$type<StandingShare>().notNull().default('moving'),
		/** Since when weekly totals are shared with the coordinators; null while they are not. */
		sharedAt: moment('shared_at')
	},
	(t) => [
		check('moving_rhythm_check', isOneOf(t.rhythm, BREAK_SCHEDULES)),
		check('moving_share_check', isOneOf(t.share, STANDING_SHARES))
	]
);

/** Breaks of a week, of someone who shares them. Deleted when they stop sharing. */
export const breakWeeks = pgTable(
	'moving_weeks',
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
