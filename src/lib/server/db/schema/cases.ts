import { sql } from 'drizzle-orm';
import { date, index, integer, jsonb, pgTable, smallint, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import type { CheckResult } from '../../../core/checks';
import type { Reason } from '../../../core/triage';
import { users } from './access';
import { people } from './people';

const moment = (name: string) => timestamp(name, { withTimezone: true });

/**
 * What lists need to know of each person, one row a person, worked out anew by `refreshCase` in the transaction of every
 * act that changes it. Nothing here is told by anyone: it can be made again from the other tables at any time.
 */
export const cases = pgTable(
	'cases',
	{
		personId: uuid('person_id')
			.primaryKey()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** Place in the order of levels, 0 first, and why. */
		levelRank: smallint('level_rank').notNull().default(5),
		reasons: jsonb('reasons').$type<Reason[]>().notNull().default([]),
		/** Since when something waits for the coordinator; null where nothing does. */
		openSince: moment('open_since'),
		/** The day by which the policy wants it acted on. */
		actBy: date('act_by', { mode: 'string' }),
		/** Misfit that stays after the best plan. */
		openW: integer('open_w').notNull().default(0),
		/** Day of the open follow-up. */
		followUpOn: date('follow_up_on', { mode: 'string' }),
		/** Checks of the newest answers as measured. */
		marks: jsonb('marks').$type<CheckResult[]>().notNull().default([]),
		/** Worst score of each report, the oldest first, at most eight. */
		worsts: jsonb('worsts').$type<number[]>().notNull().default([]),
		/** Where the newest self-assessment stands. */
		sentAt: moment('sent_at'),
		startedAt: moment('started_at'),
		answeredAt: moment('answered_at'),
		linkEndsAt: moment('link_ends_at'),
		revokedAt: moment('revoked_at'),
		checksOff: integer('checks_off'),
		checksUnsure: integer('checks_unsure'),
		/** The clinician who has been asked, while they are. */
		referredTo: uuid('referred_to').references(() => users.id, { onDelete: 'set null' }),
		/** When and why the case was settled by hand; null while it is not. */
		settledAt: moment('settled_at'),
		settledReason: text('settled_reason').notNull().default(''),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		// The day sheet's two lists: what is open in its order, and follow-ups by their day.
		index('cases_open_idx')
			.on(t.levelRank, t.actBy, t.openW.desc(), t.personId)
			.where(sql`${t.openSince} is not null`),
		index('cases_follow_up_idx')
			.on(t.followUpOn, t.personId)
			.where(sql`${t.followUpOn} is not null`),
		index('cases_referred_idx')
			.on(t.referredTo)
			.where(sql`${t.referredTo} is not null`),
		index('cases_level_idx').on(t.levelRank, t.personId),
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
		text: text('text').notNull()
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
		fromPerson: integer('from_person').notNull(),
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
			.where(sql`${t.fromPerson} = 1 and ${t.answeredAt} is null`)
	]
);

/** A case that a clinician was asked to look at. Removed with the person. */
export const referrals = pgTable(
	'referrals',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		clinicianId: uuid('clinician_id').references(() => users.id, { onDelete: 'set null' }),
		question: text('question').notNull(),
		at: moment('at').notNull(),
		byId: uuid('by_id').references(() => users.id, { onDelete: 'set null' }),
		endedAt: moment('ended_at'),
		/** What came of it, in the clinician's or the coordinator's words. */
		outcome: text('outcome').notNull().default('')
	},
	(t) => [index('referrals_person_at_idx').on(t.personId, t.at.desc())]
);
