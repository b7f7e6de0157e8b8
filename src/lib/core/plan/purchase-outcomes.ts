import { CHECK_IDS, type CheckId } from '../workstation/checks/check-values';
import { isAnyOff } from '../workstation/checks/verdict';
import { outsideBand } from '../workstation/checks/check-corner';
import { seatRulesOf } from '../workstation/corner/seat-kinds';
import type { Corner } from '../workstation/corner/corner';
import { asGoodAs, planLimitsOf } from './limits';
import { EQUAL_COST_TOLERANCE } from './cost-order';
import { bestPlans, SEARCH_EFFORT, type Plan } from './plan-corner';
import { prepareProblem, type PlanProblem } from './plan-problem';
import {
	cornersWithPurchase,
	cornersWithTwoPurchases,
	PURCHASES,
	cornerWithFirmPiece,
	type CornerWithPurchase,
	type PurchaseId
} from './purchases';
import { minimumCost } from './search';

/** What remains of one check, mm outside its range: with the best household plan, and with something extra. */
interface CheckChange {
	readonly id: CheckId;
	readonly from: number;
	readonly to: number;
}

/** What something extra would change on top of the best household plan. */
export interface ExtraOutcome {
	/** The workstation with it, for which the plan is made. */
	readonly corner: Corner;
	/** The best plan with it and the household. */
	readonly plan: Plan;
	/** Every check of the posture. */
	readonly changes: readonly CheckChange[];
	/** Checks whose value it brings into range. */
	readonly closes: readonly CheckId[];
	/** By how much it lowers `W`. */
	readonly savesW: number;
	readonly proven: boolean;
}

/** What one purchase, or two together, would change. */
export interface PurchaseOutcome extends ExtraOutcome {
	/** One or two purchases, in the order of {@link PURCHASES}. */
	readonly purchases: readonly PurchaseId[];
}

/** What one more rigid household item would change. */
export interface ExtraPieceOutcome extends ExtraOutcome {
	/** Its height, mm. */
	readonly mm: number;
}

/** A purchase that removes less than this share of the misfit is not advised. Our assumption. */
const LEAST_SAVING = 0.25;

/** Nor one that brings no check at least this much closer to its range, mm. Our assumption. */
const LEAST_CHANGE_MM = 20;

/** Two purchases are advised only if they gain this much more than the better of them. Our assumption. */
const PAIR_GAINS = 1 + LEAST_SAVING;

/** Heights tried for one more rigid item, mm. Our assumption. */
const FIRM_MM = { lowest: 20, highest: 350, step: 10 } as const;

const outsideIn = (plan: Plan, id: CheckId): number => {
	const check = plan.after.find((one) => one.id === id);
	return check ? outsideBand(check) : 0;
};

function problemWith({ corner, aids }: CornerWithPurchase, best: Plan): PlanProblem {
	// A check that today's seat doesn't have, as the knees on a kneeling chair, counts as within its band: it may not become clearly wrong either.
	const outside = Object.fromEntries(CHECK_IDS.map((id) => [id, outsideIn(best, id)]));
	return prepareProblem(corner, aids, asGoodAs(planLimitsOf(corner), outside));
}

/**
 * The variants of a purchase that leave the least misfit, or as good as the least.
 * @param savesAtLeast variants that save less are ignored
 */
function bestOf(makes: readonly CornerWithPurchase[], best: Plan, savesAtLeast = 0): ExtraOutcome | null {
	const mostW = best.cost.W - Math.max(EQUAL_COST_TOLERANCE, LEAST_SAVING * best.cost.W, savesAtLeast);
	if (mostW < 0) return null;
	const tried = makes.map((bought) => {
		const problem = problemWith(bought, best);
		const effort = { left: SEARCH_EFFORT, isCut: false };
		return { corner: bought.corner, problem, leastW: minimumCost(problem, [], effort, mostW) };
	});
	const leastW = Math.min(...tried.map((one) => one.leastW));
	if (leastW > mostW) return null;
	return tried
		.filter((one) => one.leastW < leastW + EQUAL_COST_TOLERANCE)
		.reduce<ExtraOutcome | null>((found, { corner, problem, leastW: own }) => {
			const { plans, proven } = bestPlans(problem, 1, SEARCH_EFFORT, own);
			const plan = plans[0];
			if (!plan || plan.cost.W >= leastW + EQUAL_COST_TOLERANCE || (found && !isBetter(plan, found.plan)))
				return found;
			const changes = CHECK_IDS.filter((id) => plan.after.some((check) => check.id === id)).map((id) => ({
				id,
				from: outsideIn(best, id),
				to: outsideIn(plan, id)
			}));
			const closes = changes.filter(({ from, to }) => from > 0 && to === 0).map(({ id }) => id);
			return { corner, plan, changes, closes, savesW: best.cost.W - plan.cost.W, proven };
		}, null);
}

function isBetter(a: Plan, b: Plan): boolean {
	return (a.cost.pieces - b.cost.pieces || a.cost.W - b.cost.W || a.cost.D - b.cost.D) < 0;
}

/** Whether something is worth advising. */
function isWorthIt({ savesW, changes }: ExtraOutcome, best: Plan): boolean {
	return (
		savesW >= EQUAL_COST_TOLERANCE &&
		savesW >= LEAST_SAVING * best.cost.W &&
		changes.some(({ from, to }) => from - to >= LEAST_CHANGE_MM)
	);
}

/**
 * The smallest further rigid item that removes as much misfit as any: not a purchase, but one more household item. Null where none is worth
 * it. Cost: a least misfit for each of up to 34 heights, and one plan.
 * @param best the best household plan
 */
export function smallestExtraPiece(corner: Corner, best: Plan): ExtraPieceOutcome | null {
	if (!seatRulesOf(corner).takesStacks || !isAnyOff(best.after)) return null;
	let found: { mm: number; W: number } | null = null;
	for (let mm = FIRM_MM.lowest; mm <= FIRM_MM.highest; mm += FIRM_MM.step) {
		const problem = problemWith({ corner: cornerWithFirmPiece(corner, mm), aids: {} }, best);
		const W = minimumCost(problem, [], { left: SEARCH_EFFORT, isCut: false }, (found?.W ?? best.cost.W) - 1);
		if (W < (found?.W ?? Infinity)) found = { mm, W };
	}
	const outcome = found && bestOf([{ corner: cornerWithFirmPiece(corner, found.mm), aids: {} }], best);
	return outcome && isWorthIt(outcome, best) ? { ...outcome, mm: found?.mm ?? 0 } : null;
}

/** Misfit removed per item bought. */
const worth = ({ savesW, purchases }: PurchaseOutcome): number => savesW / purchases.length;

/**
 * What one purchase, or two together, would change on top of the best household plan. Each is solved again, under the further limit that no
 * check except eye height becomes clearly worse than in the household plan; the most misfit removed per item first. Nothing is claimed that
 * the household achieves by itself. Cost: a plan for each of up to seven purchases, twenty-six heights of a foot bar, and up to twenty-one
 * pairs.
 * @param best the best household plan
 */
export function purchaseOutcomes(corner: Corner, best: Plan): PurchaseOutcome[] {
	// Purchases are considered only where the best household plan leaves a height off.
	if (!isAnyOff(best.after)) return [];
	const singles = PURCHASES.flatMap((id) => {
		const outcome = bestOf(cornersWithPurchase(id, corner), best);
		return outcome ? [{ ...outcome, purchases: [id] }] : [];
	});
	const saved = (id: PurchaseId) => singles.find(({ purchases }) => purchases[0] === id)?.savesW ?? 0;
	const pairs = PURCHASES.flatMap((first, i) =>
		PURCHASES.slice(i + 1).flatMap((second) => {
			const least = PAIR_GAINS * Math.max(saved(first), saved(second));
			const outcome = bestOf(cornersWithTwoPurchases(first, second, corner), best, least);
			return outcome && outcome.savesW >= least ? [{ ...outcome, purchases: [first, second] }] : [];
		})
	);
	return [...singles, ...pairs]
		.filter((outcome) => isWorthIt(outcome, best))
		.sort((a, b) => worth(b) - worth(a) || a.purchases.length - b.purchases.length);
}
