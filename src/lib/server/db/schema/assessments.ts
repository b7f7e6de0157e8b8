import { sql } from 'drizzle-orm';
import {
	type AnyPgColumn,
	boolean,
	check,
	index,
	integer,
	jsonb,
	pgTable,
	primaryKey,
	smallint,
	text,
	timestamp,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import type { Corner, Way } from '../../../core/corner';
import type { RegionReport, Sign } from '../../../core/discomfort';
import type { PurchaseId } from '../../../core/plan';
import type { ReMeasured } from '../../../core/section';
import type { Reason } from '../../../core/triage';
import { people } from './people';

const moment = (name: string) => timestamp(name, { withTimezone: true });

/**
 * Self-assessments sent to a person. Answers are kept until the person withdraws them or is removed; the link
 * ends at `expires_at`.
 */
export const assessments = pgTable(
	'assessments',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** The self-assessment that this is a further spot of: same person and household, its own table and screen. */
		spotOf: uuid('spot_of').references((): AnyPgColumn => assessments.id, { onDelete: 'cascade' }),
		/** SHA-256 of the link's token. */
		tokenHash: text('token_hash').notNull(),
		way: text('way').$type<Way>().notNull(),
		sentAt: moment('sent_at').notNull(),
		expiresAt: moment('expires_at').notNull(),
		revokedAt: moment('revoked_at'),
		consentedAt: moment('consented_at'),
		/** As typed: field name to text. */
		answers: jsonb('answers').$type<Record<string, string>>().notNull().default({}),
		answersRevision: integer('answers_revision').notNull().default(0),
		savedAt: moment('saved_at'),
		answeredAt: moment('answered_at'),
		/** The corner document that the answers made, validated. */
		corner: jsonb('corner').$type<Corner>(),
		/** Figures that lists need, filled by the core: checks off and unsure now, W now and after the best plan. */
		checksOff: integer('checks_off'),
		checksUnsure: integer('checks_unsure'),
		costNow: integer('cost_now'),
		costPlanned: integer('cost_planned'),
		/** Signs for a professional as they were told, and when; told before anything else is finished. */
		signs: jsonb('signs').$type<Sign[]>().notNull().default([]),
		signsAt: moment('signs_at'),
		/** Discomfort as it was told with the answers. */
		discomfort: jsonb('discomfort').$type<RegionReport[]>().notNull().default([]),
		/** How soon the coordinator is needed: place in the order of levels, 0 first, and why. */
		levelRank: smallint('level_rank'),
		reasons: jsonb('reasons').$type<Reason[]>().notNull().default([]),
		/** When a coordinator said that they have dealt with the answers. */
		seenAt: moment('seen_at')
	},
	(t) => [
		uniqueIndex('assessments_token_key').on(t.tokenHash),
		index('assessments_spot_of_idx').on(t.spotOf),
		index('assessments_person_sent_idx').on(t.personId, t.sentAt.desc()),
		// The day sheet's: those that nobody has dealt with, the most urgent level first.
		index('assessments_unseen_idx')
			.on(t.levelRank, t.checksOff.desc(), t.costNow.desc())
			.where(sql`${t.levelRank} is not null and ${t.seenAt} is null`),
		check('assessments_level_check', sql`${t.levelRank} between 0 and 5`),
		check('assessments_way_check', sql`${t.way} in ('upright', 'open', 'forearms-down', 'active')`),
		check('assessments_answered_check', sql`(${t.answeredAt} is null) = (${t.corner} is null)`)
	]
);

/** Steps of the plan that the person has ticked. */
export const stepTicks = pgTable(
	'step_ticks',
	{
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		place: text('place').notNull(),
		done: boolean('done').notNull(),
		at: moment('at').notNull()
	},
	(t) => [
		primaryKey({ columns: [t.assessmentId, t.place] }),
		check(
			'step_ticks_place_check',
			sql`${t.place} in ('surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen')`
		)
	]
);

/** What the person measured again after doing steps; the newest counts, the others are its history. */
export const reMeasurements = pgTable(
	're_measurements',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		at: moment('at').notNull(),
		lengths: jsonb('lengths').$type<ReMeasured>().notNull()
	},
	(t) => [index('re_measurements_assessment_at_idx').on(t.assessmentId, t.at.desc())]
);

/** What a person asked the coordinator for: the one thing that would solve what stays open. */
export const equipmentRequests = pgTable(
	'equipment_requests',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		purchase: text('purchase').$type<PurchaseId>().notNull(),
		askedAt: moment('asked_at').notNull(),
		state: text('state', { enum: ['asked', 'approved', 'declined', 'sent', 'arrived'] })
			.notNull()
			.default('asked'),
		/** Why it was declined. */
		reason: text('reason').notNull().default(''),
		changedAt: moment('changed_at'),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		// Asking twice is asking once.
		uniqueIndex('equipment_requests_key').on(t.assessmentId, t.purchase),
		check(
			'equipment_requests_purchase_check',
			sql`${t.purchase} in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'another-surface')`
		)
	]
);
