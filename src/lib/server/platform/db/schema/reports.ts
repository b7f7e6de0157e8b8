import { sql } from 'drizzle-orm';
import type { FindingId } from '../../../../core/questionnaire/checklist/findings';
import { check, index, jsonb, pgTable, primaryKey, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { EMERGENCY_CLEARANCES, RED_FLAGS, type RedFlag } from '../../../../core/cases/discomfort/red-flags';
import type { RegionReport } from '../../../../core/cases/discomfort/report';
import { FINDING_TICKS } from '../../../../core/cases/case-assessment/vocabulary';
import { assessments } from './assessments';
import { isOneOf, moment } from './columns';
import { people } from './people';

/**
 * Warning signs as people reported them, one row for each new report. Taking one back is recorded and deletes nothing: only an outcome
 * closes it. Kept until the person is erased, or withdraws after its outcome.
 */
export const reportedSigns = pgTable(
	'reported_signs',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		sign: text('sign').$type<RedFlag>().notNull(),
		at: moment('at').notNull(),
		/** When the person said it was not so. */
		takenBackAt: moment('taken_back_at')
	},
	(t) => [
		index('reported_signs_person_idx').on(t.personId, t.at),
		// A sign reported and not taken back is reported only once.
		uniqueIndex('reported_signs_standing_key')
			.on(t.personId, t.sign)
			.where(sql`${t.takenBackAt} is null`),
		check('reported_signs_sign_check', isOneOf(t.sign, RED_FLAGS))
	]
);

/** Crisis lines that the organisation has set, one per country. None is included. */
export const crisisLines = pgTable('crisis_lines', {
	/** ISO 3166-1 alpha-2. */
	country: text('country').primaryKey(),
	name: text('name').notNull(),
	phone: text('phone').notNull(),
	changedAt: moment('changed_at').notNull()
});

/** What people tapped on the stop page: it reopens their pages and closes no sign. Kept as long as the sign. */
export const signLifts = pgTable(
	'sign_lifts',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		sign: text('sign').$type<RedFlag>().notNull(),
		how: text('how', { enum: EMERGENCY_CLEARANCES }).notNull(),
		at: moment('at').notNull()
	},
	(t) => [
		index('sign_lifts_person_idx').on(t.personId, t.at),
		check('sign_lifts_sign_check', isOneOf(t.sign, RED_FLAGS)),
		check('sign_lifts_how_check', isOneOf(t.how, EMERGENCY_CLEARANCES))
	]
);

/** What the person says about each finding of a self-assessment: fixed, or impossible where they work. */
export const findingTicks = pgTable(
	'finding_ticks',
	{
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		finding: text('finding').$type<FindingId>().notNull(),
		how: text('how', { enum: FINDING_TICKS }).notNull(),
		at: moment('at').notNull()
	},
	(t) => [
		primaryKey({ columns: [t.assessmentId, t.finding] }),
		check('finding_ticks_how_check', isOneOf(t.how, FINDING_TICKS))
	]
);

/** Discomfort as reported with answers, each report permanently; reports of check-ins are stored with the check-in. */
export const reportedDiscomfort = pgTable(
	'reported_discomfort',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		at: moment('at').notNull(),
		regions: jsonb('regions').$type<RegionReport[]>().notNull(),
		/** When a coordinator marked it as dealt with. */
		seenAt: moment('seen_at')
	},
	(t) => [index('reported_discomfort_assessment_idx').on(t.assessmentId, t.at)]
);
