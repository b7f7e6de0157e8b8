import type { FindingId } from '../../../../core/questionnaire/checklist/findings';
import { sql } from 'drizzle-orm';
import {
	bigserial,
	boolean,
	check,
	date,
	index,
	integer,
	jsonb,
	pgTable,
	smallint,
	text,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import type { StoredAdvice } from '../../../../core/plan/advice/read-advice';
import type { Corner } from '../../../../core/workstation/corner/corner';
import type { RegionReport } from '../../../../core/cases/discomfort/report';
import type { RedFlag } from '../../../../core/cases/discomfort/red-flags';
import {
	NEWS_KINDS,
	PLAN_ITEMS,
	type NewsKind,
	type PlanItem
} from '../../../../core/cases/case-assessment/vocabulary';
import type { UnclosableCheck } from '../../../../core/cases/case-assessment/assessment-result';
import type { Plan } from '../../../../core/plan/plan-corner';
import type { PlanStep } from '../../../../core/plan/plan-steps';
import { assessments } from './assessments';
import { areAllOf, HOLD_REASONS, isOneOf, moment, textList } from './columns';
import { people } from './people';

export const PLAN_WHYS = ['answers', 'corrected', 'way', 'does-not-work', 'another', 'household'] as const;

/** A reason for making a plan. */
export type PlanWhy = (typeof PLAN_WHYS)[number];

/** How a step came to be done or undone. */
export const STEP_SOURCES = ['tick', 'measured', 'check-in', 'kept'] as const;

/** A plan that takes items from the person's other workstations. */
export interface MovingPlan {
	readonly pieces: readonly { readonly label: string; readonly pieces: number }[];
	readonly workstation: Corner;
	readonly advice: StoredAdvice;
}

/**
 * Plans as people were given them, each with its workstation and advice. One per workstation is in use; the others are earlier ones,
 * readable as long as the answers are kept.
 */
export const plans = pgTable(
	'plans',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		madeAt: moment('made_at').notNull(),
		why: text('why', { enum: PLAN_WHYS }).notNull(),
		/** The workstation with its share of the household. */
		workstation: jsonb('workstation').$type<Corner>().notNull(),
		advice: jsonb('advice').$type<StoredAdvice>().notNull(),
		/** What would have to move here from the other workstations for a better plan, and that plan; null where nothing would. */
		moving: jsonb('moving').$type<MovingPlan>(),
		/** Which of the offered plans is in use, and that plan by itself; null where there is none. */
		chosen: smallint('chosen').notNull().default(0),
		plan: jsonb('plan').$type<Plan>(),
		/** Checks that even the best plan leaves off: no plan closes them. */
		unclosable: jsonb('unclosable').$type<UnclosableCheck[]>().notNull().default([]),
		/** The steps, from the floor up; empty where nothing in the household improves it. */
		steps: jsonb('steps').$type<PlanStep[]>().notNull(),
		/** Done steps that were carried over from the previous plan. */
		kept: textList<PlanItem>('kept').notNull().default([]),
		/** Misfit of the workstation, now and after the plan. */
		costNow: integer('cost_now').notNull(),
		costPlanned: integer('cost_planned').notNull(),
		/** The day on which to remind of a plan that was not started; null where there is no such day, or no longer. */
		remindOn: date('remind_on', { mode: 'string' }),
		/** What made that reminder due automatically: it is sent only once a coordinator has released it. */
		holdReason: text('hold_reason', { enum: HOLD_REASONS }),
		/** Where it is held because it was brought forward: the day on which it is sent if that is cancelled. */
		heldBefore: date('held_before', { mode: 'string' }),
		/**
		 * The policy's day that a coordinator cancelled: as long as the policy gives the same day, the reminder stays as the coordinator
		 * left it.
		 */
		cancelledDay: date('cancelled_day', { mode: 'string' }),
		remindedAt: moment('reminded_at'),
		/** When another plan replaced it; null while it is in use. */
		endedAt: moment('ended_at')
	},
	(t) => [
		uniqueIndex('plans_current_key')
			.on(t.assessmentId)
			.where(sql`${t.endedAt} is null`),
		index('plans_assessment_idx').on(t.assessmentId, t.madeAt.desc()),
		index('plans_held_idx')
			.on(t.assessmentId)
			.where(sql`${t.holdReason} is not null and ${t.endedAt} is null`),
		check('plans_held_check', isOneOf(t.holdReason, HOLD_REASONS)),
		check('plans_why_check', isOneOf(t.why, PLAN_WHYS)),
		check('plans_kept_check', areAllOf(t.kept, PLAN_ITEMS)),
		check('plans_chosen_check', sql`${t.chosen} between 0 and 9`)
	]
);

/** What happened to the steps of a plan, in order: done, or no longer. The newest for an item counts. */
export const stepEvents = pgTable(
	'step_events',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		planId: uuid('plan_id')
			.notNull()
			.references(() => plans.id, { onDelete: 'cascade' }),
		thing: text('thing').$type<PlanItem>().notNull(),
		isDone: boolean('is_done').notNull(),
		source: text('source', { enum: STEP_SOURCES }).notNull(),
		at: moment('at').notNull()
	},
	(t) => [
		index('step_events_plan_idx').on(t.planId, t.id),
		check('step_events_thing_check', isOneOf(t.thing, PLAN_ITEMS)),
		check('step_events_source_check', isOneOf(t.source, STEP_SOURCES))
	]
);

/** What a person is asked automatically: a check-in about the plan, or the next self-assessment. */
export const ASKED_KINDS = ['check-in', 'recheck'] as const;

/** What was sent some weeks after a plan was carried out, or a year after the answers. One of each kind awaits an answer at a time. */
export const checkIns = pgTable(
	'check_ins',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		assessmentId: uuid('assessment_id')
			.notNull()
			.references(() => assessments.id, { onDelete: 'cascade' }),
		kind: text('kind', { enum: ASKED_KINDS }).notNull().default('check-in'),
		dueOn: date('due_on', { mode: 'string' }).notNull(),
		askedAt: moment('asked_at').notNull(),
		reminders: smallint('reminders').notNull().default(0),
		/** Day of the next reminder, or of the call list after the last; null where nothing is due any more. */
		remindOn: date('remind_on', { mode: 'string' }),
		/** Whether all reminders were sent and someone should call. */
		toCall: boolean('to_call').notNull().default(false),
		answeredAt: moment('answered_at'),
		/** When it was given up unanswered. */
		endedAt: moment('ended_at'),
		signs: jsonb('signs').$type<RedFlag[]>().notNull().default([]),
		discomfort: jsonb('discomfort').$type<RegionReport[]>(),
		undone: textList<PlanItem | FindingId>('undone').notNull().default([]),
		news: textList<NewsKind>('news').notNull().default([]),
		/** When a coordinator marked it as dealt with. */
		seenAt: moment('seen_at')
	},
	(t) => [
		uniqueIndex('check_ins_open_key')
			.on(t.personId, t.kind)
			.where(sql`${t.answeredAt} is null and ${t.endedAt} is null`),
		index('check_ins_person_idx').on(t.personId, t.askedAt.desc()),
		index('check_ins_assessment_idx').on(t.assessmentId),
		index('check_ins_remind_idx')
			.on(t.remindOn)
			.where(sql`${t.remindOn} is not null`),
		check('check_ins_kind_check', isOneOf(t.kind, ASKED_KINDS)),
		check('check_ins_news_check', areAllOf(t.news, NEWS_KINDS))
	]
);
