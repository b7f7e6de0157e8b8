import { sql } from 'drizzle-orm';
import {
	bigserial,
	boolean,
	check,
	date,
	index,
	pgTable,
	primaryKey,
	smallint,
	text,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import { CODE_PATTERN } from '../../../../core/questionnaire/shared-session/code';
import { SHARED_SESSION_ENDS } from '../../../../core/questionnaire/shared-session/shared-session';
import {
	SHARED_SESSION_STATIONS,
	type SharedSessionStation
} from '../../../../core/questionnaire/shared-session/stations';
import { LENGTH_UNITS, type LengthUnit } from '../../../../core/body/length/mm';
import { users } from './access';
import { assessments } from './assessments';
import { isOneOf, matches, moment, referenceIndex } from './columns';
import { people } from './people';
import { plans } from './plans';

/** Shared sessions: a person and a coordinator on the phone, who look at one side view. Deleted with the self-assessment. */
export const sharedSessions = pgTable(
	'shared_sessions',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		/** What the person reads out to let a coordinator in; it opens nothing without an account of the desk. */
		code: text('code').notNull(),
		wrongCodes: smallint('wrong_codes').notNull().default(0),
		startedAt: moment('started_at').notNull(),
		endedAt: moment('ended_at'),
		endedBy: text('ended_by', { enum: SHARED_SESSION_ENDS }),
		/** What both look at, and who pointed at it; null where the person did. */
		station: text('station').$type<SharedSessionStation>().notNull(),
		question: text('question'),
		pointedBy: uuid('pointed_by').references(() => users.id, { onDelete: 'set null' }),
		personPlan: uuid('person_plan').references(() => plans.id, { onDelete: 'set null' }),
		coordinatorPlan: uuid('coordinator_plan').references(() => plans.id, { onDelete: 'set null' }),
		/** The next day that was set during it. */
		nextOn: date('next_on', { mode: 'string' })
	},
	(t) => [
		referenceIndex('shared_sessions_assessment_ref_idx', t.assessmentId),
		referenceIndex('shared_sessions_pointed_by_ref_idx', t.pointedBy),
		referenceIndex('shared_sessions_person_plan_ref_idx', t.personPlan),
		referenceIndex('shared_sessions_coordinator_plan_ref_idx', t.coordinatorPlan),
		uniqueIndex('shared_sessions_open_key')
			.on(t.personId)
			.where(sql`${t.endedAt} is null`),
		index('shared_sessions_person_idx').on(t.personId, t.startedAt.desc()),
		check('shared_sessions_code_known', matches(t.code, CODE_PATTERN)),
		check('shared_sessions_ended_by_known', isOneOf(t.endedBy, SHARED_SESSION_ENDS)),
		check('shared_sessions_station_known', isOneOf(t.station, SHARED_SESSION_STATIONS))
	]
);

/** Coordinators who came in by the code. */
export const sharedSessionMembers = pgTable(
	'shared_session_members',
	{
		sharedSessionId: uuid('shared_session_id')
			.notNull()
			.references(() => sharedSessions.id, { onDelete: 'cascade' }),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		at: moment('at').notNull()
	},
	(t) => [
		referenceIndex('shared_session_members_user_ref_idx', t.userId),
		primaryKey({ columns: [t.sharedSessionId, t.userId] })
	]
);

/** What was entered: the newest text of each field, and who entered it. */
export const sharedSessionEntries = pgTable(
	'shared_session_entries',
	{
		sharedSessionId: uuid('shared_session_id')
			.notNull()
			.references(() => sharedSessions.id, { onDelete: 'cascade' }),
		field: text('field').notNull(),
		text: text('text').notNull(),
		unit: text('unit').$type<LengthUnit>().notNull(),
		/** The coordinator who entered what was read out; null where the person did. */
		userId: uuid('user_id').references(() => users.id, { onDelete: 'set null' }),
		/** Kept where the account is gone. */
		isReadOut: boolean('is_read_out').notNull(),
		at: moment('at').notNull()
	},
	(t) => [
		referenceIndex('shared_session_entries_user_ref_idx', t.userId),
		primaryKey({ columns: [t.sharedSessionId, t.field] }),
		check('shared_session_entries_unit_known', isOneOf(t.unit, LENGTH_UNITS))
	]
);

/** Who has a shared session open now: a row for each open page, gone with it. Of use for minutes only. */
export const sharedSessionVisits = pgTable(
	'shared_session_visits',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		sharedSessionId: uuid('shared_session_id')
			.notNull()
			.references(() => sharedSessions.id, { onDelete: 'cascade' }),
		/** Null where the person has it open. */
		userId: uuid('user_id').references(() => users.id, { onDelete: 'cascade' }),
		since: moment('since').notNull()
	},
	(t) => [
		referenceIndex('shared_session_visits_user_ref_idx', t.userId),
		index('shared_session_visits_shared_session_idx').on(t.sharedSessionId),
		index('shared_session_visits_since_idx').on(t.since)
	]
);
