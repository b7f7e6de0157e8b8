import type { Corner } from '../workstation/corner/corner';
import { itemsUsed, cornerWithoutUsedItems } from './household-across-spots';
import { planCorner, type Plan } from './plan-corner';

/** A way to share: a plan for each workstation, in their order. */
type Split = readonly Plan[];

/** How often each item may be used at a workstation at most; items not named are unlimited. */
type Caps = Readonly<Record<string, number>>;

/** The restrictions so far, by workstation, and the best plans under them: no way to share below this branch costs less. */
interface Branch {
	readonly caps: readonly Caps[];
	readonly split: Split;
}

/**
 * Most plans solved to share one household; beyond that the best way found so far stands. A count instead of a clock, so that the same
 * documents give the same answer on every machine. Our assumption.
 */
const MOST_PLANS = 120;

/** Solves each plan only once, and counts. */
class Solver {
	solved = 0;
	private readonly known = new Map<string, Plan | null>();

	constructor(private readonly spots: readonly Corner[]) {}

	/** The best plan of a workstation under caps. */
	best(i: number, caps: Caps): Plan | null {
		const key = `${i} ${JSON.stringify(Object.entries(caps).sort(([a], [b]) => (a < b ? -1 : 1)))}`;
		const known = this.known.get(key);
		if (known !== undefined) return known;
		const spot = this.spots[i];
		this.solved += 1;
		const plan = (spot && planCorner(capped(spot, caps)).plans[0]) ?? null;
		this.known.set(key, plan);
		return plan;
	}
}

function capped(spot: Corner, caps: Caps): Corner {
	const household = spot.household.flatMap((item) => {
		const count = Math.min(item.count ?? 1, caps[item.id] ?? Infinity);
		return count > 0 ? [{ ...item, count }] : [];
	});
	return { ...spot, household };
}

const misfitOfAll = (split: Split) => split.reduce((sum, { cost }) => sum + cost.W, 0);

const piecesOfAll = (split: Split) => split.reduce((sum, { cost }) => sum + cost.pieces, 0);

const isBetter = (a: Split, b: Split) =>
	(misfitOfAll(a) - misfitOfAll(b) || piecesOfAll(a) - piecesOfAll(b)) < 0;

/** The first item that the plans use more often than it exists, with the use by each workstation. */
function conflictOf(spots: readonly Corner[], split: Split): { id: string; uses: number[] } | null {
	const used = split.map(itemsUsed);
	for (const { id, count = 1 } of spots[0]?.household ?? []) {
		const uses = used.map((ids) => ids.filter((u) => u === id).length);
		if (uses.reduce((a, b) => a + b, 0) > count) return { id, uses };
	}
	return null;
}

/** Every order of some workstations, the given one first. */
function ordersOf(spots: readonly number[]): number[][] {
	if (spots.length < 2) return [[...spots]];
	return spots.flatMap((first, i) =>
		ordersOf(spots.filter((_, j) => j !== i)).map((rest) => [first, ...rest])
	);
}

/** Each workstation chooses from what the ones before it leave. */
function inOrder(spots: readonly Corner[], order: readonly number[]): Split {
	const chosen = new Map<number, Plan>();
	for (const i of order) {
		const spot = spots[i];
		const plan = spot && planCorner(cornerWithoutUsedItems(spot, ...chosen.values())).plans[0];
		if (plan) chosen.set(i, plan);
	}
	return spots.flatMap((_, i) => chosen.get(i) ?? []);
}

/**
 * The best way to share: the least misfit over all workstations, then the fewest items. Each workstation is first planned as if the
 * household were its own. Where two want the same item, one of them must use one fewer, so the search branches on which; it always
 * continues with the branch that could still be best, and the first without a conflict is the optimum.
 */
function bestSplit(spots: readonly Corner[]): Split {
	const solver = new Solver(spots);
	const branchOf = (caps: readonly Caps[]): Branch | null => {
		const split = caps.flatMap((cap, i) => solver.best(i, cap) ?? []);
		return split.length === spots.length ? { caps, split } : null;
	};
	const root = branchOf(spots.map(() => ({})));
	if (!root) return [];
	if (!conflictOf(spots, root.split)) return root.split;
	let best = ordersOf(spots.map((_, i) => i))
		.map((order) => inOrder(spots, order))
		.reduce((a, b) => (isBetter(b, a) ? b : a));
	const open = [root];
	while (open.length > 0 && solver.solved < MOST_PLANS) {
		open.sort((a, b) => (isBetter(a.split, b.split) ? 1 : -1));
		const branch = open.pop();
		if (!branch || !isBetter(branch.split, best)) break;
		const conflict = conflictOf(spots, branch.split);
		if (!conflict) {
			best = branch.split;
			break;
		}
		for (const [i, uses] of conflict.uses.entries()) {
			if (uses === 0) continue;
			const caps = branch.caps.map((cap, j) => (i === j ? { ...cap, [conflict.id]: uses - 1 } : cap));
			const next = branchOf(caps);
			if (next && isBetter(next.split, best)) open.push(next);
		}
	}
	return best;
}

/**
 * Shares one household between a person's workstations, so that together they leave the least misfit. Cost: a plan for each workstation
 * where they don't compete; where they do, at most 120 plans and those of every order.
 * @param spots at most three, each with the whole household
 * @returns the same workstations, each with the items it may use: no item serves two of their best plans
 */
export function shareHousehold(spots: readonly Corner[]): Corner[] {
	if (spots.length < 2) return [...spots];
	const plans = [...bestSplit(spots)];
	if (plans.length < spots.length) return [...spots];
	return spots.map((spot, i) => {
		const share = cornerWithoutUsedItems(spot, ...plans.filter((_, j) => j !== i));
		// Given all that the others leave, a workstation may choose other items just as good: the next ones see what is left then.
		const [replanned] = planCorner(share).plans;
		if (replanned) plans[i] = replanned;
		return share;
	});
}
