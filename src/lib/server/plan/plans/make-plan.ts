import { eq } from 'drizzle-orm';
import { planOffers, stepsOfOffer } from '../../../core/plan/advice/plan-offers';
import type { AdviceSummary } from '../../../core/plan/advice/advise-corner';
import type { Corner } from '../../../core/workstation/corner/corner';
import { unclosableChecks } from '../../../core/cases/case-assessment/open-reports';
import type { PlanItem } from '../../../core/cases/case-assessment/vocabulary';
import { cornerCost } from '../../../core/plan/corner-cost';
import type { PlanStep } from '../../../core/plan/plan-steps';
import { sameDocument } from '../../../core/platform/same-document';
import { schema, type Db } from '../../platform/db/client';
import type { MovingPlan, PlanWhy } from '../../platform/db/schema/plans';
import { currentPlanOf, stepEventsOf, type StoredPlan, type StepEvent } from './current-plan';
import type { EarlierPlan } from './earlier-plan';

const { plans, stepEvents } = schema;

export interface NewPlan {
	readonly assessmentId: string;
	/** The workstation with its share of the household. */
	readonly workstation: Corner;
	readonly advice: AdviceSummary;
	readonly moving: MovingPlan | null;
	/** Index of the offer. */
	readonly chosen: number;
	readonly why: PlanWhy;
}

/** Whether two steps ask for the same: the same items in the same way, to the same height. */
function isSameStep(a: PlanStep, b: PlanStep): boolean {
	const asked = ({ place, pieces, rise, target, moves, setTo }: PlanStep) => ({
		place,
		pieces: pieces.map(({ id, mode }) => `${id} ${mode}`),
		rise,
		target,
		moves,
		distance: place === 'distance' ? setTo : null
	});
	return sameDocument(asked(a), asked(b));
}

/** The newest event of each step that is in place and that both plans ask for. */
function eventsKept(
	before: StoredPlan,
	events: readonly StepEvent[],
	steps: readonly PlanStep[]
): StepEvent[] {
	return before.steps.flatMap((step) => {
		const last = events.filter(({ thing }) => thing === step.place).at(-1);
		return last?.isDone && steps.some((other) => isSameStep(step, other)) ? [last] : [];
	});
}

const planOf = ({ workstation, advice, chosen }: NewPlan) =>
	planOffers(workstation, advice)[chosen]?.plan ?? null;

/** A plan as stored. */
export function planRow(made: NewPlan, madeAt: Date) {
	const plan = planOf(made);
	const costNow = cornerCost(made.workstation);
	return {
		...made,
		madeAt,
		steps: stepsOfOffer(made.workstation, made.advice, made.chosen),
		plan,
		unclosable: unclosableChecks(made.advice.plans[0] ?? null),
		costNow,
		costPlanned: plan?.cost.W ?? costNow
	};
}

/**
 * The plan of someone asked again: if their workstation is unchanged, the one they have carried out in part. Improvements in the
 * computation since then come when they ask for them.
 */
function asBefore(made: NewPlan, { plan, events }: EarlierPlan): NewPlan {
	const isWorkedOn = plan.steps.some(
		({ place }) => events.filter(({ thing }) => thing === place).at(-1)?.isDone
	);
	if (!isWorkedOn || !sameDocument(plan.workstation, made.workstation)) return made;
	return { ...made, advice: plan.advice, chosen: plan.chosen };
}

/** Whether a plan says the same as the previous one. */
function isSamePlan(before: StoredPlan, made: NewPlan): boolean {
	return (
		before.chosen === made.chosen &&
		sameDocument(before.workstation, made.workstation) &&
		sameDocument(before.advice, made.advice)
	);
}

/**
 * Makes a plan the one in use at a workstation, within the transaction of the act that asks for it. The previous one ends and can be read
 * as long as the answers are kept; done steps that the new plan also has stay done, and it says which. The same plan again changes nothing.
 * @param earlier the plan in use after last time's answers, where this is the first plan after new ones
 */
export async function makePlan(
	tx: Db,
	asked: NewPlan,
	now: Date,
	earlier: EarlierPlan | null = null
): Promise<void> {
	const before = await currentPlanOf(tx, asked.assessmentId);
	const made = before || !earlier ? asked : asBefore(asked, earlier);
	if (before && isSamePlan(before, made)) {
		const { moving } = made;
		if (!sameDocument(before.moving, moving))
			await tx.update(plans).set({ moving }).where(eq(plans.id, before.id));
		return;
	}
	const row = planRow(made, now);
	const kept = before
		? eventsKept(before, await stepEventsOf(tx, before.id), row.steps)
		: earlier
			? eventsKept(earlier.plan, earlier.events, row.steps)
			: [];
	if (before) await tx.update(plans).set({ endedAt: now }).where(eq(plans.id, before.id));
	const [inserted] = await tx
		.insert(plans)
		.values({ ...row, kept: kept.map(({ thing }): PlanItem => thing) })
		.returning({ id: plans.id });
	if (!inserted) throw new Error('An insert returned no row');
	if (kept.length > 0)
		await tx.insert(stepEvents).values(
			kept.map(({ thing, at }) => ({
				planId: inserted.id,
				thing,
				isDone: true,
				source: 'kept' as const,
				at
			}))
		);
}
