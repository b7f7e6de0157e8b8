import { sql } from 'drizzle-orm';
import {
	bigint,
	bigserial,
	boolean,
	check,
	customType,
	date,
	index,
	integer,
	jsonb,
	pgTable,
	primaryKey,
	smallint,
	text,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import type { QuestionnaireMode } from '../../../../core/questionnaire/answers/fields';
import type { FindingId } from '../../../../core/questionnaire/checklist/findings';
import { VERDICTS } from '../../../../core/workstation/checks/verdict';
import type { SittingStyle } from '../../../../core/workstation/corner/vocabulary';
import { EQUIPMENT_ITEM_PATTERN, type EquipmentItem } from '../../../../core/plan/equipment';
import type { PurchaseId } from '../../../../core/plan/purchases';
import { SPOT_KINDS, type SpotKind } from '../../../../core/workforce/observation';
import type { ClosingParts } from '../../../../core/workforce/screen-parts';
import type { FigureTable } from '../../../../core/workforce/figures';
import type { HiddenSums } from '../../../../core/workforce/closing-table';
import type { PendingCell } from '../../../../core/workforce/cells-before';
import type { RecordedDecisions } from '../../../../core/workforce/decision-outcome';
import type { WorkforceReport } from '../../../../core/workforce/report';
import { users } from './access';
import { isOneOf, level, matches, moment, referenceIndex, textList } from './columns';
import { assessmentResults } from './assessment-results';
import { people } from './people';
import { rounds } from './rounds';

/** A list of small whole numbers, some of which may be missing. */
const smallints = (name: string) =>
	customType<{ data: (number | null)[]; driverData: (number | null)[] }>({
		dataType: () => 'smallint[]'
	})(name);

/** What figures count of a person. */
const countedColumns = () => ({
	team: text('team').notNull(),
	country: text('country').notNull(),
	/** The round that the answers belong to; null for answers outside any round. */
	roundId: uuid('round_id').references(() => rounds.id, { onDelete: 'set null' }),
	sittingStyle: text('sitting_style').$type<SittingStyle>(),
	questionnaireMode: text('questionnaire_mode').$type<QuestionnaireMode>(),
	place: text('place').$type<SpotKind>(),
	/** Day of the newest answers, and of the very first; null while there are none. */
	answeredOn: date('answered_on', { mode: 'string' }),
	firstOn: date('first_on', { mode: 'string' }),
	/** Day of the newest discomfort report, and of the first. */
	reportedOn: date('reported_on', { mode: 'string' }),
	firstReportedOn: date('first_reported_on', { mode: 'string' }),
	/** Whether there is a plan with something to do, and the day on which all of it was in place. */
	hasPlan: boolean('has_plan').notNull(),
	carriedOn: date('carried_on', { mode: 'string' }),
	/** The first day on which all of any plan was in place: a newer plan does not change it. */
	firstCarriedOn: date('first_carried_on', { mode: 'string' }),
	/** Worst score now and at first, 0 to 10; null where nothing was reported. */
	worst: smallint('worst'),
	firstWorst: smallint('first_worst'),
	/** As from `discomfortCodes`, now and at first. */
	discomfort: textList('discomfort').notNull(),
	firstDiscomfort: textList('first_discomfort').notNull(),
	findings: textList<FindingId>('findings').notNull(),
	firstFindings: textList<FindingId>('first_findings').notNull(),
	/** How far each check is outside its range, mm, in the order of `CHECK_IDS`; now and at first. */
	gapsMm: smallints('gaps_mm').notNull(),
	firstGapsMm: smallints('first_gaps_mm').notNull(),
	/** All heights together, now and after the plan. */
	heights: text('heights', { enum: VERDICTS }).notNull(),
	heightsAfter: text('heights_after', { enum: VERDICTS }).notNull(),
	/** Items that would reduce a problem which remains after the plan, and the cheapest sensible purchase by the prices of that day. */
	helpedBy: textList<PurchaseId>('helped_by').notNull(),
	firstChoice: textList<PurchaseId>('first_choice').notNull(),
	/** As from `planStepCodes` and `builtHeightCodes`. */
	planSteps: textList('plan_steps').notNull().default([])
});

/**
 * What statistics know about each person between two assessments: one row for each assessment and for each change of team or country, but
 * none where new settings alone led to an assessment that is counted the same. The row for a day is the one that begins on or before it and
 * has not ended by then. Written with the assessment and changed only to record when the next one begins, so that a figure for an earlier
 * day stays the same. No two of one person cover the same day: `observations_days_excl`, an exclusion constraint, refuses the second, since
 * a closing would count both. Deleted with the assessment.
 */
export const observations = pgTable(
	'observations',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		assessmentResultId: bigint('assessment_result_id', { mode: 'number' })
			.notNull()
			.references(() => assessmentResults.id, { onDelete: 'cascade' }),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		onDay: date('on_day', { mode: 'string' }).notNull(),
		/** The day on which the next one begins; null for the newest. */
		untilDay: date('until_day', { mode: 'string' }),
		level: level('level').notNull(),
		...countedColumns()
	},
	(t) => [
		referenceIndex('observations_round_ref_idx', t.roundId),
		index('observations_person_idx').on(t.personId, t.id.desc()),
		// A person's newest one, which each assessment reads and ends: without this, it is looked for in the GIN indexes below, as a whole.
		uniqueIndex('observations_newest_key')
			.on(t.personId)
			.where(sql`${t.untilDay} is null`),
		index('observations_assessment_result_idx').on(t.assessmentResultId),
		// From a figure to its people.
		index('observations_discomfort_idx')
			.using('gin', t.discomfort)
			.where(sql`${t.untilDay} is null`),
		index('observations_findings_idx')
			.using('gin', t.findings)
			.where(sql`${t.untilDay} is null`),
		check('observations_place_check', isOneOf(t.place, SPOT_KINDS)),
		check('observations_heights_check', isOneOf(t.heights, VERDICTS)),
		check('observations_heights_after_check', isOneOf(t.heightsAfter, VERDICTS)),
		check('observations_days_check', sql`${t.untilDay} is null or ${t.untilDay} >= ${t.onDay}`)
	]
);

/**
 * People with a height problem that a purchase would fix and household items can't, as they were last assessed: few and short columns, so that those
 * of a quarter of a million people are read for a budget at once. Written with the observation; nobody else has a row.
 */
export const purchaseNeeds = pgTable('purchase_needs', {
	personId: uuid('person_id')
		.primaryKey()
		.references(() => people.id, { onDelete: 'cascade' }),
	/** The worst score, 0 to 10; 0 where nothing was reported. */
	worst: smallint('worst').notNull(),
	/** What could be bought, in the order in which it was worked out, as `writeOffers` has it. */
	offers: text('offers').notNull()
});

/**
 * What is published of each person at closings: their state on the day that it was last renewed together with that of enough others
 * (`core/workforce/people-to-renew`). Figures of the newest closing are sums of these rows; those of earlier ones are kept as they were
 * published. A row outlives its person without saying whose it was, until the people of their groups are renewed.
 */
export const publishedStates = pgTable(
	'published_states',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		personId: uuid('person_id').references(() => people.id, { onDelete: 'set null' }),
		/** The closing at which it was renewed: what is counted is true of that day. */
		asOf: date('as_of', { mode: 'string' }).notNull(),
		/** The day of the assessment that it is from; null for people who have not answered. */
		onDay: date('on_day', { mode: 'string' }),
		...countedColumns(),
		/** The newest self-assessment sent in the year before: day, round, style, length, and the day of the answer; null without one. */
		sentOn: date('sent_on', { mode: 'string' }),
		sentRoundId: uuid('sent_round_id'),
		sentSittingStyle: text('sent_sitting_style').$type<SittingStyle>(),
		sentQuestionnaireMode: text('sent_questionnaire_mode').$type<QuestionnaireMode>(),
		sentAnsweredOn: date('sent_answered_on', { mode: 'string' }),
		/** The day on which a coordinator dealt with the newest answers, of the last item that arrived, and of the last referral. */
		seenOn: date('seen_on', { mode: 'string' }),
		boughtOn: date('bought_on', { mode: 'string' }),
		referredOn: date('referred_on', { mode: 'string' })
	},
	(t) => [
		referenceIndex('published_states_round_ref_idx', t.roundId),
		uniqueIndex('published_states_person_key').on(t.personId)
	]
);

/** Days for which figures are published: month ends. */
export const workforceClosings = pgTable('workforce_closings', {
	on: date('on_day', { mode: 'string' }).primaryKey(),
	madeAt: moment('made_at').notNull(),
	/** How many people's state was renewed. */
	renewed: integer('renewed').notNull(),
	/** Figures about everyone besides the tables; null only while it is being published. */
	parts: jsonb('parts').$type<ClosingParts>()
});

/** Figures of a closing as they were published: for each kind and dimension one table, computed once and never changed. */
export const publishedFigures = pgTable(
	'published_figures',
	{
		on: date('on_day', { mode: 'string' })
			.notNull()
			.references(() => workforceClosings.on, { onDelete: 'cascade' }),
		/** What is counted. */
		of: text('of').notNull(),
		/** The dimension; empty for everyone. */
		by: text('by').notNull(),
		table: jsonb('document').$type<FigureTable>().notNull(),
		/** The closing at which each group was last renewed. */
		renewedOn: jsonb('renewed_on').$type<Readonly<Record<string, string>>>().notNull(),
		/** Changes since a hidden figure was last shown. */
		pending: jsonb('pending').$type<readonly PendingCell[]>().notNull(),
		/** Sums of hidden figures that are known from this closing and earlier ones. */
		sums: jsonb('sums').$type<HiddenSums>().notNull()
	},
	(t) => [primaryKey({ columns: [t.on, t.of, t.by] })]
);

/**
 * Today's figures of a large workforce, as they were counted last: what a page shows, so that nobody waits for a million people to be
 * counted. Contains what may be published only.
 */
export const currentFigures = pgTable(
	'current_figures',
	{
		screen: text('screen').notNull(),
		/** Dimension, group and team, as JSON. */
		view: text('view').notNull(),
		on: date('on_day', { mode: 'string' }).notNull(),
		madeAt: moment('made_at').notNull(),
		/** When a reader last found it old. */
		askedAt: moment('asked_at').notNull(),
		/** Since when it is to be counted again; null while it is fresh. */
		countAt: moment('count_at'),
		figures: jsonb('figures').notNull()
	},
	(t) => [primaryKey({ columns: [t.screen, t.view] }), index('current_figures_asked_idx').on(t.askedAt)]
);

/** What may be spent on equipment in a calendar year. Kept until changed. */
export const equipmentBudgets = pgTable(
	'equipment_budgets',
	{
		year: smallint('year').primaryKey(),
		/** Whole cents of {@link currency}. */
		cents: integer('cents').notNull(),
		/** ISO 4217. */
		currency: text('currency').notNull(),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		check('equipment_budgets_cents_check', sql`${t.cents} between 0 and 1000000000`),
		check('equipment_budgets_currency_check', sql`${t.currency} ~ '^[A-Z]{3}$'`)
	]
);

/** Prices of the catalogue that applies, written when it is published: statements need them as rows. */
export const purchasePrices = pgTable(
	'purchase_prices',
	{
		purchase: text('purchase').$type<EquipmentItem>().primaryKey(),
		/** Whole cents of {@link currency}. */
		cents: integer('cents').notNull(),
		/** ISO 4217. */
		currency: text('currency').notNull()
	},
	(t) => [
		check('purchase_prices_purchase_check', matches(t.purchase, EQUIPMENT_ITEM_PATTERN)),
		check('purchase_prices_cents_check', sql`${t.cents} between 0 and 100000000`),
		check('purchase_prices_currency_check', sql`${t.currency} ~ '^[A-Z]{3}$'`)
	]
);

/** Reports for management as they were made: computed once, never changed, and kept as the record of what was reported. */
export const workforceReports = pgTable(
	'workforce_reports',
	{
		id: uuid('id').primaryKey(),
		/** First and last day of the reporting period. */
		fromDay: date('from_day', { mode: 'string' }).notNull(),
		toDay: date('to_day', { mode: 'string' }).notNull(),
		madeAt: moment('made_at').notNull(),
		madeBy: uuid('made_by').references(() => users.id, { onDelete: 'set null' }),
		document: jsonb('document').$type<WorkforceReport>().notNull(),
		/** A remark of the coordinator’s, and what was decided on it: added later, while the document stays as it was made. */
		remark: text('remark').notNull().default(''),
		decided: jsonb('decided').$type<RecordedDecisions>().notNull().default({}),
		version: integer('version').notNull().default(1)
	},
	(t) => [
		referenceIndex('workforce_reports_made_by_ref_idx', t.madeBy),
		index('workforce_reports_to_idx').on(t.toDay.desc(), t.madeAt.desc()),
		check('workforce_reports_days_check', sql`${t.fromDay} <= ${t.toDay}`)
	]
);
