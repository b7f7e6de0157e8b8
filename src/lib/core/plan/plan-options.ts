import { outsideBand, type CheckResult } from '../workstation/checks/check-corner';
import type { CheckId } from '../workstation/checks/check-values';
import type { Corner } from '../workstation/corner/corner';
import { WORSENING_MM } from './limits';
import { cornerCost } from './corner-cost';
import { compareNamedPlans } from './name-pieces';
import { EQUAL_COST_TOLERANCE } from './cost-order';
import { bestPlanOf, SEARCH_EFFORT, type Plan } from './plan-corner';
import {
	withOnlyActions,
	prepareProblem,
	possibleActions,
	type PlanProblem,
	type PlanAction
} from './plan-problem';
import { minimumCost } from './search';
import type { SearchEffort } from './stack-feasibility';

/** The best plan with a number of changes. */
export interface PlanOption {
	readonly things: number;
	readonly plan: Plan;
	/** Checks that it leaves worse than they are now. */
	readonly worse: readonly CheckId[];
}

/** A rung must bring at least this share of the possible gain: nobody is sent to fetch a book for two millimetres. Our assumption. */
const LEAST_GAIN = 0.1;

/** The changes that a plan asks for. */
export function itemsOfPlan(corner: Corner, plan: Plan): PlanAction[] {
	const { spot } = corner;
	const { seat, surface, screenTopAboveBase } = plan.heights;
	const built = (station: 'seat' | 'feet' | 'keys' | 'screen') =>
		plan.stations[station].pieces.length > 0 || plan.stations[station].rise > 0;
	const doing: readonly (readonly [PlanAction, boolean])[] = [
		[
			'seat',
			built('seat') || (spot.seat !== null && seat !== null && seat !== spot.seat.height - spot.seat.give)
		],
		['surface', surface !== spot.surface.height],
		['feet', built('feet')],
		['keys', built('keys')],
		['screen', built('screen') || screenTopAboveBase !== spot.screen.topAboveBase]
	];
	return doing.filter(([, isDone]) => isDone).map(([thing]) => thing);
}

/** Checks that are worse after than before: newly outside their range, or clearly farther outside. */
export function checksWorseAfter(before: readonly CheckResult[], after: readonly CheckResult[]): CheckId[] {
	return after
		.filter((check) => {
			const now = before.find(({ id }) => id === check.id);
			if (!now) return false;
			const [was, is] = [outsideBand(now), outsideBand(check)];
			return (was === 0 && is > 0) || is > was + WORSENING_MM;
		})
		.map(({ id }) => id);
}

function* subsets<T>(of: readonly T[], size: number, from = 0): Generator<T[]> {
	if (size === 0) {
		yield [];
		return;
	}
	for (let i = from; i + size <= of.length; i += 1)
		for (const rest of subsets(of, size - 1, i + 1)) yield [of[i] as T, ...rest];
}

/** The best plan with at most this many changes, over every choice of them, by the usual order of plans. */
function bestWith(problem: PlanProblem, things: number, effort: SearchEffort): Plan | null {
	const choices = [...subsets(possibleActions(problem), things)].map((chosen) =>
		withOnlyActions(problem, new Set(chosen))
	);
	const least = choices.map((choice) => minimumCost(choice, [], effort));
	const leastW = Math.min(...least);
	let best: ReturnType<typeof bestPlanOf> = null;
	for (const [i, choice] of choices.entries()) {
		if ((least[i] ?? Infinity) >= leastW + EQUAL_COST_TOLERANCE) continue;
		const found = bestPlanOf(choice, effort, leastW, best?.packed ?? null);
		if (!found) continue;
		if (!best || compareRungs(found, best) < 0) best = found;
	}
	return best?.plan ?? null;
}

type Found = NonNullable<ReturnType<typeof bestPlanOf>>;

function compareRungs(a: Found, b: Found): number {
	const [x, y] = [a.plan.heights, b.plan.heights];
	return (
		a.packed - b.packed ||
		(x.seat ?? 0) - (y.seat ?? 0) ||
		x.surface - y.surface ||
		x.screenTopAboveBase - y.screenTopAboveBase ||
		compareNamedPlans(a.pieces, b.pieces)
	);
}

/** Whether a plan leaves well outside its range what the best plan puts inside. */
function leavesOutside(plan: Plan, best: Plan): boolean {
	return plan.after.some((check) => {
		const inBest = best.after.find(({ id }) => id === check.id);
		return outsideBand(check) > WORSENING_MM && inBest !== undefined && outsideBand(inBest) === 0;
	});
}

/**
 * The ladder of a workstation: the best plan for one change, for two, and so on, as long as each further one is worth it. Exact: each rung
 * is the optimum over all plans with at most that many changes, in the order of `planCorner`. The last rung is the one to recommend: the
 * first beyond which hardly anything can be gained, and which leaves nothing well outside that the best plan puts inside. Cost: two
 * restricted searches for every choice of changes, up to 25 choices for the five of them; most are small.
 * @param best the first of the plans; where it asks for nothing there are no rungs
 * @returns the rungs, fewest changes first
 */
export function planOptions(
	corner: Corner,
	best: Plan,
	before: readonly CheckResult[],
	problem: PlanProblem = prepareProblem(corner),
	steps: number = SEARCH_EFFORT
): { rungs: PlanOption[]; proven: boolean } {
	const effort: SearchEffort = { left: steps, isCut: false };
	const most = itemsOfPlan(corner, best).length;
	const plans = Array.from({ length: most }, (_, i) =>
		i + 1 === most ? best : bestWith(problem, i + 1, effort)
	);
	const nothing = cornerCost(corner);
	const step = LEAST_GAIN * (nothing - best.cost.W);
	const isClose = (plan: Plan | null) => plan !== null && plan.cost.W - best.cost.W <= step;
	const recommended = plans.findIndex(
		(plan, i) => plan !== null && plans.slice(i).every(isClose) && !leavesOutside(plan, best)
	);
	const rungs: PlanOption[] = [];
	let last = nothing;
	for (const [i, plan] of plans.slice(0, recommended + 1).entries()) {
		const gain = last - (plan?.cost.W ?? Infinity);
		if (!plan || (i !== recommended && (gain < step || gain < EQUAL_COST_TOLERANCE))) continue;
		rungs.push({ things: i + 1, plan, worse: checksWorseAfter(before, plan.after) });
		last = plan.cost.W;
	}
	return { rungs, proven: !effort.isCut };
}

/** The recommended plan: the last rung, or the best plan where there are no rungs. */
export function recommendedPlan(rungs: readonly PlanOption[], plans: readonly Plan[]): Plan | null {
	return rungs.at(-1)?.plan ?? plans[0] ?? null;
}
