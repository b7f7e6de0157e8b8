import type { CheckId, CheckResult } from '../checks';
import type { Corner } from '../corner';
import { compareNamed } from './name-pieces';
import { bestPlanOf, reportCorner, SEARCH_EFFORT, type NamedPlan, type Plan } from './plan-corner';
import { misfitOf } from './misfit';
import type { Cost } from './objective';
import { onlyThings, prepareProblem, thingsThatCanBeDone, type Problem, type ThingToDo } from './problem';
import type { Effort } from './sharing';

/** The best that so many things to do can do. */
export interface Rung {
	readonly things: number;
	readonly plan: Plan;
	/** Checks that fit now and do not fit after it. */
	readonly worse: readonly CheckId[];
}

/** A rung takes away at least this part of the misfit of doing nothing: nobody is sent to fetch a book for two millimetres. Ours. */
const LEAST_GAIN = 0.1;

/** What a plan asks somebody to do. */
export function thingsOfPlan(corner: Corner, plan: Plan): ThingToDo[] {
	const { spot } = corner;
	const { seat, surface, screenTopAboveBase } = plan.heights;
	const built = (station: 'seat' | 'feet' | 'keys' | 'screen') =>
		plan.stations[station].pieces.length > 0 || plan.stations[station].rise > 0;
	const doing: readonly (readonly [ThingToDo, boolean])[] = [
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

/** Checks that fit before and do not after. */
export function worseAfter(before: readonly CheckResult[], after: readonly CheckResult[]): CheckId[] {
	return after
		.filter(({ id, verdict }) => verdict !== 'fits' && before.find((b) => b.id === id)?.verdict === 'fits')
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

function compareCost(a: Cost, b: Cost): number {
	return a.W - b.W || a.pieces - b.pieces || a.D - b.D;
}

/** The best plan with at most so many things to do: of every choice of them the best, by the order of plans. */
function bestWith(problem: Problem, things: number, effort: Effort): NamedPlan | null {
	let best: NamedPlan | null = null;
	for (const chosen of subsets(thingsThatCanBeDone(problem), things)) {
		const found = bestPlanOf(onlyThings(problem, new Set(chosen)), effort, best?.plan.cost ?? null);
		if (!found) continue;
		const order = best ? compareCost(found.plan.cost, best.plan.cost) : -1;
		if (!best || order < 0 || (order === 0 && compareNamed(found.pieces, best.pieces) < 0)) best = found;
	}
	return best;
}

/**
 * The ladder of a corner: the most for one thing to do, for two, and so on, as far as each further one is worth it. Exact: every rung is
 * the optimum of all plans with at most so many things, by the order of {@link planCorner}. The last rung is the one to recommend.
 *
 * Cost: a restricted search for every choice of things, up to 25 for the five of them; most are small.
 *
 * @param best the best plan of all, which is the best of any number of things that it keeps to
 * @returns the rungs, fewest things first; none where every check fits now, or nothing is worth doing
 */
export function ladderOf(
	corner: Corner,
	best: Plan,
	problem: Problem = prepareProblem(corner),
	before: readonly CheckResult[] = reportCorner(corner).before,
	steps: number = SEARCH_EFFORT
): { rungs: Rung[]; proven: boolean } {
	const effort: Effort = { left: steps, isCut: false };
	const rungs: Rung[] = [];
	if (before.every(({ verdict }) => verdict === 'fits')) return { rungs, proven: true };
	const atFirst = misfitOf(corner);
	const needed = LEAST_GAIN * atFirst;
	const most = thingsOfPlan(corner, best).length;
	let last = atFirst;
	// Where even the best of all would gain too little, no rung is left.
	for (let things = 1; things <= most && last - best.cost.W >= needed && last > 0; things += 1) {
		const plan = things === most ? best : (bestWith(problem, things, effort)?.plan ?? null);
		if (!plan || last - plan.cost.W < needed) continue;
		rungs.push({ things, plan, worse: worseAfter(before, plan.after) });
		last = plan.cost.W;
	}
	return { rungs, proven: !effort.isCut };
}
