import type { CheckId } from '../checks';
import type { Corner } from '../corner';
import { bestPlans, type Plan } from './plan-corner';
import { prepareProblem } from './problem';
import { cornersWith, PURCHASES, type PurchaseId } from './purchases';

/** What one purchase would change. */
export interface PurchaseOutcome {
	readonly purchase: PurchaseId;
	/** The corner with it: what its plan is for. */
	readonly corner: Corner;
	/** The best plan with it and the household. */
	readonly plan: Plan;
	/** Checks that are open after the plan without it and fit with it. */
	readonly closes: readonly CheckId[];
	/** How much less `W` is left. */
	readonly savesW: number;
	readonly proven: boolean;
}

/** A purchase that closes nothing and takes away less than this part of the misfit is no advice. Ours. */
const LEAST_SAVING = 0.25;

function isLess(a: Plan, b: Plan): boolean {
	if (a.cost.W !== b.cost.W) return a.cost.W < b.cost.W;
	return a.cost.pieces !== b.cost.pieces ? a.cost.pieces < b.cost.pieces : a.cost.D < b.cost.D;
}

function outcomeOf(purchase: PurchaseId, corner: Corner, without: Plan): PurchaseOutcome | null {
	let best: Omit<PurchaseOutcome, 'purchase' | 'closes' | 'savesW'> | null = null;
	for (const bought of cornersWith(purchase, corner)) {
		const { plans, proven } = bestPlans(prepareProblem(bought.corner, bought.footrest), 1);
		const plan = plans[0];
		if (plan && (!best || isLess(plan, best.plan))) best = { corner: bought.corner, plan, proven };
	}
	if (!best) return null;
	const fitsWith = new Set(best.plan.after.filter((c) => c.verdict === 'fits').map(({ id }) => id));
	const closes = without.open.map(({ id }) => id).filter((id) => fitsWith.has(id));
	const savesW = without.cost.W - best.plan.cost.W;
	if (savesW <= 0 || (closes.length === 0 && savesW < LEAST_SAVING * without.cost.W)) return null;
	return { purchase, ...best, closes, savesW };
}

/**
 * What one purchase would change at a corner, each found by solving again with it, the one that leaves least first;
 * only those that close a check or take away a good part of the misfit.
 * Empty where the household's own plan leaves nothing open.
 *
 * Cost: up to seven plans of one.
 *
 * @param without the best plan without a purchase
 */
export function purchaseOutcomes(corner: Corner, without: Plan): PurchaseOutcome[] {
	if (without.open.length === 0) return [];
	return PURCHASES.flatMap((purchase) => outcomeOf(purchase, corner, without) ?? []).sort(
		(a, b) => b.savesW - a.savesW
	);
}
