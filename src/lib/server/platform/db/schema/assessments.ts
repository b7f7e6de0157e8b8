import {
	DEFAULT_BREAK_SCHEDULE,
	BREAK_SCHEDULES,
	type BreakSchedule
} from '../../../../core/breaks/break-schedules';
import { sql } from 'drizzle-orm';
import {
	type AnyPgColumn,
	boolean,
	check,
	date,
	index,
	integer,
	jsonb,
	pgTable,
	primaryKey,
	text,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import { QUESTIONNAIRE_MODES, type QuestionnaireMode } from '../../../../core/questionnaire/answers/fields';
import { SITTING_STYLES, type SittingStyle } from '../../../../core/workstation/corner/vocabulary';
import type { Corner } from '../../../../core/workstation/corner/corner';
import type { RegionReport } from '../../../../core/cases/discomfort/report';
import type { RedFlag } from '../../../../core/cases/discomfort/red-flags';
import {
	EQUIPMENT_ITEM_PATTERN,
	REQUEST_STATES,
	type EquipmentItem,
	type RequestState
} from '../../../../core/plan/equipment';
import type { MeasuredHeights } from '../../../../core/workstation/side-view/remeasured-heights';
import { isOneOf, matches, moment, referenceIndex } from './columns';
import { users } from './access';
import { people } from './people';

export const LINK_ENDS = ['replaced', 'left', 'withdrawn'] as const;

/** Uses of a link that are limited per day. */
export const LINK_USES = ['solve', 'message', 'measure', 'request'] as const;

/**
 * Self-assessments sent to a person. Answers are kept until the person withdraws them or is erased; the link works for as long, unless a
 * newer one replaced it or the person left.
 */
export const assessments = pgTable(
	'assessments',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** The self-assessment of which this is a further workstation: same person and household, with its own table and screen. */
		placeOf: uuid('place_of').references((): AnyPgColumn => assessments.id, { onDelete: 'cascade' }),
		/** SHA-256 of the link's token. */
		tokenHash: text('token_hash').notNull(),
		sittingStyle: text('sitting_style').$type<SittingStyle>().notNull(),
		/** Short or complete, where the person has not chosen. */
		questionnaireMode: text('questionnaire_mode').$type<QuestionnaireMode>().notNull().default('short'),
		breakSchedule: text('break_schedule').$type<BreakSchedule>().notNull().default(DEFAULT_BREAK_SCHEDULE),
		/** Its checklist version, which never changes. */
		checklistVersion: integer('checklist_version').notNull(),
		sentAt: moment('sent_at').notNull(),
		/** When and why the link ended; both null while it works. */
		revokedAt: moment('revoked_at'),
		endedWhy: text('ended_why', { enum: LINK_ENDS }),
		consentedAt: moment('consented_at'),
		/** Who asked the questions on the phone and typed the answers, and recorded that the person agreed; null where the person answered alone. */
		phoneBy: uuid('phone_by').references(() => users.id, { onDelete: 'set null' }),
		phoneAt: moment('phone_at'),
		/** As typed: field name to text. */
		answers: jsonb('answers').$type<Record<string, string>>().notNull().default({}),
		answersRevision: integer('answers_revision').notNull().default(0),
		savedAt: moment('saved_at'),
		/** When the question about a day of a trial is asked by email; null for none, and once it is asked. */
		trialAskAt: moment('trial_ask_at'),
		answeredAt: moment('answered_at'),
		/** The workstation document made from the answers, validated. */
		workstation: jsonb('workstation').$type<Corner>(),
		checksOff: integer('checks_off'),
		/** Warning signs as reported, and when; reported before anything else is finished. */
		signs: jsonb('signs').$type<RedFlag[]>().notNull().default([]),
		signsAt: moment('signs_at'),
		/** Discomfort as reported with the answers; null while there is none. */
		discomfort: jsonb('discomfort').$type<RegionReport[]>(),
		/** When a coordinator marked the answers as dealt with. */
		seenAt: moment('seen_at')
	},
	(t) => [
		referenceIndex('assessments_phone_by_ref_idx', t.phoneBy),
		uniqueIndex('assessments_token_key').on(t.tokenHash),
		index('assessments_place_of_idx')
			.on(t.placeOf)
			.where(sql`${t.placeOf} is not null`),
		// The newest invitations, from which rounds are forecast.
		index('assessments_sent_idx')
			.on(t.sentAt.desc())
			.where(sql`${t.placeOf} is null`),
		index('assessments_trial_ask_idx')
			.on(t.trialAskAt)
			.where(sql`${t.trialAskAt} is not null`),
		index('assessments_person_sent_idx').on(t.personId, t.sentAt.desc()),
		check('assessments_sitting_style_check', isOneOf(t.sittingStyle, SITTING_STYLES)),
		check('assessments_questionnaire_mode_check', isOneOf(t.questionnaireMode, QUESTIONNAIRE_MODES)),
		check('assessments_break_schedule_check', isOneOf(t.breakSchedule, BREAK_SCHEDULES)),
		check('assessments_ended_check', sql`(${t.revokedAt} is null) = (${t.endedWhy} is null)`),
		check('assessments_ended_why_check', isOneOf(t.endedWhy, LINK_ENDS)),
		// Nobody's answers are submitted without their consent, and nothing gives it for them.
		check('assessments_consent_check', sql`${t.answeredAt} is null or ${t.consentedAt} is not null`),
		check('assessments_answered_check', sql`(${t.answeredAt} is null) = (${t.workstation} is null)`)
	]
);

/** What a person measured again after carrying out steps; the newest counts, the others are history. */
export const remeasurements = pgTable(
	'remeasurements',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		at: moment('at').notNull(),
		lengths: jsonb('lengths').$type<MeasuredHeights>().notNull()
	},
	(t) => [index('remeasurements_assessment_at_idx').on(t.assessmentId, t.at.desc())]
);

/** What a person requested from the coordinator: the one item that would close what stays open. */
export const equipmentRequests = pgTable(
	'equipment_requests',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		purchase: text('purchase').$type<EquipmentItem>().notNull(),
		askedAt: moment('asked_at').notNull(),
		state: text('state').$type<RequestState>().notNull().default('asked'),
		/** Why it was declined. */
		reason: text('reason').notNull().default(''),
		/** Where it is sent; removed once it has arrived, or won't. */
		deliverTo: text('deliver_to').notNull().default(''),
		/** The supplier, and their order number. */
		supplier: text('supplier').notNull().default(''),
		orderNumber: text('order_number').notNull().default(''),
		/** Its cost in whole cents, and the currency; null where nobody said. */
		costCents: integer('cost_cents'),
		/** Whether it comes from stock, where one is reserved for it until it is sent; and the day it is due back, null for one that stays. */
		fromStore: boolean('from_store').notNull().default(false),
		backBy: date('back_by', { mode: 'string' }),
		currency: text('currency').notNull().default(''),
		changedAt: moment('changed_at'),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		// Asking twice is asking once.
		uniqueIndex('equipment_requests_key').on(t.assessmentId, t.purchase),
		// The board reads open requests by state, longest waiting first; few have not arrived.
		index('equipment_requests_board_idx').on(t.state, t.changedAt, t.askedAt, t.id),
		check('equipment_requests_purchase_check', matches(t.purchase, EQUIPMENT_ITEM_PATTERN)),
		check('equipment_requests_state_check', isOneOf(t.state, REQUEST_STATES))
	]
);

/** Items in the organisation's stock, ready to be lent. */
export const equipmentStore = pgTable(
	'equipment_store',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		thing: text('thing').$type<EquipmentItem>().notNull(),
		onHand: integer('on_hand').notNull(),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		uniqueIndex('equipment_store_thing_key').on(t.thing),
		check('equipment_store_thing_check', matches(t.thing, EQUIPMENT_ITEM_PATTERN)),
		check('equipment_store_on_hand_check', sql`${t.onHand} >= 0`)
	]
);

/** A link's uses per day for what costs others something; deleted with the self-assessment. */
export const linkUses = pgTable(
	'link_uses',
	{
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		day: date('day', { mode: 'string' }).notNull(),
		kind: text('kind', { enum: LINK_USES }).notNull(),
		times: integer('times').notNull()
	},
	(t) => [
		primaryKey({ columns: [t.assessmentId, t.day, t.kind] }),
		check('link_uses_kind_check', isOneOf(t.kind, LINK_USES)),
		check('link_uses_times_check', sql`${t.times} > 0`)
	]
);
