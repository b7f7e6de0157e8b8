import { isAnyOff } from '../../workstation/checks/verdict';
import type { Corner } from '../../workstation/corner/corner';
import { cornerCost } from '../corner-cost';
import { planSteps, type PlanStep } from '../plan-steps';
import type { Plan } from '../plan-corner';
import type { PlanOption } from '../plan-options';
import type { AdviceSummary } from './advise-corner';
import { isSamePlan } from './is-same-plan';

/** A plan that can be chosen. */
export interface PlanOffer {
	readonly plan: Plan;
	/** What it is for: everything that can be done, or a laptop alone in spells of typing or reading. */
	readonly kind: 'plan' | 'typing' | 'reading';
	/** How many changes it takes, where it is a rung of the ladder; null for an alternative with other items. */
	readonly rung: Pick<PlanOption, 'things' | 'worse'> | null;
}

/**
 * The plans to choose from, the recommended one first: the last rung of the ladder, the rungs below it, alternatives with other items that
 * improve the workstation, then a laptop's arrangement for reading. Where nothing is worth doing, the workstation as it is.
 */
export function planOffers(
	corner: Corner,
	{ ladder, plans, laptop }: Pick<AdviceSummary, 'ladder' | 'plans' | 'laptop'>
): readonly PlanOffer[] {
	const kind = laptop ? 'typing' : 'plan';
	const nothing = cornerCost(corner);
	const others = plans.filter(
		(plan) =>
			plan.cost.pieces > 0 && plan.cost.W < nothing && !ladder.some((rung) => isSamePlan(rung.plan, plan))
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

/** Whether a workstation is left alone: nothing is worth building, and nothing is known to be wrong. */
export function needsNoPlan({ ladder, before }: Pick<AdviceSummary, 'ladder' | 'before'>): boolean {
	return ladder.length === 0 && !isAnyOff(before);
}

/** The steps of an offered plan; none where the workstation stays as it is or where nothing in the household improves it. */
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
