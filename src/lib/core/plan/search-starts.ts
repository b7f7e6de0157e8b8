import { costInHeights } from './objective';
import type { CostOrder, PackedCost } from './cost-order';
import type { PlanProblem } from './plan-problem';
import type { SeatPadding } from './seat-paddings';
import type { StationOptions } from './station-options';

/** A start of a search: seat and surface heights, padding, and a lower bound for every plan from here. */
export interface SearchStart {
	readonly seat: number;
	readonly surface: number;
	readonly pads: SeatPadding;
	readonly bound: PackedCost;
}

interface SeatSetting {
	readonly seat: number;
	readonly pads: SeatPadding;
	/** Seat height under the person, mm. */
	readonly under: number;
	/** Lower bound from knee, pads and what is under the feet. */
	readonly cost: PackedCost;
	/** Least misfit of the knee. */
	readonly W: number;
}

/** Lower bounds that depend on the height of the surface above the seat. */
interface OverCost {
	readonly cost: PackedCost;
	readonly W: number;
}

const byBound = (a: SearchStart, b: SearchStart) => a.bound - b.bound;

/**
 * The starts of a search. Cost: (seat positions x paddings) + (heights under the person x surface positions); a chair and a desk that are
 * both fully adjustable stay below two million steps.
 */
export class SearchStarts {
	private readonly settings: readonly SeatSetting[];
	private readonly overCosts = new Map<number, OverCost>();

	constructor(
		private readonly problem: PlanProblem,
		private readonly options: StationOptions,
		private readonly order: CostOrder
	) {
		const [lowest, highest] = problem.seatRange;
		this.settings = problem.pads.flatMap((pads) => {
			const from = pads.rise > 0 ? Math.max(lowest, problem.padsFromMm) : lowest;
			return Array.from({ length: Math.max(0, highest - from + 1) }, (_, i) => {
				const under = from + i + pads.rise;
				const cost = options.feet.cheapest(under) + pads.placed.length * order.onePiece;
				return { seat: from + i, pads, under, cost, W: options.feet.leastW(under) };
			}).filter(({ cost }) => cost < Infinity);
		});
	}

	/** The best start of each padding by bound; empty where the limits allow none. */
	bestByPads(): SearchStart[] {
		const best = new Map<SeatPadding, SearchStart>();
		const bestSurface = new Map<number, { surface: number; cost: PackedCost } | null>();
		for (const { seat, pads, under, cost } of this.settings) {
			const known = bestSurface.get(under);
			const found = known === undefined ? this.bestSurface(under) : known;
			bestSurface.set(under, found);
			if (!found) continue;
			const start = { seat, pads, surface: found.surface, bound: cost + found.cost };
			const other = best.get(pads);
			if (!other || start.bound < other.bound) best.set(pads, start);
		}
		return [...best.values()].sort(byBound);
	}

	/** Every start whose bound is at most `ceiling` and whose misfit may be wanted, by bound. */
	upTo(ceiling: PackedCost): SearchStart[] {
		const { mostW } = this.order;
		const [lowest, highest] = this.problem.surfaceRange;
		const starts: SearchStart[] = [];
		for (const { seat, pads, under, cost, W } of this.settings) {
			if (cost > ceiling || W > mostW) continue;
			for (let surface = lowest; surface <= highest; surface += 1) {
				const over = this.overCost(surface - under);
				const bound = cost + over.cost;
				if (bound <= ceiling && bound < Infinity && W + over.W <= mostW)
					starts.push({ seat, surface, pads, bound });
			}
		}
		return starts.sort(byBound);
	}

	private bestSurface(under: number): { surface: number; cost: PackedCost } | null {
		const [lowest, highest] = this.problem.surfaceRange;
		let best: { surface: number; cost: PackedCost } | null = null;
		for (let surface = lowest; surface <= highest; surface += 1) {
			const { cost } = this.overCost(surface - under);
			if (cost < (best?.cost ?? Infinity)) best = { surface, cost };
		}
		return best;
	}

	/** Lower bounds for thigh, keyboard and screen at a surface height above the seat. */
	private overCost(over: number): OverCost {
		const known = this.overCosts.get(over);
		if (known !== undefined) return known;
		const { keys, screen } = this.options;
		const thigh = this.problem.costs.thigh(over);
		const bounds = {
			cost: this.order.pack(thigh, 0) + keys.cheapest(over) + screen.cheapest(over),
			W: thigh === Infinity ? Infinity : costInHeights(thigh) + keys.leastW(over) + screen.leastW(over)
		};
		this.overCosts.set(over, bounds);
		return bounds;
	}
}
