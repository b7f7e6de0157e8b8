import { sql } from 'drizzle-orm';
import { bigint, boolean, date, index, integer, pgTable, smallint, text, uuid } from 'drizzle-orm/pg-core';
import { users } from './access';
import { level, moment, referenceIndex } from './columns';
import { assessmentResults } from './assessment-results';
import { people } from './people';

/**
 * A person's newest assessment in the form that lists search and sort by, one row per person, written with every assessment
 * (`case-assessments/reassess-cases.ts`). Nothing here is a source: it can be rebuilt from the other tables at any time.
 */
export const cases = pgTable(
	'cases',
	{
		personId: uuid('person_id')
			.primaryKey()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** The newest assessment; null until the first. */
		assessmentResultId: bigint('assessment_result_id', { mode: 'number' }).references(
			() => assessmentResults.id,
			{
				onDelete: 'set null'
			}
		),
		level: level('level').notNull().default('done'),
		/** Whether there is an open emergency sign that the person has not lifted: their pages lead to the stop page. */
		isStopped: boolean('is_stopped').notNull().default(false),
		/** Since when something has been waiting for the coordinator; null where nothing is. */
		openSince: date('open_since', { mode: 'string' }),
		/** The day to act by under the policy. */
		actBy: date('act_by', { mode: 'string' }),
		/** Worst score of the newest discomfort report, 0 to 10; 0 where there is none. */
		worst: smallint('worst').notNull().default(0),
		/** Day of the open follow-up that a coordinator set. */
		followUpOn: date('follow_up_on', { mode: 'string' }),
		/** The next day on which time alone changes the assessment. */
		reassessOn: date('reassess_on', { mode: 'string' }),
		/** The next day on which the person is emailed automatically; held-back emails wait for a release, not for a day. */
		mailOn: date('mail_on', { mode: 'string' }),
		/** Versions of the rules of the last assessment (`SHIPPED_RULES_VERSION`); null before the first, empty to have the case assessed again. */
		rulesVersion: text('rules_version'),
		/** Versions of what came with the software at the last assessment (`softwareVersionOf`): tells an update from what was published here. */
		softwareVersion: text('software_version'),
		/** State of the newest self-assessment. */
		sentAt: moment('sent_at'),
		startedAt: moment('started_at'),
		answeredAt: moment('answered_at'),
		revokedAt: moment('revoked_at'),
		/** Checks of the workstation as it is now. */
		checksOff: integer('checks_off'),
		checksUnsure: integer('checks_unsure'),
		/** The day of an open referral, to an account or by a printed letter. */
		referredOn: date('referred_on', { mode: 'string' }),
		/** When and why the case was marked as done; null while it is not. */
		settledAt: moment('settled_at'),
		settledReason: text('settled_reason').notNull().default(''),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		// The day sheet's two lists: open cases in order, and follow-ups by day.
		index('cases_open_idx')
			// With the referral, so that those that need a coordinator are counted in the index alone.
			.on(t.level, t.actBy, t.worst.desc(), t.personId, t.referredOn)
			.where(sql`${t.openSince} is not null`),
		index('cases_late_idx')
			.on(t.actBy, t.personId)
			.where(sql`${t.openSince} is not null`),
		index('cases_follow_up_idx')
			.on(t.followUpOn, t.personId)
			.where(sql`${t.followUpOn} is not null and ${t.openSince} is null`),
		// The list of people sorts by these, from either end, with empty values last: each matches the order's own expression.
		index('cases_newest_answer_idx').on(sql`coalesce(${t.answeredAt}, '-infinity'::timestamptz)`, t.personId),
		index('cases_oldest_answer_idx').on(sql`coalesce(${t.answeredAt}, 'infinity'::timestamptz)`, t.personId),
		index('cases_most_off_idx').on(sql`coalesce(${t.checksOff}, -1)`, t.personId),
		index('cases_least_off_idx').on(sql`coalesce(${t.checksOff}, 2147483647)`, t.personId),
		index('cases_next_follow_up_idx').on(sql`coalesce(${t.followUpOn}, 'infinity'::date)`, t.personId),
		index('cases_last_follow_up_idx').on(sql`coalesce(${t.followUpOn}, '-infinity'::date)`, t.personId),
		index('cases_reassess_on_idx')
			.on(t.reassessOn, t.personId)
			.where(sql`${t.reassessOn} is not null`),
		index('cases_mail_on_idx')
			.on(t.mailOn, t.personId)
			.where(sql`${t.mailOn} is not null`),
		index('cases_assessment_result_idx').on(t.assessmentResultId),
		// Cases that an update or an import leaves to be assessed again: next to the version that all others have.
		index('cases_rules_version_idx').on(t.rulesVersion, t.personId),
		index('cases_referred_idx')
			.on(t.level, t.personId)
			.where(sql`${t.referredOn} is not null`),
		index('cases_level_idx').on(t.level, t.personId),
		// People who were never sent anything, or whose newest link was revoked.
		index('cases_unsent_idx')
			.on(t.personId)
			.where(sql`${t.sentAt} is null`),
		index('cases_revoked_idx')
			.on(t.personId)
			.where(sql`${t.revokedAt} is not null and ${t.answeredAt} is null`),
		// Invitations awaiting an answer.
		index('cases_waiting_idx')
			.on(t.sentAt)
			.where(sql`${t.sentAt} is not null and ${t.answeredAt} is null and ${t.revokedAt} is null`)
	]
);

/** What coordinators write down about a person, for colleagues. Deleted with the person. */
export const notes = pgTable(
	'notes',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		authorId: uuid('author_id').references(() => users.id, { onDelete: 'set null' }),
		at: moment('at').notNull(),
		text: text('text').notNull(),
		/** Whether it is included when the person gets their data. */
		isDisclosed: boolean('is_disclosed').notNull().default(true)
	},
	(t) => [
		referenceIndex('notes_author_ref_idx', t.authorId),
		index('notes_person_at_idx').on(t.personId, t.at.desc())
	]
);

/** What a person and their coordinators write to each other. Deleted with the person. */
export const messages = pgTable(
	'messages',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** The user who wrote it; null where the person did. */
		authorId: uuid('author_id').references(() => users.id, { onDelete: 'set null' }),
		fromPerson: boolean('from_person').notNull(),
		at: moment('at').notNull(),
		text: text('text').notNull(),
		/** Made by the page that wrote it, so that sending twice is sending once. */
		key: text('key').notNull().unique(),
		/** When a coordinator marked it as answered; only for what the person wrote. */
		answeredAt: moment('answered_at')
	},
	(t) => [
		referenceIndex('messages_author_ref_idx', t.authorId),
		index('messages_person_at_idx').on(t.personId, t.at),
		index('messages_open_idx')
			.on(t.personId)
			.where(sql`${t.fromPerson} and ${t.answeredAt} is null`)
	]
);

/** Who has a case open now: a row for each open page, gone with it. Of use for minutes only. */
export const caseVisitors = pgTable(
	'case_visitors',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		since: moment('since').notNull()
	},
	(t) => [
		referenceIndex('case_visitors_user_ref_idx', t.userId),
		index('case_visitors_person_idx').on(t.personId),
		index('case_visitors_since_idx').on(t.since)
	]
);
