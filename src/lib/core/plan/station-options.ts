import { MOUSE_LEVEL_MM } from '../household';
import { ONE_PIECE, type PackedCost } from './objective';
import type { Problem } from './problem';
import { UNREACHABLE, type StackTable } from './stack-table';

/** One height a station could have, with the least it costs if nothing were shared. */
export interface StationOption {
	readonly heightMm: number;
	/** Cost of the checks and of the pieces. */
	readonly cost: PackedCost;
	readonly pieces: number;
	/** A bought footrest set to that height, and nothing of the household. */
	readonly isFootrest: boolean;
}

const byCost = (a: StationOption, b: StationOption) => a.cost - b.cost;

/** Heights a table reaches, each with its fewest pieces. */
function reachable(table: StackTable): { heightMm: number; pieces: number }[] {
	const heights: { heightMm: number; pieces: number }[] = [];
	table.fewest.forEach((pieces, heightMm) => {
		if (pieces !== UNREACHABLE) heights.push({ heightMm, pieces });
	});
	return heights;
}

/** Heights at which the mouse's stack may stand beside keys on a stack of that height: at least one piece. */
export function mouseHeights(table: StackTable, keysMm: number): { heightMm: number; pieces: number }[] {
	const found: { heightMm: number; pieces: number }[] = [];
	for (let h = Math.max(1, keysMm - MOUSE_LEVEL_MM); h <= keysMm + MOUSE_LEVEL_MM; h += 1) {
		const pieces = table.fewestFor(h);
		if (pieces !== UNREACHABLE) found.push({ heightMm: h, pieces });
	}
	return found;
}

function withMouse(problem: Problem): { heightMm: number; pieces: number }[] {
	const [, keys, mouse] = problem.tables;
	if (!keys || !mouse) return [];
	return reachable(keys).flatMap(({ heightMm, pieces }) => {
		if (heightMm === 0 || !problem.mouseFollows) return [{ heightMm, pieces }];
		const beside = mouseHeights(mouse, heightMm).map((m) => m.pieces);
		return beside.length === 0 ? [] : [{ heightMm, pieces: pieces + Math.min(...beside) }];
	});
}

/** The options of one station as they depend on the height it builds on. */
export interface StationChoice {
	/** Cheapest first. */
	readonly sorted: (at: number) => readonly StationOption[];
	/** Cost of the cheapest; Infinity where there is none. */
	readonly cheapest: (at: number) => PackedCost;
}

/** Options of the three stacks: under the feet by the seat's height, under keys and screen by the surface's over it. */
export interface StationOptions {
	readonly feet: StationChoice;
	/** With built-in keys one option of height 0 that costs nothing: the screen's stack carries them. */
	readonly keys: StationChoice;
	readonly screen: StationChoice;
}

interface Reach {
	readonly heightMm: number;
	readonly pieces: number;
	readonly isFootrest?: boolean;
}

/** A footrest stands by itself: every height of its range, for one piece. */
function footrestHeights({ footrest }: Problem): Reach[] {
	if (!footrest) return [];
	const [lowest, highest] = footrest;
	return Array.from({ length: highest - lowest + 1 }, (_, i) => ({
		heightMm: lowest + i,
		pieces: 1,
		isFootrest: true
	}));
}

function remembered<T>(make: (at: number) => T): (at: number) => T {
	const known = new Map<number, T>();
	return (at) => {
		const found = known.get(at) ?? make(at);
		known.set(at, found);
		return found;
	};
}

function choice(
	reach: readonly Reach[],
	checks: (heightMm: number, at: number) => PackedCost
): StationChoice {
	const cost = ({ heightMm, pieces }: Reach, at: number) => checks(heightMm, at) + pieces * ONE_PIECE;
	return {
		sorted: remembered((at) =>
			reach.map((r) => ({ isFootrest: false, ...r, cost: cost(r, at) })).sort(byCost)
		),
		cheapest: remembered((at) => reach.reduce((least, r) => Math.min(least, cost(r, at)), Infinity))
	};
}

/**
 * The options of each station, cheapest first. An option's cost is exact for the checks and a lower bound for
 * the pieces, so the sum of the three firsts bounds every plan at those heights from below.
 */
export function stationOptions(problem: Problem): StationOptions {
	const { costs, builtIn, tables } = problem;
	const [feet, , , screen] = tables;
	const carried = (base: number) => (builtIn ? costs.elbow(base) : 0);
	return {
		feet: choice([...(feet ? reachable(feet) : []), ...footrestHeights(problem)], (h, seat) =>
			costs.knee(seat - h)
		),
		keys: builtIn
			? choice([{ heightMm: 0, pieces: 0 }], () => 0)
			: choice(withMouse(problem), (h, over) => costs.elbow(over + h)),
		screen: choice(screen ? reachable(screen) : [], (h, over) => costs.eye(over + h) + carried(over + h))
	};
}
