import { sql } from 'drizzle-orm';
import { bigserial, check, date, index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { FindingId } from '../../../../core/questionnaire/checklist/findings';
import { CLOSABLE, type Closable } from '../../../../core/cases/case-assessment/vocabulary';
import type { StoredAssessmentResult } from '../../../../core/cases/case-assessment/read-assessment-result';
import type { CheckId } from '../../../../core/workstation/checks/check-values';
import type { Verdict } from '../../../../core/workstation/checks/verdict';
import {
	CONTACT_NEXT_STEPS,
	CONTACT_RESULTS,
	CONTACT_WAYS,
	type CoordinatorLook
} from '../../../../core/cases/contact';
import { users } from './access';
import { areAllOf, isOneOf, level, moment, referenceIndex, textList } from './columns';
import { people } from './people';

/**
 * Every assessment of each person, from the first to the newest. A trigger refuses updates; they are deleted with the person, or with their
 * answers where these are withdrawn.
 */
export const assessmentResults = pgTable(
	'assessment_results',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		at: moment('at').notNull(),
		/** The civil date at the person's place on which it was made. */
		onDay: date('on_day', { mode: 'string' }).notNull(),
		level: level('level').notNull(),
		document: jsonb('document').$type<StoredAssessmentResult>().notNull(),
		coreVersion: text('core_version').notNull(),
		checklistVersion: integer('checklist_version').notNull(),
		policyVersion: integer('policy_version').notNull()
	},
	(t) => [index('assessment_results_person_idx').on(t.personId, t.id.desc())]
);

/**
 * Attempts to reach a person and conversations with them, with the result. One that closes a warning sign is its outcome. Written by
 * coordinators and clinicians; deleted with the person.
 */
export const contacts = pgTable(
	'contacts',
	{
		id: uuid('id').primaryKey(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		authorId: uuid('author_id').references(() => users.id, { onDelete: 'set null' }),
		at: moment('at').notNull(),
		/** The civil date at the person's place. */
		onDay: date('on_day', { mode: 'string' }).notNull(),
		how: text('how', { enum: CONTACT_WAYS }).notNull(),
		result: text('result', { enum: CONTACT_RESULTS }).notNull(),
		/** The person spoken with. */
		whom: text('whom').notNull().default(''),
		said: text('said').notNull().default(''),
		/** What it closes; empty for an attempt or a conversation that closes nothing. */
		closes: textList<Closable>('closes').notNull().default([]),
		/** Hazards that the person said are put right: each counts as fixed from then on, until a check-in or the person says otherwise. */
		fixed: textList<FindingId>('fixed').notNull().default([]),
		/** The next step, where it closes something. */
		next: text('next', { enum: CONTACT_NEXT_STEPS }),
		/** Day of the next attempt or follow-up. */
		nextOn: date('next_on', { mode: 'string' }),
		/** Why there is no next step. */
		why: text('why').notNull().default(''),
		/** What the author saw of the heights, and what was known of them from the answers then; null where nobody looked. */
		saw: jsonb('saw').$type<CoordinatorLook>(),
		known: jsonb('known').$type<Readonly<Partial<Record<CheckId, Verdict>>>>()
	},
	(t) => [
		referenceIndex('contacts_author_ref_idx', t.authorId),
		index('contacts_person_idx').on(t.personId, t.at.desc()),
		// The few with a look, for the figure of how well answers agree with it.
		index('contacts_look_idx')
			.on(t.personId, t.at.desc())
			.where(sql`${t.saw} is not null`),
		check('contacts_look_check', sql`(${t.saw} is null) = (${t.known} is null)`),
		check('contacts_how_check', isOneOf(t.how, CONTACT_WAYS)),
		check('contacts_result_check', isOneOf(t.result, CONTACT_RESULTS)),
		check('contacts_next_check', isOneOf(t.next, CONTACT_NEXT_STEPS)),
		check('contacts_closes_check', areAllOf(t.closes, CLOSABLE)),
		// An outcome names the person, what was said and the next step: a date, a referral, or why there is none.
		check(
			'contacts_outcome_check',
			sql`cardinality(${t.closes}) = 0 or (${t.result} = 'reached' and ${t.whom} <> '' and ${t.said} <> '' and ${t.next} is not null)`
		),
		check(
			'contacts_fixed_check',
			sql`cardinality(${t.fixed}) = 0 or (${t.result} = 'reached' and ${t.whom} <> '')`
		),
		check('contacts_next_on_check', sql`${t.next} is distinct from 'look' or ${t.nextOn} is not null`),
		check('contacts_why_check', sql`${t.next} is distinct from 'nothing' or ${t.why} <> ''`)
	]
);
