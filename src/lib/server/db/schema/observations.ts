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
	smallint,
	text,
	uuid
} from 'drizzle-orm/pg-core';
import type { QuestionnaireMode } from '../../../core/answers';
import type { FindingId } from '../../../core/checklist';
import type { SittingStyle } from '../../../core/corner';
import { PURCHASES, type PurchaseId } from '../../../core/plan';
import { SPOT_KINDS, type SpotKind, type WorkforceReport } from '../../../core/workforce';
import { users } from './access';
import { isOneOf, level, moment, textList } from './columns';
import { caseAssessments } from './judgements';
import { people } from './people';
import { rounds } from './rounds';

/** A list of small whole numbers, some of which may be missing. */
const smallints = (name: string) =>
	customType<{ data: (number | null)[]; driverData: (number | null)[] }>({
		dataType: () => 'smallint[]'
	})(name);

/**
 * What statistics know about each person between two assessments: one row for each assessment and for each change of team or country. The
 * row for a day is the one that begins on or before it and has not ended by then. Written with the assessment and changed only to record
 * when the next one begins, so that a figure for an earlier day stays the same. Deleted with the assessment.
 */
export const observations = pgTable(
	'observations',
	{
		id: bigserial('id', { mode: 'number' }).primaryKey(),
		judgementId: bigint('judgement_id', { mode: 'number' })
			.notNull()
			.references(() => caseAssessments.id, { onDelete: 'cascade' }),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		onDay: date('on_day', { mode: 'string' }).notNull(),
		/** The day on which the next one begins; null for the newest. */
		untilDay: date('until_day', { mode: 'string' }),
		team: text('team').notNull(),
		country: text('country').notNull(),
		/** The round that the answers belong to; null for answers outside any round. */
		roundId: uuid('round_id').references(() => rounds.id, { onDelete: 'set null' }),
		way: text('way').$type<SittingStyle>(),
		route: text('route').$type<QuestionnaireMode>(),
		spot: text('spot').$type<SpotKind>(),
		level: level('level').notNull(),
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
		/** What would close the gaps that the plan leaves open, and whether any stays open. */
		needs: textList<PurchaseId>('needs').notNull(),
		staysOpen: boolean('stays_open').notNull()
	},
	(t) => [
		index('observations_person_idx').on(t.personId, t.id.desc()),
		index('observations_judgement_idx').on(t.judgementId),
		// From a figure to its people.
		index('observations_discomfort_idx')
			.using('gin', t.discomfort)
			.where(sql`${t.untilDay} is null`),
		index('observations_findings_idx')
			.using('gin', t.findings)
			.where(sql`${t.untilDay} is null`),
		check('observations_spot_check', isOneOf(t.spot, SPOT_KINDS)),
		check('observations_days_check', sql`${t.untilDay} is null or ${t.untilDay} >= ${t.onDay}`)
	]
);

/** Prices of items bought for people, as entered. Kept until changed. */
export const purchasePrices = pgTable(
	'purchase_prices',
	{
		purchase: text('purchase').$type<PurchaseId>().primaryKey(),
		/** Whole cents of {@link currency}. */
		cents: integer('cents').notNull(),
		/** ISO 4217. */
		currency: text('currency').notNull()
	},
	(t) => [
		check('purchase_prices_purchase_check', isOneOf(t.purchase, PURCHASES)),
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
		document: jsonb('document').$type<WorkforceReport>().notNull()
	},
	(t) => [
		index('workforce_reports_to_idx').on(t.toDay.desc(), t.madeAt.desc()),
		check('workforce_reports_days_check', sql`${t.fromDay} <= ${t.toDay}`)
	]
);
