import {
	date,
	index,
	integer,
	jsonb,
	pgTable,
	primaryKey,
	real,
	smallint,
	text,
	uuid
} from 'drizzle-orm/pg-core';
import type { CaseRecord } from '../../../../core/cases/case-assessment/case-record';
import type { ReasonCode } from '../../../../core/cases/case-assessment/vocabulary';
import type { PracticeAnswer } from '../../../../core/cases/practice/score-practice';
import type { TriageLevel } from '../../../../core/cases/triage/policy';
import { users } from './access';
import { level, moment } from './columns';
import { people } from './people';

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

/** Two coordinators who judge the same real cases, each without seeing the other's levels or anyone's name. */
export const secondOpinions = pgTable(
	'second_opinions',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		startedBy: uuid('started_by')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		askedUser: uuid('asked_user')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		startedAt: moment('started_at').notNull(),
		/** The level of each case, in their order; null until given. */
		startedLevels: jsonb('started_levels').$type<TriageLevel[]>(),
		askedLevels: jsonb('asked_levels').$type<TriageLevel[]>()
	},
	(t) => [
		index('second_opinions_started_idx').on(t.startedBy, t.startedAt.desc()),
		index('second_opinions_asked_idx').on(t.askedUser, t.startedAt.desc())
	]
);

/** The cases of a second opinion, as they were when it was started. Deleted with the person. */
export const secondOpinionCases = pgTable(
	'second_opinion_cases',
	{
		opinionId: uuid('opinion_id')
			.notNull()
			.references(() => secondOpinions.id, { onDelete: 'cascade' }),
		place: smallint('place').notNull(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		record: jsonb('record').$type<CaseRecord>().notNull(),
		level: level('level').notNull(),
		reason: text('reason').$type<ReasonCode>()
	},
	(t) => [
		primaryKey({ columns: [t.opinionId, t.place] }),
		index('second_opinion_cases_person_idx').on(t.personId)
	]
);
