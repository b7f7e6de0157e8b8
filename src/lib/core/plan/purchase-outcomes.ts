import type { CheckId } from '../checks';
import { seatRulesOf, type Corner } from '../corner';
import { bestPlans, type Plan } from './plan-corner';
import { prepareProblem } from './problem';
import { cornersWith, PURCHASES, withFirmBlock, type Bought, type PurchaseId } from './purchases';

/** What one purchase, or two together, would change. */
export interface PurchaseOutcome {
	/** One thing or two, in the order of {@link PURCHASES}; none where more firm things from the house would do it. */
	readonly purchases: readonly PurchaseId[];
	/** Height of the further firm stack that does it, mm, whole centimetres; null where things are bought. */
	readonly firmMm: number | null;
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

/** Nobody stacks more than this out of books, mm. Ours. */
const MOST_FIRM_MM = 400;

/** No band is wider, mm. */
const WIDEST_BAND_MM = 100;

const CM = 10;

function isLess(a: Plan, b: Plan): boolean {
	if (a.cost.W !== b.cost.W) return a.cost.W < b.cost.W;
	return a.cost.pieces !== b.cost.pieces ? a.cost.pieces < b.cost.pieces : a.cost.D < b.cost.D;
}

function outcomeOf(
	purchases: readonly PurchaseId[],
	makes: readonly Bought[],
	without: Plan,
	firmMm: number | null = null
): PurchaseOutcome | null {
	let best: Pick<PurchaseOutcome, 'corner' | 'plan' | 'proven'> | null = null;
	for (const bought of makes) {
		const { plans, proven } = bestPlans(prepareProblem(bought.corner, bought.footrest), 1);
		const plan = plans[0];
		if (plan && (!best || isLess(plan, best.plan))) best = { corner: bought.corner, plan, proven };
	}
	if (!best) return null;
	const fitsWith = new Set(best.plan.after.filter((c) => c.verdict === 'fits').map(({ id }) => id));
	const closes = without.open.map(({ id }) => id).filter((id) => fitsWith.has(id));
	const savesW = without.cost.W - best.plan.cost.W;
	if (savesW <= 0 || (closes.length === 0 && savesW < LEAST_SAVING * without.cost.W)) return null;
	return { purchases, firmMm, ...best, closes, savesW };
}

/** A corner with two things bought: each make of the one with each of the other. */
function cornersWithBoth(first: PurchaseId, second: PurchaseId, corner: Corner): Bought[] {
	return cornersWith(first, corner).flatMap((one) =>
		cornersWith(second, one.corner).map((two) => ({ ...two, footrest: two.footrest ?? one.footrest }))
	);
}

/**
 * The smallest whole number of centimetres of one further firm stack that closes the most of what stays open; null where none closes
 * anything.
 *
 * Cost: a plan for each centimetre, forty at most.
 */
function moreFirmThings(corner: Corner, without: Plan): PurchaseOutcome | null {
	if (!seatRulesOf(corner).takesStacks) return null;
	// No stack changes the room over the thighs.
	const gaps = without.open.filter(({ id }) => id !== 'thigh').map(({ mm }) => mm);
	const highest = Math.max(...Object.values(without.stations).map(({ rise }) => rise));
	// The block may take the place of all that stands there, and has to come well into the band.
	const last = Math.min(MOST_FIRM_MM, Math.max(...gaps, 0) + highest + WIDEST_BAND_MM);
	let best: PurchaseOutcome | null = null;
	for (let mm = CM; gaps.length > 0 && mm <= last; mm += CM) {
		const made = outcomeOf([], [{ corner: withFirmBlock(corner, mm), footrest: null }], without, mm);
		if (made && made.closes.length > (best?.closes.length ?? 0)) best = made;
		if (best?.closes.length === without.open.length) break;
	}
	return best;
}

/** How much a purchase closes for each thing bought; firm things from the house are the cheapest of all. */
function worth({ purchases, closes }: PurchaseOutcome): number {
	return closes.length / Math.max(1, purchases.length);
}

function pairsOf(corner: Corner, without: Plan, singles: readonly PurchaseOutcome[]): PurchaseOutcome[] {
	const most = (id: PurchaseId) => singles.find(({ purchases }) => purchases[0] === id)?.closes.length ?? 0;
	return PURCHASES.flatMap((first, i) =>
		PURCHASES.slice(i + 1).flatMap((second) => {
			const pair = outcomeOf([first, second], cornersWithBoth(first, second, corner), without);
			return pair && pair.closes.length > Math.max(most(first), most(second)) ? [pair] : [];
		})
	);
}

/**
 * What one purchase, two together, or more firm things from the house would change at a corner, each found by solving again with it;
 * ranked by what they close for each thing bought, then by the misfit that they take away. Only those that close a check or take away a
 * good part of the misfit; two only where they close more than either, and nothing alone closes all.
 * Empty where the household's own plan leaves nothing open, and where no purchase makes the spot one to work at.
 *
 * Cost: a plan for each of up to eight makes, as many for each of up to fifteen pairs, and one for each centimetre of firm things.
 *
 * @param without the plan without a purchase
 */
export function purchaseOutcomes(corner: Corner, without: Plan): PurchaseOutcome[] {
	if (without.open.length === 0 || !seatRulesOf(corner).isForWork) return [];
	const firm = moreFirmThings(corner, without);
	const singles = PURCHASES.flatMap((id) => outcomeOf([id], cornersWith(id, corner), without) ?? []);
	const closesAll = [...singles, ...(firm ? [firm] : [])].some(
		({ closes }) => closes.length === without.open.length
	);
	const pairs = closesAll ? [] : pairsOf(corner, without, singles);
	return [...(firm ? [firm] : []), ...singles, ...pairs].sort(
		(a, b) => worth(b) - worth(a) || a.purchases.length - b.purchases.length || b.savesW - a.savesW
	);
}
