import { sql } from 'drizzle-orm';
import { bigint, boolean, date, index, integer, pgTable, smallint, text, uuid } from 'drizzle-orm/pg-core';
import { users } from './access';
import { level, moment } from './columns';
import { caseAssessments } from './judgements';
import { people } from './people';

/**
 * The newest judgement of each person in the form that lists are found and ordered by, one row a person, written with every judgement
 * (`judgements/reassess-cases.ts`). Nothing here is a source: it can be made again from the other tables at any time.
 */
export const cases = pgTable(
	'cases',
	{
		personId: uuid('person_id')
			.primaryKey()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** The newest judgement; null until the first. */
		judgementId: bigint('judgement_id', { mode: 'number' }).references(() => caseAssessments.id, {
			onDelete: 'set null'
		}),
		level: level('level').notNull().default('done'),
		/** Whether an emergency sign is open that the person has not lifted: their side leads to the stop page. */
		isStopped: boolean('is_stopped').notNull().default(false),
		/** Since when something waits for the coordinator; null where nothing does. */
		openSince: date('open_since', { mode: 'string' }),
		/** The day by which the policy wants it acted on. */
		actBy: date('act_by', { mode: 'string' }),
		/** Worst score of the newest report of discomfort, 0 to 10; 0 where there is none. */
		worst: smallint('worst').notNull().default(0),
		/** Day of the open follow-up that a coordinator has set. */
		followUpOn: date('follow_up_on', { mode: 'string' }),
		/** The next day on which time alone changes the judgement. */
		judgeOn: date('judge_on', { mode: 'string' }),
		/** The next day on which the program writes to the person by itself; what is held back waits for a release, not for a day. */
		mailOn: date('mail_on', { mode: 'string' }),
		/** Versions of the rules that the case was last judged by (`RULES_VERSION`); null until it is judged, empty to have it judged again. */
		rulesVersion: text('rules_version'),
		/** Where the newest self-assessment stands. */
		sentAt: moment('sent_at'),
		startedAt: moment('started_at'),
		answeredAt: moment('answered_at'),
		revokedAt: moment('revoked_at'),
		/** Checks as the corner stands now. */
		checksOff: integer('checks_off'),
		checksUnsure: integer('checks_unsure'),
		/** The day on which a clinician was asked, with an account or by a printed letter, while they are. */
		referredOn: date('referred_on', { mode: 'string' }),
		/** When and why the case was settled by hand; null while it is not. */
		settledAt: moment('settled_at'),
		settledReason: text('settled_reason').notNull().default(''),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		// The day sheet's two lists: what is open in its order, and follow-ups by their day.
		index('cases_open_idx')
			.on(t.level, t.actBy, t.worst.desc(), t.personId)
			.where(sql`${t.openSince} is not null`),
		index('cases_follow_up_idx')
			.on(t.followUpOn, t.personId)
			.where(sql`${t.followUpOn} is not null and ${t.openSince} is null`),
		// The list of people is sorted by these, from either end, with who has nothing last: each as the order's own expression.
		index('cases_newest_answer_idx').on(sql`coalesce(${t.answeredAt}, '-infinity'::timestamptz)`, t.personId),
		index('cases_oldest_answer_idx').on(sql`coalesce(${t.answeredAt}, 'infinity'::timestamptz)`, t.personId),
		index('cases_most_off_idx').on(sql`coalesce(${t.checksOff}, -1)`, t.personId),
		index('cases_least_off_idx').on(sql`coalesce(${t.checksOff}, 2147483647)`, t.personId),
		index('cases_next_follow_up_idx').on(sql`coalesce(${t.followUpOn}, 'infinity'::date)`, t.personId),
		index('cases_last_follow_up_idx').on(sql`coalesce(${t.followUpOn}, '-infinity'::date)`, t.personId),
		index('cases_judge_on_idx')
			.on(t.judgeOn, t.personId)
			.where(sql`${t.judgeOn} is not null`),
		index('cases_mail_on_idx')
			.on(t.mailOn, t.personId)
			.where(sql`${t.mailOn} is not null`),
		index('cases_judgement_idx').on(t.judgementId),
		// Cases that an update or an import leaves to be judged again: found beside the version that all others have.
		index('cases_rules_version_idx').on(t.rulesVersion, t.personId),
		index('cases_referred_idx')
			.on(t.level, t.personId)
			.where(sql`${t.referredOn} is not null`),
		index('cases_level_idx').on(t.level, t.personId),
		// Who was never sent anything, and whose newest link was taken back.
		index('cases_unsent_idx')
			.on(t.personId)
			.where(sql`${t.sentAt} is null`),
		index('cases_revoked_idx')
			.on(t.personId)
			.where(sql`${t.revokedAt} is not null and ${t.answeredAt} is null`),
		// Letters that wait for an answer.
		index('cases_waiting_idx')
			.on(t.sentAt)
			.where(sql`${t.sentAt} is not null and ${t.answeredAt} is null and ${t.revokedAt} is null`)
	]
);

/** What coordinators write down about a person, for each other. Removed with the person. */
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
		/** Whether it goes with what the person is given of their data. */
		isDisclosed: boolean('is_disclosed').notNull().default(true)
	},
	(t) => [index('notes_person_at_idx').on(t.personId, t.at.desc())]
);

/** What a person and their coordinators write to each other. Removed with the person. */
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
		/** When a coordinator said it was answered; only of what the person wrote. */
		answeredAt: moment('answered_at')
	},
	(t) => [
		index('messages_person_at_idx').on(t.personId, t.at),
		index('messages_open_idx')
			.on(t.personId)
			.where(sql`${t.fromPerson} and ${t.answeredAt} is null`)
	]
);
