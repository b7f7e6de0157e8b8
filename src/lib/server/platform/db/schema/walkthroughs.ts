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
import { CODE_PATTERN } from '../../../../core/questionnaire/walkthrough/code';
import { WALKTHROUGH_ENDS } from '../../../../core/questionnaire/walkthrough/walkthrough';
import {
	WALKTHROUGH_STATIONS,
	type WalkthroughStation
} from '../../../../core/questionnaire/walkthrough/stations';
import { LENGTH_UNITS, type LengthUnit } from '../../../../core/body/length/mm';
import { users } from './access';
import { assessments } from './assessments';
import { isOneOf, matches, moment, referenceIndex } from './columns';
import { people } from './people';
import { plans } from './plans';

/** Walkthroughs: a person and a coordinator on the phone, who look at one side view. Deleted with the self-assessment. */
export const walkthroughs = pgTable(
	'walkthroughs',
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
		/** Wrong codes since there is this one. */
		wrongCodes: smallint('wrong_codes').notNull().default(0),
		startedAt: moment('started_at').notNull(),
		endedAt: moment('ended_at'),
		endedBy: text('ended_by', { enum: WALKTHROUGH_ENDS }),
		/** What both look at, and who pointed at it; null where the person did. */
		station: text('station').$type<WalkthroughStation>().notNull(),
		question: text('question'),
		pointedBy: uuid('pointed_by').references(() => users.id, { onDelete: 'set null' }),
		/** The plans that each agreed to. */
		personPlan: uuid('person_plan').references(() => plans.id, { onDelete: 'set null' }),
		coordinatorPlan: uuid('coordinator_plan').references(() => plans.id, { onDelete: 'set null' }),
		/** The next day that was set during it. */
		nextOn: date('next_on', { mode: 'string' })
	},
	(t) => [
		referenceIndex('walkthroughs_assessment_ref_idx', t.assessmentId),
		referenceIndex('walkthroughs_pointed_by_ref_idx', t.pointedBy),
		referenceIndex('walkthroughs_person_plan_ref_idx', t.personPlan),
		referenceIndex('walkthroughs_coordinator_plan_ref_idx', t.coordinatorPlan),
		uniqueIndex('walkthroughs_open_key')
			.on(t.personId)
			.where(sql`${t.endedAt} is null`),
		index('walkthroughs_person_idx').on(t.personId, t.startedAt.desc()),
		check('walkthroughs_code_known', matches(t.code, CODE_PATTERN)),
		check('walkthroughs_ended_by_known', isOneOf(t.endedBy, WALKTHROUGH_ENDS)),
		check('walkthroughs_station_known', isOneOf(t.station, WALKTHROUGH_STATIONS))
	]
);

/** Coordinators who came in by the code. */
export const walkthroughMembers = pgTable(
	'walkthrough_members',
	{
		walkthroughId: uuid('walkthrough_id')
			.notNull()
			.references(() => walkthroughs.id, { onDelete: 'cascade' }),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		at: moment('at').notNull()
	},
	(t) => [
		referenceIndex('walkthrough_members_user_ref_idx', t.userId),
		primaryKey({ columns: [t.walkthroughId, t.userId] })
	]
);

/** What was entered: the newest text of each field, and who entered it. */
export const walkthroughEntries = pgTable(
	'walkthrough_entries',
	{
		walkthroughId: uuid('walkthrough_id')
			.notNull()
			.references(() => walkthroughs.id, { onDelete: 'cascade' }),
		field: text('field').notNull(),
		text: text('text').notNull(),
		/** The unit of lengths at that moment. */
		unit: text('unit').$type<LengthUnit>().notNull(),
		/** The coordinator who entered what was read out; null where the person did. */
		userId: uuid('user_id').references(() => users.id, { onDelete: 'set null' }),
		/** Kept where the account is gone. */
		isReadOut: boolean('is_read_out').notNull(),
		at: moment('at').notNull()
	},
	(t) => [
		referenceIndex('walkthrough_entries_user_ref_idx', t.userId),
		primaryKey({ columns: [t.walkthroughId, t.field] }),
		check('walkthrough_entries_unit_known', isOneOf(t.unit, LENGTH_UNITS))
	]
);

/** Who has a walkthrough open now: a row for each open page, gone with it. Of use for minutes only. */
export const walkthroughVisits = pgTable(
	'walkthrough_visits',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		walkthroughId: uuid('walkthrough_id')
			.notNull()
			.references(() => walkthroughs.id, { onDelete: 'cascade' }),
		/** Null where the person has it open. */
		userId: uuid('user_id').references(() => users.id, { onDelete: 'cascade' }),
		since: moment('since').notNull()
	},
	(t) => [
		referenceIndex('walkthrough_visits_user_ref_idx', t.userId),
		index('walkthrough_visits_walkthrough_idx').on(t.walkthroughId),
		index('walkthrough_visits_since_idx').on(t.since)
	]
);
