import { thighClearance } from './limits';
import { costInHeights, type HeightCost } from './objective';
import { fewestPieces, BY_COST, type CostOrder, type PackedCost } from './cost-order';
import { MAX_SEAT_OVER_FEET_MM, type PlanProblem } from './plan-problem';
import type { SeatPadding } from './seat-paddings';
import {
	StackFeasibility,
	spendEffort,
	type SearchEffort,
	type PieceAssignment,
	type StackHeights
} from './stack-feasibility';
import { SearchStarts, type SearchStart } from './search-starts';
import {
	mouseHeights,
	stationOptions,
	type StationChoice,
	type StationOption,
	type StationOptions
} from './station-options';

/** Heights of a best plan, before its items are named. */
export interface PlanLayout {
	readonly seat: number;
	readonly surface: number;
	readonly pads: SeatPadding;
	readonly heights: StackHeights;
	/** Height of a purchased footrest, 0 for none; the stack under the feet is then empty. */
	readonly footrest: number;
	/** A way to build the stacks with the fewest items. */
	readonly shares: readonly PieceAssignment[];
	readonly pieces: number;
	/** Cost of its heights. */
	readonly heightCost: HeightCost;
	readonly cost: PackedCost;
}

/** Items used by an earlier plan, by type; rigid and soft together. */
export type PieceUsage = readonly number[];

/** Most equal plans kept for the last rule (which list sorts first); no real home has more. */
const MOST_EQUALS = 256;

/** The number of items in four full stacks: a limit that forbids nothing. */
const ANY_NUMBER = 28;

/**
 * Searches the layouts of a problem, best first: 1. Given the seat height under the person and the surface height above it, each check
 * depends on one stack. The cheapest height of each, as if it had the household to itself, bounds the plan from below. 2. The best start of
 * each padding gives a first plan and so a ceiling. Every start (seat, pads, surface) with a bound below the ceiling is then taken in
 * order, and within it the triples of heights; both end when the bound passes the best plan found. 3. What the stations can't reach
 * together ({@link StackCapacity}) ends a triple before it is tried. 4. Whether a triple can be built at once, with each item used only
 * once, is answered exactly by {@link StackFeasibility}. A final plan takes two searches: first the least misfit, then the fewest items
 * among all as good.
 * @param told usage by earlier plans: the result must use other items
 * @param effort steps left; when they run out, the result is the best found, not proven
 */
export function minimumCost(
	problem: PlanProblem,
	told: readonly PieceUsage[],
	effort: SearchEffort,
	ceiling = Infinity
): number {
	const [layout] = new Search(problem, told, effort, BY_COST).run(ceiling);
	return layout ? costInHeights(layout.heightCost) : Infinity;
}

/**
 * All best layouts among those as good as the least misfit: with one seat, surface and screen height, and of equal cost.
 * @param leastW see {@link minimumCost}
 * @param ceiling a cost above which none is wanted, which shortens the search
 */
export function bestLayouts(
	problem: PlanProblem,
	told: readonly PieceUsage[],
	effort: SearchEffort,
	leastW: number,
	ceiling: PackedCost = Infinity
): PlanLayout[] {
	return new Search(problem, told, effort, fewestPieces(leastW)).run(ceiling);
}

class Search {
	private readonly options: StationOptions;
	private readonly starts: SearchStarts;
	private readonly sharing: StackFeasibility;
	private readonly known = new Map<string, readonly PieceAssignment[] | null>();
	private best: PackedCost = Infinity;
	private layouts: PlanLayout[] = [];

	constructor(
		private readonly problem: PlanProblem,
		private readonly told: readonly PieceUsage[],
		private readonly effort: SearchEffort,
		private readonly order: CostOrder
	) {
		this.options = stationOptions(problem, order);
		this.starts = new SearchStarts(problem, this.options, order);
		this.sharing = new StackFeasibility(problem.tables, problem.capacity, problem.types.length, effort);
	}

	run(wanted: PackedCost): PlanLayout[] {
		const starts = this.starts.bestByPads();
		this.best = wanted;
		for (const start of starts) if (this.layouts.length === 0) this.tryNothing(start);
		this.expandAll(starts);
		const [ceiling, first] = [this.best, this.layouts];
		if (this.order.endsAtFirst) {
			// Layouts only as good as the ones found are not searched for.
			this.expandAll(this.starts.upTo(first.length > 0 ? ceiling - 1 : ceiling));
			return this.layouts;
		}
		this.best = Infinity;
		this.layouts = [];
		this.expandAll(this.starts.upTo(ceiling));
		return this.layouts.length > 0 && this.best <= ceiling ? this.layouts : first;
	}

	/** The start with nothing stacked, so that a search cut short has an answer too. */
	private tryNothing(start: SearchStart): void {
		const { under, over } = heightsAt(start);
		const bare = (choice: StationChoice, at: number) =>
			choice.sorted(at).find(({ heightMm }) => heightMm === 0);
		const [f, k, m] = [
			bare(this.options.feet, under),
			bare(this.options.keys, over),
			bare(this.options.screen, over)
		];
		if (!f || !k || !m || !this.mayStand(start, f) || !this.mayRise(start, m)) return;
		const W = costInHeights(this.problem.costs.thigh(over)) + f.W + k.W + m.W;
		if (W <= this.order.mostW) this.tryTriple(start, f, k, m);
	}

	private expandAll(starts: readonly SearchStart[]): void {
		for (const start of starts) {
			if (this.isBeaten(start.bound)) return;
			this.expand(start);
		}
	}

	/** Whether a bound is already too high. */
	private isBeaten(bound: PackedCost): boolean {
		return bound > this.best || (this.order.endsAtFirst && bound === this.best && this.layouts.length > 0);
	}

	private expand(start: SearchStart): void {
		const { under, over } = heightsAt(start);
		const fixed = this.fixedCost(start);
		const thighW = costInHeights(this.problem.costs.thigh(over));
		const { keys, screen } = this.options;
		const [cheapestKeys, cheapestScreen] = [keys.cheapest(over), screen.cheapest(over)];
		const [leastKeys, leastScreen] = [keys.leastW(over), screen.leastW(over)];
		for (const f of this.options.feet.sorted(under)) {
			if (this.isBeaten(fixed + f.cost + cheapestKeys + cheapestScreen)) break;
			const roomK = this.order.mostW - thighW - f.W - leastScreen;
			if (leastKeys > roomK || !this.mayStand(start, f)) continue;
			for (const k of keys.sorted(over)) {
				if (this.isBeaten(fixed + f.cost + k.cost + cheapestScreen)) break;
				if (k.W > roomK) continue;
				for (const m of screen.sorted(over)) {
					if (this.isBeaten(fixed + f.cost + k.cost + m.cost) || !spendEffort(this.effort)) break;
					if (thighW + f.W + k.W + m.W > this.order.mostW || !this.mayRise(start, m)) continue;
					this.tryTriple(start, f, k, m);
				}
			}
		}
	}

	/** Cost incurred before any stack is chosen. */
	private fixedCost(start: SearchStart): PackedCost {
		const { over } = heightsAt(start);
		return this.order.pack(this.problem.costs.thigh(over), start.pads.placed.length);
	}

	/** Whether something may go under the feet: under a seat that is not too high, and with clearance left for the lifted knees. */
	private mayStand(start: SearchStart, { heightMm }: StationOption): boolean {
		const { limits, costs, footBarMm } = this.problem;
		if (heightMm > 0 && start.seat > MAX_SEAT_OVER_FEET_MM) return false;
		if (limits.leastRoomMm === -Infinity) return true;
		const { under, over } = heightsAt(start);
		const thigh = costs.values.thigh(over);
		const knee = costs.values.knee(under - footBarMm - heightMm);
		return (this.problem.judgesKnee ? thighClearance(thigh, knee) : thigh) >= limits.leastRoomMm;
	}

	/** Whether a laptop that is typed on may be raised this far, by its stack or with the surface. */
	private mayRise(start: SearchStart, { heightMm }: StationOption): boolean {
		const { builtIn, corner, costs, limits } = this.problem;
		if (!builtIn || (heightMm === 0 && start.surface <= corner.spot.surface.height)) return true;
		return limits.mayRaiseKeys && costs.values.elbow(heightsAt(start).over + heightMm) >= 0;
	}

	private tryTriple(start: SearchStart, f: StationOption, k: StationOption, m: StationOption): void {
		const bound = this.fixedCost(start) + f.cost + k.cost + m.cost;
		const [feet, footrest] = f.isFootrest ? [0, f.heightMm] : [f.heightMm, 0];
		const atLeast = f.pieces + k.pieces + m.pieces;
		const forbidden = this.forbiddenRigid(start.pads);
		for (const mouse of this.mouseChoices(k.heightMm)) {
			const { onePiece } = this.order;
			const spare =
				onePiece === 0 || this.best === Infinity
					? ANY_NUMBER
					: Math.min(ANY_NUMBER, atLeast + Math.floor((this.best - bound) / onePiece));
			const heights: StackHeights = [feet, k.heightMm, mouse, m.heightMm];
			const shares = this.builtWithFewest(heights, atLeast, spare, forbidden);
			if (shares === null) continue;
			const { seat, surface, pads } = start;
			const built = piecesOf(shares);
			this.keep({
				seat,
				surface,
				pads,
				heights,
				footrest,
				shares,
				pieces: pads.placed.length + built,
				heightCost: this.heightCostOf(start, f, k, m),
				cost: bound + (built - atLeast) * onePiece
			});
			if (this.order.endsAtFirst) return;
		}
	}

	private heightCostOf(start: SearchStart, f: StationOption, k: StationOption, m: StationOption): HeightCost {
		const { under, over } = heightsAt(start);
		const { costs, builtIn, footBarMm } = this.problem;
		const elbow = costs.elbow(over + (builtIn ? m.heightMm : k.heightMm));
		return (
			costs.thigh(over) + costs.knee(under - footBarMm - f.heightMm) + elbow + costs.eye(over + m.heightMm)
		);
	}

	private keep(layout: PlanLayout): void {
		if (layout.cost > this.best) return;
		const [other] = this.layouts;
		const order = other && layout.cost === this.best ? this.lower(layout, other) : -1;
		if (order > 0) return;
		if (order < 0) this.layouts = [];
		this.best = layout.cost;
		if (this.layouts.length < MOST_EQUALS) this.layouts.push(layout);
		else this.effort.isCut = true;
	}

	/** Compares two layouts of equal cost by lower seat, surface and screen; negative where the first is lower. */
	private lower(a: PlanLayout, b: PlanLayout): number {
		return a.seat - b.seat || a.surface - b.surface || this.screenTopOf(a) - this.screenTopOf(b);
	}

	private screenTopOf({ seat, surface, pads, heights }: PlanLayout): number {
		return this.problem.costs.screenTop(surface - seat - pads.rise + heights[3]);
	}

	private mouseChoices(keysMm: number): number[] {
		const mouse = this.problem.tables[2];
		if (keysMm === 0 || !this.problem.mouseFollows || !mouse) return [0];
		return mouseHeights(mouse, keysMm).map((m) => m.heightMm);
	}

	/** What the rigid items must not equal with these pads: earlier plans that pad the seat alike. */
	private forbiddenRigid(pads: SeatPadding): PieceUsage[] {
		const soft = this.problem.types.map((type) => type.modes.seat.length > 0);
		const used = new Array<number>(soft.length).fill(0);
		for (const { type } of pads.placed) used[type] = (used[type] ?? 0) + 1;
		return this.told
			.filter((usage) => usage.every((n, type) => !soft[type] || n === used[type]))
			.map((usage) => usage.map((n, type) => (soft[type] ? 0 : n)));
	}

	/** How these heights are built at once with the fewest items, at most `atMost`; null where they can't be. */
	private builtWithFewest(
		heights: StackHeights,
		atLeast: number,
		atMost: number,
		forbidden: readonly PieceUsage[]
	): readonly PieceAssignment[] | null {
		const key = [heights, ...forbidden].join('|');
		const known = this.known.get(key);
		if (known !== undefined) return known !== null && piecesOf(known) <= atMost ? known : null;
		const question = {
			targets: heights,
			open: heights,
			room: this.problem.tables.map((table) => table.mostPieces),
			counts: this.problem.counts,
			forbidden
		};
		if (!this.sharing.canBuild({ ...question, budget: atMost })) {
			if (atMost === ANY_NUMBER && !this.effort.isCut) this.known.set(key, null);
			return null;
		}
		let built = this.sharing.lastBuilt();
		if (this.order.endsAtFirst) return built;
		for (let budget = atLeast; budget < piecesOf(built); budget += 1)
			if (this.sharing.canBuild({ ...question, budget })) built = this.sharing.lastBuilt();
		this.known.set(key, built);
		return built;
	}
}

/** Seat height under the person, and surface height above it, mm. */
function heightsAt({ seat, pads, surface }: SearchStart): { under: number; over: number } {
	const under = seat + pads.rise;
	return { under, over: surface - under };
}

function piecesOf(shares: readonly PieceAssignment[]): number {
	return shares.reduce((sum, { pieces }) => sum + pieces, 0);
}
