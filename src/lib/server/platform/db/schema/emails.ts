import { sql } from 'drizzle-orm';
import { check, date, index, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { EMAIL_KINDS } from '../../../../core/platform/sending/email-kinds';
import { EMAIL_STATES } from '../../../../core/platform/sending/letter-states';
import { isOneOf, moment, referenceIndex } from './columns';
import { people } from './people';
import { rounds } from './rounds';

/**
 * Emails to people and users. An email contains its link, like in any mailbox; deleted with the person. Each has one permanent message id:
 * delivered twice, it is recognised as one.
 */
export const emails = pgTable(
	'emails',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		/** The person it is about; null for emails to users. */
		personId: uuid('person_id').references(() => people.id, { onDelete: 'cascade' }),
		roundId: uuid('round_id').references(() => rounds.id, { onDelete: 'set null' }),
		toName: text('to_name').notNull(),
		toEmail: text('to_email').notNull(),
		/** What it is about, which decides the text on its button. */
		kind: text('kind', { enum: EMAIL_KINDS }).notNull(),
		/** BCP 47 language of the text. */
		language: text('language').notNull().default('en'),
		subject: text('subject').notNull(),
		/** Plain text, paragraphs separated by an empty line. */
		body: text('body').notNull(),
		linkPath: text('link_path').notNull(),
		writtenAt: moment('written_at').notNull(),
		state: text('state', { enum: EMAIL_STATES }).notNull().default('waiting'),
		tries: integer('tries').notNull().default(0),
		/** Not tried before this; later after each failed attempt. */
		nextTryAt: moment('next_try_at').notNull(),
		deliveredAt: moment('delivered_at'),
		/** While a process is sending it: until when it is reserved for that process. */
		claimedUntil: moment('claimed_until'),
		/** The mail server's last answer, where it refused. */
		fault: text('fault').notNull().default('')
	},
	(t) => [
		check('emails_kind_check', isOneOf(t.kind, EMAIL_KINDS)),
		check('emails_state_check', isOneOf(t.state, EMAIL_STATES)),
		index('emails_written_idx').on(t.writtenAt.desc()),
		index('emails_person_idx').on(t.personId, t.writtenAt.desc()),
		index('emails_round_idx')
			.on(t.roundId)
			.where(sql`${t.roundId} is not null`),
		index('emails_waiting_idx')
			.on(t.nextTryAt)
			.where(sql`${t.state} = 'waiting'`),
		// They are sent before all others, however long a round takes.
		index('emails_of_accounts_idx')
			.on(t.nextTryAt)
			.where(sql`${t.state} = 'waiting' and ${t.personId} is null`),
		index('emails_undelivered_idx')
			.on(t.writtenAt.desc())
			.where(sql`${t.state} in ('bounced', 'failed') or (${t.state} = 'waiting' and ${t.tries} > 0)`)
	]
);

/** Replaces a mail server: what it was handed, once per message id. Demo and development only. */
export const testInbox = pgTable(
	'test_inbox',
	{
		messageId: text('message_id').primaryKey(),
		emailId: uuid('email_id')
			.notNull()
			.references(() => emails.id, { onDelete: 'cascade' }),
		/** How often it was handed over: more than once after a crash between sending and recording. */
		times: integer('times').notNull().default(1),
		receivedAt: moment('received_at').notNull(),
		html: text('html').notNull()
	},
	(t) => [referenceIndex('test_inbox_email_ref_idx', t.emailId)]
);

/** How many emails may be sent automatically in one day; one row. */
export const emailLimit = pgTable(
	'email_limit',
	{
		id: integer('id').primaryKey().default(1),
		/** Null: proportional to the number of people (`email-hold/daily-limit.ts`). */
		perDay: integer('per_day'),
		version: integer('version').notNull().default(1)
	},
	(t) => [check('mail_limit_per_day_check', sql`${t.perDay} between 1 and 1000000`)]
);

/** How many of those were sent on each of the organisation's days. Counts only; old days are deleted by the next. */
export const emailDays = pgTable('email_days', {
	day: date('day', { mode: 'string' }).primaryKey(),
	sent: integer('sent').notNull()
});
