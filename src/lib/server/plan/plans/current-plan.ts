import { and, asc, desc, eq, getTableColumns, isNull } from 'drizzle-orm';
import { readAdvice } from '../../../core/plan/advice/read-advice';
import type { AdviceSummary } from '../../../core/plan/advice/advise-corner';
import { isAnyOf } from '../../platform/db/is-any-of';
import { schema, type Db } from '../../platform/db/client';

const { plans, stepEvents } = schema;

type PlanRow = typeof plans.$inferSelect;

/** A plan as stored, with its advice in today's form, whatever version made it. */
export type StoredPlan = Omit<PlanRow, 'advice'> & {
	readonly advice: AdviceSummary;
	readonly isOfOldRules: boolean;
};

const keptPlan = ({ advice, ...row }: PlanRow): StoredPlan => ({
	...row,
	advice: readAdvice(advice),
	isOfOldRules: advice.format !== 'easy-corner.advise/2'
});

/** What an assessment needs of a plan: without the other offered plans, and what a page says beside it. */
export type PlanInProgress = Omit<PlanRow, 'advice' | 'workstation' | 'moving'>;

/** The plans in use, as far as an assessment needs them; served by plans_current_key. */
export async function plansInProgress(db: Db, assessmentIds: readonly string[]): Promise<PlanInProgress[]> {
	const { advice: _advice, workstation: _corner, moving: _moving, ...columns } = getTableColumns(plans);
	if (assessmentIds.length === 0) return [];
	return db
		.select(columns)
		.from(plans)
		.where(and(isAnyOf(plans.assessmentId, assessmentIds), isNull(plans.endedAt)));
}

export type StepEvent = typeof stepEvents.$inferSelect;

/** The plan in use at a workstation; served by plans_current_key. */
export async function currentPlanOf(db: Db, assessmentId: string): Promise<StoredPlan | null> {
	const [plan] = await db
		.select()
		.from(plans)
		.where(and(eq(plans.assessmentId, assessmentId), isNull(plans.endedAt)));
	return plan ? keptPlan(plan) : null;
}

/** The events of a plan's steps, in order; served by step_events_plan_idx. */
export function stepEventsOf(db: Db, planId: string): Promise<StepEvent[]> {
	return stepEventsOfPlans(db, [planId]);
}

/** The same for several plans, in the order of the events. */
export async function stepEventsOfPlans(db: Db, planIds: readonly string[]): Promise<StepEvent[]> {
	if (planIds.length === 0) return [];
	return db.select().from(stepEvents).where(isAnyOf(stepEvents.planId, planIds)).orderBy(asc(stepEvents.id));
}

/** Whether each item is done, by its newest event. */
export function stepTicksOfPlan(events: readonly StepEvent[]): Record<string, boolean> {
	return Object.fromEntries(events.map(({ thing, isDone }) => [thing, isDone]));
}

/** Every plan of a workstation, newest first: what it said on which day; served by plans_assessment_idx. */
export async function plansOf(db: Db, assessmentId: string): Promise<StoredPlan[]> {
	const rows = await db
		.select()
		.from(plans)
		.where(eq(plans.assessmentId, assessmentId))
		.orderBy(desc(plans.madeAt))
		.limit(50);
	return rows.map(keptPlan);
}
