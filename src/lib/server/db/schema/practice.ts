import { date, index, integer, jsonb, pgTable, real, smallint, text, uuid } from 'drizzle-orm/pg-core';
import type { PracticeAnswer } from '../../../core/practice';
import { users } from './access';
import { moment } from './columns';

/** Rounds of practice on made-up cases. The cases are drawn again from the seed; nothing of a real person is in them. */
export const practiceRounds = pgTable(
	'practice_rounds',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		seed: integer('seed').notNull(),
		/** The day the cases are of, and the rules by which they are answered. */
		onDay: date('on_day', { mode: 'string' }).notNull(),
		rulesVersion: text('rules_version').notNull(),
		startedAt: moment('started_at').notNull(),
		answeredAt: moment('answered_at'),
		answer: jsonb('answer').$type<PracticeAnswer>(),
		message: text('message').notNull().default(''),
		/** The score; null until it is answered. */
		orderShare: real('order_share'),
		rightActs: smallint('right_acts'),
		missed: smallint('missed')
	},
	(t) => [index('practice_rounds_user_idx').on(t.userId, t.startedAt.desc())]
);
