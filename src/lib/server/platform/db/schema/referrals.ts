import { sql } from 'drizzle-orm';
import { boolean, check, date, index, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { CONSENT_WAYS, type ConsentWay } from '../../../../core/cases/referral/consent';
import { users } from './access';
import { isOneOf, moment, referenceIndex } from './columns';
import { people } from './people';

/** A case that a clinician was asked to look at. Deleted with the person. */
export const referrals = pgTable(
	'referrals',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** The clinician's account; null for a printed letter. */
		clinicianId: uuid('clinician_id').references(() => users.id, { onDelete: 'set null' }),
		/** The recipient of a printed letter, as addressed. */
		toName: text('to_name').notNull().default(''),
		question: text('question').notNull(),
		/** How the person consented, and on which day that was recorded; null for referrals from before consent was asked for. */
		consentHow: text('consent_how').$type<ConsentWay>(),
		/** The day by which an answer is wanted. */
		answerBy: date('answer_by', { mode: 'string' }),
		at: moment('at').notNull(),
		byId: uuid('by_id').references(() => users.id, { onDelete: 'set null' }),
		endedAt: moment('ended_at'),
		/** The result, in the clinician's or the coordinator's words. */
		outcome: text('outcome').notNull().default('')
	},
	(t) => [
		referenceIndex('referrals_clinician_ref_idx', t.clinicianId),
		referenceIndex('referrals_by_ref_idx', t.byId),
		index('referrals_person_at_idx').on(t.personId, t.at.desc()),
		// A clinician's own list: few are open at once.
		index('referrals_clinician_idx')
			.on(t.clinicianId, t.at)
			.where(sql`${t.endedAt} is null`),
		check('referrals_consent_check', isOneOf(t.consentHow, CONSENT_WAYS))
	]
);

/** What a clinician and the coordinators write to each other about a referral. Deleted with it. */
export const referralLines = pgTable(
	'referral_lines',
	{
		/** Made by the page that wrote it, so that sending twice is sending once. */
		id: uuid('id').primaryKey(),
		referralId: uuid('referral_id')
			.notNull()
			.references(() => referrals.id, { onDelete: 'cascade' }),
		at: moment('at').notNull(),
		authorId: uuid('author_id').references(() => users.id, { onDelete: 'set null' }),
		fromClinician: boolean('from_clinician').notNull(),
		text: text('text').notNull(),
		/** When a coordinator read it; only for what the clinician wrote. */
		readAt: moment('read_at')
	},
	(t) => [
		referenceIndex('referral_lines_author_ref_idx', t.authorId),
		index('referral_lines_at_idx').on(t.referralId, t.at),
		index('referral_lines_unread_idx')
			.on(t.referralId)
			.where(sql`${t.fromClinician} and ${t.readAt} is null`)
	]
);
