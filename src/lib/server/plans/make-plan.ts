import { eq } from 'drizzle-orm';
import { offersOf, stepsToDo, type KeptAdvice } from '../../core/advice';
import type { Corner } from '../../core/corner';
import { unclosableChecks, type Thing } from '../../core/judgement';
import { misfitOf, type PlanStep } from '../../core/plan';
import { sameDocument } from '../../core/same-document';
import { schema, type Db } from '../db/client';
import type { MovingPlan, PlanWhy } from '../db/schema/plans';
import { currentPlanOf, eventsOf, type KeptPlan, type StepEvent } from './current-plan';

const { plans, stepEvents } = schema;

/** What a plan is made of. */
export interface NewPlan {
	readonly assessmentId: string;
	/** The spot with its share of the household. */
	readonly corner: Corner;
	readonly advice: KeptAdvice;
	readonly moving: MovingPlan | null;
	/** Which of the offers. */
	readonly chosen: number;
	readonly why: PlanWhy;
}

/** Steps that ask for the same: the same pieces in the same way, to the same height. */
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

/** The newest event of each step that stands and is asked for by both plans. */
function eventsKept(before: KeptPlan, events: readonly StepEvent[], steps: readonly PlanStep[]): StepEvent[] {
	return before.steps.flatMap((step) => {
		const last = events.filter(({ thing }) => thing === step.place).at(-1);
		return last?.isDone && steps.some((other) => isSameStep(step, other)) ? [last] : [];
	});
}

const planOf = ({ corner, advice, chosen }: NewPlan) => offersOf(corner, advice)[chosen]?.plan ?? null;

/** A plan as it is kept. */
function rowOf(made: NewPlan, madeAt: Date) {
	const plan = planOf(made);
	const costNow = misfitOf(made.corner);
	return {
		...made,
		madeAt,
		steps: stepsToDo(made.corner, made.advice, made.chosen),
		plan,
		unclosable: unclosableChecks(made.advice.plans[0] ?? null),
		costNow,
		costPlanned: plan?.cost.W ?? costNow
	};
}

/** Whether a plan says what the one before said. */
function isSamePlan(before: KeptPlan, made: NewPlan): boolean {
	return (
		before.chosen === made.chosen &&
		sameDocument(before.corner, made.corner) &&
		sameDocument(before.advice, made.advice)
	);
}

/**
 * Makes a plan the one that a spot is worked on by, within the transaction of the act that asks for it. The one before is ended and
 * can be read as long as the answers are kept; steps that were done and that the new plan asks for just so stay done, and it says which.
 * The same plan again changes nothing.
 */
export async function makePlan(tx: Db, made: NewPlan, now: Date): Promise<void> {
	const before = await currentPlanOf(tx, made.assessmentId);
	if (before && isSamePlan(before, made)) {
		const { moving } = made;
		if (!sameDocument(before.moving, moving))
			await tx.update(plans).set({ moving }).where(eq(plans.id, before.id));
		return;
	}
	const row = rowOf(made, now);
	const kept = before ? eventsKept(before, await eventsOf(tx, before.id), row.steps) : [];
	if (before) await tx.update(plans).set({ endedAt: now }).where(eq(plans.id, before.id));
	const [inserted] = await tx
		.insert(plans)
		.values({ ...row, kept: kept.map(({ thing }): Thing => thing) })
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
