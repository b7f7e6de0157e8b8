import { sql } from 'drizzle-orm';
import { check, index, jsonb, pgTable, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { SIGNS, type RegionReport, type Sign } from '../../../core/discomfort';
import { assessments } from './assessments';
import { isOneOf, moment } from './columns';
import { people } from './people';

/**
 * Warning signs as people reported them, one row each time a sign is reported anew. Taking one back is noted and removes nothing: only
 * an outcome closes it. Kept until the person is removed, or withdraws after its outcome.
 */
export const reportedSigns = pgTable(
	'reported_signs',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		sign: text('sign').$type<Sign>().notNull(),
		at: moment('at').notNull(),
		/** When the person said that it was not so. */
		takenBackAt: moment('taken_back_at')
	},
	(t) => [
		index('reported_signs_person_idx').on(t.personId, t.at),
		// Reported and not taken back is reported once.
		uniqueIndex('reported_signs_standing_key')
			.on(t.personId, t.sign)
			.where(sql`${t.takenBackAt} is null`),
		check('reported_signs_sign_check', isOneOf(t.sign, SIGNS))
	]
);

/** Discomfort as it was reported with answers, each report for ever; those of check-ins stand with the check-in. */
export const reportedDiscomfort = pgTable(
	'reported_discomfort',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		at: moment('at').notNull(),
		regions: jsonb('regions').$type<RegionReport[]>().notNull(),
		/** When a coordinator said that they have dealt with it. */
		seenAt: moment('seen_at')
	},
	(t) => [index('reported_discomfort_assessment_idx').on(t.assessmentId, t.at)]
);
