import { ONE_PIECE, type PackedCost } from './objective';
import type { Problem } from './problem';
import type { Pads } from './seat-pads';
import type { StationOptions } from './station-options';

/** Where a search starts: how seat and surface are set and the seat padded, and what no plan from here can beat. */
export interface Start {
	readonly seat: number;
	readonly surface: number;
	readonly pads: Pads;
	readonly bound: PackedCost;
}

interface SeatSetting {
	readonly seat: number;
	readonly pads: Pads;
	/** Seat under the person, mm. */
	readonly under: number;
	/** Bound on knee, pads and what is under the feet. */
	readonly cost: PackedCost;
}

const byBound = (a: Start, b: Start) => a.bound - b.bound;

/**
 * The starts of a search. Cost: (seat positions x paddings) + (heights under the person x surface positions), so a
 * chair and a desk that both move over their whole range stay below two million steps.
 */
export class Starts {
	private readonly settings: readonly SeatSetting[];
	private readonly overCosts = new Map<number, PackedCost>();

	constructor(
		private readonly problem: Problem,
		private readonly options: StationOptions
	) {
		const [lowest, highest] = problem.seatRange;
		this.settings = problem.pads.flatMap((pads) =>
			Array.from({ length: highest - lowest + 1 }, (_, i) => {
				const under = lowest + i + pads.rise;
				const cost = options.feet.cheapest(under) + pads.placed.length * ONE_PIECE;
				return { seat: lowest + i, pads, under, cost };
			})
		);
	}

	/** The best start of each padding, by bound. */
	bestByPads(): Start[] {
		const best = new Map<Pads, Start>();
		const bestSurface = new Map<number, { surface: number; cost: PackedCost }>();
		for (const { seat, pads, under, cost } of this.settings) {
			const found = bestSurface.get(under) ?? this.bestSurface(under);
			bestSurface.set(under, found);
			const start = { seat, pads, surface: found.surface, bound: cost + found.cost };
			const known = best.get(pads);
			if (!known || start.bound < known.bound) best.set(pads, start);
		}
		return [...best.values()].sort(byBound);
	}

	/** Every start whose bound is at most `ceiling`, by bound. */
	upTo(ceiling: PackedCost): Start[] {
		const [lowest, highest] = this.problem.surfaceRange;
		const starts: Start[] = [];
		for (const { seat, pads, under, cost } of this.settings) {
			if (cost > ceiling) continue;
			for (let surface = lowest; surface <= highest; surface += 1) {
				const bound = cost + this.overCost(surface - under);
				if (bound <= ceiling) starts.push({ seat, surface, pads, bound });
			}
		}
		return starts.sort(byBound);
	}

	private bestSurface(under: number): { surface: number; cost: PackedCost } {
		const [lowest, highest] = this.problem.surfaceRange;
		let best = { surface: lowest, cost: this.overCost(lowest - under) };
		for (let surface = lowest + 1; surface <= highest; surface += 1) {
			const cost = this.overCost(surface - under);
			if (cost < best.cost) best = { surface, cost };
		}
		return best;
	}

	/** Bound on thigh, keys and screen with the surface so far over the seat. */
	private overCost(over: number): PackedCost {
		const known = this.overCosts.get(over);
		if (known !== undefined) return known;
		const { keys, screen } = this.options;
		const cost = this.problem.costs.thigh(over) + keys.cheapest(over) + screen.cheapest(over);
		this.overCosts.set(over, cost);
		return cost;
	}
}
