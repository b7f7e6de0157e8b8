import { check, date, pgTable, primaryKey, smallint, text, uuid } from 'drizzle-orm/pg-core';
import { RHYTHMS, STANDING_SHARES, type Rhythm, type StandingShare } from '../../../core/moving/rhythm';
import { isOneOf, moment } from './columns';
import { people } from './people';

/** How somebody wants to break and to share sitting and standing, as they chose; nothing of what they do. */
export const moving = pgTable(
	'moving',
	{
		personId: uuid('person_id')
			.primaryKey()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** Null for what was set for them. */
		rhythm: text('rhythm').$type<Rhythm>(),
		share: text('share').$type<StandingShare>().notNull().default('moving'),
		/** Since when weekly totals are shared with the coordinators; null while they are not. */
		sharedAt: moment('shared_at')
	},
	(t) => [
		check('moving_rhythm_check', isOneOf(t.rhythm, RHYTHMS)),
		check('moving_share_check', isOneOf(t.share, STANDING_SHARES))
	]
);

/** Breaks of a week, of somebody who shares them. Gone when they share them no more. */
export const movingWeeks = pgTable(
	'moving_weeks',
	{
		personId: uuid('person_id')
			.notNull()
			.references(() => moving.personId, { onDelete: 'cascade' }),
		/** Its Monday. */
		week: date('week', { mode: 'string' }).notNull(),
		planned: smallint('planned').notNull(),
		taken: smallint('taken').notNull()
	},
	(t) => [primaryKey({ columns: [t.personId, t.week] })]
);
