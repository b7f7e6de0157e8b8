import type { Corner } from '../corner';
import { misfitOf, planSteps, type Plan, type PlanStep, type Rung } from '../plan';
import type { KeptAdvice } from './advise-corner';

/** A plan that is offered. */
export interface Offer {
	readonly plan: Plan;
	/** How much it asks for, where it is a rung of the ladder; null for one that does the same with other things. */
	readonly rung: Pick<Rung, 'things' | 'worse'> | null;
}

const isSame = (a: Plan, b: Plan) => JSON.stringify(a.stations) === JSON.stringify(b.stations);

/**
 * What is offered of an advice, the plan that is recommended first: the last rung of the ladder, the rungs below it, then plans with other
 * things that do something for the corner. Where nothing is worth doing, the best plan alone, which asks for nothing.
 */
export function offersOf(
	corner: Corner,
	{ ladder, plans }: Pick<KeptAdvice, 'ladder' | 'plans'>
): readonly Offer[] {
	const nothing = misfitOf(corner);
	const others = (of: readonly Plan[]) =>
		of.filter(({ cost }) => cost.pieces > 0 && cost.W < nothing).map((plan): Offer => ({ plan, rung: null }));
	const rungs = ladder.map(({ plan, things, worse }): Offer => ({ plan, rung: { things, worse } })).reverse();
	if (rungs.length === 0) return plans.slice(0, 1).map((plan) => ({ plan, rung: null }));
	return [...rungs, ...others(plans.filter((plan) => !rungs.some((rung) => isSame(rung.plan, plan))))];
}

/**
 * What there is to do by an offer: its steps, where it does something for a corner that does not fit; none where the corner fits, or
 * where nothing at home makes it better.
 */
export function stepsToDo(
	corner: Corner,
	advice: Pick<KeptAdvice, 'ladder' | 'plans' | 'before'>,
	chosen: number
): PlanStep[] {
	const plan = offersOf(corner, advice)[chosen]?.plan;
	if (!plan || advice.ladder.length === 0 || advice.before.every(({ verdict }) => verdict === 'fits'))
		return [];
	const steps = planSteps(corner, plan, advice.before);
	return plan.cost.pieces > 0 || steps.some(({ moves }) => moves) ? steps : [];
}
