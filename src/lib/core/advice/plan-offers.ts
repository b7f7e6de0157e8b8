import { isAnyOff } from '../checks';
import type { Corner } from '../corner';
import { cornerCost, planSteps, type Plan, type PlanStep, type PlanOption } from '../plan';
import type { AdviceSummary } from './advise-corner';

/** A plan that is offered. */
export interface PlanOffer {
	readonly plan: Plan;
	/** What it is for: all there is to do, or a laptop alone in spells. */
	readonly kind: 'plan' | 'typing' | 'reading';
	/** How much it asks for, where it is a rung of the ladder; null for one that does the same with other things. */
	readonly rung: Pick<PlanOption, 'things' | 'worse'> | null;
}

const isSame = (a: Plan, b: Plan) => JSON.stringify(a.stations) === JSON.stringify(b.stations);

/**
 * What is offered of an advice, the plan that is recommended first: the last rung of the ladder, the rungs below it, then plans with other
 * things that do something for the corner, then a laptop's arrangement for reading. Where nothing is worth doing, the corner as it is.
 */
export function planOffers(
	corner: Corner,
	{ ladder, plans, laptop }: Pick<AdviceSummary, 'ladder' | 'plans' | 'laptop'>
): readonly PlanOffer[] {
	const kind = laptop ? 'typing' : 'plan';
	const nothing = cornerCost(corner);
	const others = plans.filter(
		(plan) => plan.cost.pieces > 0 && plan.cost.W < nothing && !ladder.some((rung) => isSame(rung.plan, plan))
	);
	const rungs = ladder.map(({ plan, things, worse }): PlanOffer => ({ plan, kind, rung: { things, worse } }));
	const asItIs = plans.slice(0, 1).map((plan): PlanOffer => ({ plan, kind, rung: null }));
	const reading = laptop && laptop.reading.stations.screen.pieces.length > 0 ? [laptop.reading] : [];
	return [
		...(rungs.length > 0 ? rungs.reverse() : asItIs),
		...(rungs.length > 0 ? others.map((plan): PlanOffer => ({ plan, kind, rung: null })) : []),
		...reading.map((plan): PlanOffer => ({ plan, kind: 'reading', rung: null }))
	];
}

/** Whether a corner is left alone: nothing is worth building, and nothing is known to be wrong. */
export function needsNoPlan({ ladder, before }: Pick<AdviceSummary, 'ladder' | 'before'>): boolean {
	return ladder.length === 0 && !isAnyOff(before);
}

/**
 * What there is to do by an offer: its steps; none where the corner is left as it is, or where nothing at home makes it better.
 */
export function stepsOfOffer(
	corner: Corner,
	advice: Pick<AdviceSummary, 'ladder' | 'plans' | 'before' | 'laptop'>,
	chosen: number
): PlanStep[] {
	const offer = planOffers(corner, advice)[chosen];
	if (!offer || (advice.ladder.length === 0 && offer.kind !== 'reading')) return [];
	const steps = planSteps(corner, offer.plan, advice.before);
	return offer.plan.cost.pieces > 0 || steps.some(({ moves }) => moves) ? steps : [];
}
