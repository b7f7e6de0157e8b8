import {
	DEFAULT_BREAK_SCHEDULE,
	BREAK_SCHEDULES,
	type BreakSchedule
} from '../../../../core/breaks/break-schedules';
import { sql } from 'drizzle-orm';
import {
	boolean,
	check,
	date,
	index,
	integer,
	jsonb,
	pgTable,
	primaryKey,
	smallint,
	text,
	timestamp,
	uuid
} from 'drizzle-orm/pg-core';
import { QUESTIONNAIRE_MODES, type QuestionnaireMode } from '../../../../core/questionnaire/answers/fields';
import type { RoundForecast } from '../../../../core/workforce/round-forecast/forecast-round';
import { SITTING_STYLES, type SittingStyle } from '../../../../core/workstation/corner/vocabulary';
import { isOneOf } from './columns';
import { assessments } from './assessments';
import { people } from './people';

/** What closing or reopening a round does for its people, by the queue. */
export const ROUND_CHANGES = ['close', 'close-and-call', 'reopen'] as const;

export const ROUND_STATES = ['draft', 'sending', 'open', 'closed'] as const;

export const ROUND_PERSON_STATES = ['waiting', 'sent', 'answered', 'bounced', 'skipped'] as const;

const moment = (name: string) => timestamp(name, { withTimezone: true });

export interface RoundFilter {
	readonly teams: readonly string[];
	readonly country: string;
	/** Only people who have not answered within this many days; 0 for everyone. */
	readonly notAnsweredWithinDays: number;
}

/** Self-assessments sent to many people together. Kept as the record of what was asked. */
export const rounds = pgTable(
	'rounds',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		name: text('name').notNull(),
		state: text('state', { enum: ROUND_STATES }).notNull().default('draft'),
		filter: jsonb('filter').$type<RoundFilter>().notNull(),
		sittingStyle: text('sitting_style').$type<SittingStyle>().notNull(),
		questionnaireMode: text('questionnaire_mode').$type<QuestionnaireMode>().notNull().default('short'),
		breakSchedule: text('break_schedule').$type<BreakSchedule>().notNull().default(DEFAULT_BREAK_SCHEDULE),
		checklistVersion: integer('checklist_version').notNull(),
		subject: text('subject').notNull(),
		body: text('body').notNull(),
		/** First day of sending and last day for answers, in the round's time zone. */
		startsOn: date('starts_on', { mode: 'string' }).notNull(),
		dueOn: date('due_on', { mode: 'string' }).notNull(),
		timeZone: text('time_zone').notNull(),
		version: integer('version').notNull().default(1),
		createdAt: moment('created_at').notNull(),
		sentAt: moment('sent_at'),
		closedAt: moment('closed_at'),
		/** While it is paused, none of its emails is written; null while it isn't. */
		pausedAt: moment('paused_at'),
		/** What closing or reopening it still has to do for its people; null where nothing. */
		pendingChange: text('pending_change', { enum: ROUND_CHANGES }),
		/** Its counts when it was closed; later answers are shown beside them. */
		counts: jsonb('counts').$type<Record<string, number>>(),
		/** What it was expected to bring when it was started; null where too little was known. */
		forecast: jsonb('forecast').$type<RoundForecast>()
	},
	(t) => [
		index('rounds_created_idx').on(t.createdAt.desc()),
		check('rounds_state_check', isOneOf(t.state, ROUND_STATES)),
		check('rounds_pending_change_check', isOneOf(t.pendingChange, ROUND_CHANGES)),
		check('rounds_sitting_style_check', isOneOf(t.sittingStyle, SITTING_STYLES)),
		check('rounds_questionnaire_mode_check', isOneOf(t.questionnaireMode, QUESTIONNAIRE_MODES)),
		check('rounds_break_schedule_check', isOneOf(t.breakSchedule, BREAK_SCHEDULES))
	]
);

/** The people of a round, each with their state. */
export const roundPeople = pgTable(
	'round_people',
	{
		roundId: uuid('round_id')
			.notNull()
			.references(() => rounds.id, { onDelete: 'cascade' }),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		state: text('state', { enum: ROUND_PERSON_STATES }).notNull().default('waiting'),
		assessmentId: uuid('assessment_id').references(() => assessments.id, { onDelete: 'set null' }),
		reminders: smallint('reminders').notNull().default(0),
		/** Day of the next reminder, or of the call list after the last; null where nothing is due any more. */
		remindOn: date('remind_on', { mode: 'string' }),
		/** Whether all reminders were sent and someone should call. */
		toCall: boolean('to_call').notNull().default(false)
	},
	(t) => [
		primaryKey({ columns: [t.roundId, t.personId] }),
		check('round_people_state_check', isOneOf(t.state, ROUND_PERSON_STATES)),
		index('round_people_state_idx').on(t.roundId, t.state),
		index('round_people_person_idx').on(t.personId),
		index('round_people_assessment_idx').on(t.assessmentId),
		index('round_people_remind_idx')
			.on(t.remindOn)
			.where(sql`${t.remindOn} is not null`)
	]
);
