import { MOUSE_LEVEL_TOLERANCE_MM } from '../workstation/household/stations';
import { costInHeights, type HeightCost } from './objective';
import type { CostOrder, PackedCost } from './cost-order';
import type { PlanProblem } from './plan-problem';
import { UNREACHABLE, type StackTable } from './stack-table';

/** A height that a station could have, with its least cost if nothing were shared. */
export interface StationOption {
	readonly heightMm: number;
	/** Cost of the checks and of the items. */
	readonly cost: PackedCost;
	/** Misfit of the checks. */
	readonly W: number;
	readonly pieces: number;
	/** A purchased footrest set to that height, without household items. */
	readonly isFootrest: boolean;
}

const byCost = (a: StationOption, b: StationOption) => a.cost - b.cost;

/** Heights that a table reaches, each with its fewest items. */
function reachable(table: StackTable): { heightMm: number; pieces: number }[] {
	const heights: { heightMm: number; pieces: number }[] = [];
	table.fewest.forEach((pieces, heightMm) => {
		if (pieces !== UNREACHABLE) heights.push({ heightMm, pieces });
	});
	return heights;
}

/** Possible heights of the mouse's stack next to a keyboard stack of that height: at least one item. */
export function mouseHeights(table: StackTable, keysMm: number): { heightMm: number; pieces: number }[] {
	const found: { heightMm: number; pieces: number }[] = [];
	for (
		let h = Math.max(1, keysMm - MOUSE_LEVEL_TOLERANCE_MM);
		h <= keysMm + MOUSE_LEVEL_TOLERANCE_MM;
		h += 1
	) {
		const pieces = table.fewestFor(h);
		if (pieces !== UNREACHABLE) found.push({ heightMm: h, pieces });
	}
	return found;
}

function withMouse(problem: PlanProblem): { heightMm: number; pieces: number }[] {
	const [, keys, mouse] = problem.tables;
	if (!keys || !mouse) return [];
	return reachable(keys).flatMap(({ heightMm, pieces }) => {
		if (heightMm === 0 || !problem.mouseFollows) return [{ heightMm, pieces }];
		const beside = mouseHeights(mouse, heightMm).map((m) => m.pieces);
		return beside.length === 0 ? [] : [{ heightMm, pieces: pieces + Math.min(...beside) }];
	});
}

/** The options of one station as functions of the height it builds on. */
export interface StationChoice {
	/** Those that no limit forbids, cheapest first. */
	readonly sorted: (at: number) => readonly StationOption[];
	/** Cost of the cheapest; Infinity where there is none. */
	readonly cheapest: (at: number) => PackedCost;
	/** Least misfit of any; Infinity where there is none. */
	readonly leastW: (at: number) => number;
}

/** Options of the three stacks: under the feet by seat height, under keyboard and screen by the surface height above the seat. */
export interface StationOptions {
	readonly feet: StationChoice;
	/** With a built-in keyboard, one option of height 0 at no cost: the screen's stack carries it. */
	readonly keys: StationChoice;
	readonly screen: StationChoice;
}

interface Reach {
	readonly heightMm: number;
	readonly pieces: number;
	readonly isFootrest?: boolean;
}

/** A footrest stands by itself and is no household item. */
function footrestHeights({ footrestMm }: PlanProblem): Reach[] {
	return footrestMm.map((heightMm) => ({ heightMm, pieces: 0, isFootrest: true }));
}

function remembered<T>(make: (at: number) => T): (at: number) => T {
	const known = new Map<number, T>();
	return (at) => {
		const found = known.get(at);
		if (found !== undefined) return found;
		const made = make(at);
		known.set(at, made);
		return made;
	};
}

function choice(
	{ pack }: CostOrder,
	reach: readonly Reach[],
	checks: (heightMm: number, at: number) => HeightCost
): StationChoice {
	return {
		sorted: remembered((at) =>
			reach
				.flatMap(({ heightMm, pieces, isFootrest = false }): StationOption[] => {
					const cost = checks(heightMm, at);
					if (cost === Infinity) return [];
					return [{ heightMm, pieces, isFootrest, W: costInHeights(cost), cost: pack(cost, pieces) }];
				})
				.sort(byCost)
		),
		// Called for every height that a start could have, so it allocates nothing.
		cheapest: remembered((at) => {
			let least = Infinity;
			for (let i = 0; i < reach.length; i += 1) {
				const { heightMm, pieces } = reach[i] as Reach;
				const cost = pack(checks(heightMm, at), pieces);
				if (cost < least) least = cost;
			}
			return least;
		}),
		leastW: remembered((at) => {
			let least = Infinity;
			for (let i = 0; i < reach.length; i += 1) {
				const cost = checks((reach[i] as Reach).heightMm, at);
				if (cost < least) least = cost;
			}
			return least === Infinity ? Infinity : costInHeights(least);
		})
	};
}

/** Heights that each station reaches: the same for every search of a problem. */
const known = new WeakMap<
	PlanProblem,
	{ feet: readonly Reach[]; keys: readonly Reach[]; screen: readonly Reach[] }
>();

function reachOf(problem: PlanProblem) {
	const found = known.get(problem);
	if (found) return found;
	const [feet, , , screen] = problem.tables;
	const made = {
		feet: [...(feet ? reachable(feet) : []), ...footrestHeights(problem)],
		keys: problem.builtIn ? [{ heightMm: 0, pieces: 0 }] : withMouse(problem),
		screen: screen ? reachable(screen) : []
	};
	known.set(problem, made);
	return made;
}

/**
 * The options of each station, cheapest first. An option's cost is exact for the checks and a lower bound for the items, so the sum of the
 * three cheapest bounds every plan at those heights from below.
 */
export function stationOptions(problem: PlanProblem, order: CostOrder): StationOptions {
	const { costs, builtIn, footBarMm } = problem;
	const reach = reachOf(problem);
	return {
		feet: choice(order, reach.feet, (h, seat) => costs.knee(seat - footBarMm - h)),
		keys: builtIn
			? choice(order, reach.keys, () => 0)
			: choice(order, reach.keys, (h, over) => costs.elbow(over + h)),
		screen: builtIn
			? choice(order, reach.screen, (h, over) => costs.eye(over + h) + costs.elbow(over + h))
			: choice(order, reach.screen, (h, over) => costs.eye(over + h))
	};
}
