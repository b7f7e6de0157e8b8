import { ONE_PIECE, type PackedCost } from './objective';
import type { Problem } from './problem';
import type { Pads } from './seat-pads';
import { Sharing, spend, type Effort, type Share, type StackHeights } from './sharing';
import { Starts, type Start } from './starts';
import {
	mouseHeights,
	stationOptions,
	type StationChoice,
	type StationOption,
	type StationOptions
} from './station-options';

/** Heights of one best plan, before its pieces are named. */
export interface Layout {
	readonly seat: number;
	readonly surface: number;
	readonly pads: Pads;
	readonly heights: StackHeights;
	/** Height of a bought footrest, 0 for none; the stack under the feet is then empty. */
	readonly footrest: number;
	/** One way to build the stacks with the fewest pieces. */
	readonly shares: readonly Share[];
	readonly cost: PackedCost;
}

/** Pieces used by an earlier plan, by type; rigid and soft together. */
export type Usage = readonly number[];

/** Equal plans kept for the last rule (which list sorts first); more than this never arise in a real home. */
const MOST_EQUALS = 256;

/** Pieces that four full stacks hold: a budget that forbids nothing. */
const ANY_NUMBER = 28;

/**
 * All layouts of least cost whose pieces differ from the plans already told, best first search:
 *
 * 1. Given the seat under the person and the surface over it, the checks depend on one stack each. The
 *    cheapest height of each, had it the household to itself, bounds the plan from below.
 * 2. The best start of each padding gives a first plan, and with it a ceiling. Every start (seat, pads, surface)
 *    bounded below the ceiling is then taken by its bound, and within it the triples of heights; both end as
 *    soon as the bound passes the best plan found.
 * 3. What stations together can't reach ({@link StackCapacity}) ends a triple before it is tried.
 * 4. Whether a triple can be built at once from pieces that serve once is answered exactly by {@link Sharing}.
 *
 * @param told usage of the plans already told
 * @param effort steps left; when they run out the answer is the best found, not proven
 * @param ceiling a cost above which none is wanted: the search is as much shorter
 */
export function bestLayouts(
	problem: Problem,
	told: readonly Usage[],
	effort: Effort,
	ceiling: PackedCost = Infinity
): Layout[] {
	return new Search(problem, told, effort).run(ceiling);
}

class Search {
	private readonly options: StationOptions;
	private readonly starts: Starts;
	private readonly sharing: Sharing;
	private readonly known = new Map<string, readonly Share[] | null>();
	private best: PackedCost = Infinity;
	private layouts: Layout[] = [];

	constructor(
		private readonly problem: Problem,
		private readonly told: readonly Usage[],
		private readonly effort: Effort
	) {
		this.options = stationOptions(problem);
		this.starts = new Starts(problem, this.options);
		this.sharing = new Sharing(problem.tables, problem.capacity, problem.types.length, effort);
	}

	run(wanted: PackedCost): Layout[] {
		const starts = this.starts.bestByPads();
		this.best = wanted;
		for (const start of starts) if (this.layouts.length === 0) this.tryNothing(start);
		this.expandAll(starts);
		const [ceiling, first] = [this.best, this.layouts];
		this.best = Infinity;
		this.layouts = [];
		this.expandAll(this.starts.upTo(ceiling));
		return this.best <= ceiling ? this.layouts : first;
	}

	/** The start with nothing stacked: always possible, so that a search that is cut short has an answer too. */
	private tryNothing(start: Start): void {
		const under = start.seat + start.pads.rise;
		const over = start.surface - under;
		const bare = (choice: StationChoice, at: number) =>
			choice.sorted(at).find(({ heightMm }) => heightMm === 0);
		const [f, k, m] = [
			bare(this.options.feet, under),
			bare(this.options.keys, over),
			bare(this.options.screen, over)
		];
		const fixed = this.problem.costs.thigh(over) + start.pads.placed.length * ONE_PIECE;
		if (f && k && m) this.tryTriple(start, fixed, f, k, m);
	}

	private expandAll(starts: readonly Start[]): void {
		for (const start of starts) {
			if (start.bound > this.best) return;
			this.expand(start);
		}
	}

	private expand(start: Start): void {
		const under = start.seat + start.pads.rise;
		const over = start.surface - under;
		const fixed = this.problem.costs.thigh(over) + start.pads.placed.length * ONE_PIECE;
		const keys = this.options.keys.sorted(over);
		const screen = this.options.screen.sorted(over);
		const cheapestKeys = this.options.keys.cheapest(over);
		const cheapestScreen = this.options.screen.cheapest(over);
		for (const f of this.options.feet.sorted(under)) {
			if (fixed + f.cost + cheapestKeys + cheapestScreen > this.best) break;
			for (const k of keys) {
				if (fixed + f.cost + k.cost + cheapestScreen > this.best) break;
				for (const m of screen) {
					if (fixed + f.cost + k.cost + m.cost > this.best || !spend(this.effort)) break;
					this.tryTriple(start, fixed, f, k, m);
				}
			}
		}
	}

	private tryTriple(
		start: Start,
		fixed: PackedCost,
		f: StationOption,
		k: StationOption,
		m: StationOption
	): void {
		const bound = fixed + f.cost + k.cost + m.cost;
		const [feet, footrest] = f.isFootrest ? [0, f.heightMm] : [f.heightMm, 0];
		const atLeast = (f.isFootrest ? 0 : f.pieces) + k.pieces + m.pieces;
		const forbidden = this.forbiddenRigid(start.pads);
		for (const mouse of this.mouseChoices(k.heightMm)) {
			const spare = Math.min(ANY_NUMBER, atLeast + Math.floor((this.best - bound) / ONE_PIECE));
			const heights: StackHeights = [feet, k.heightMm, mouse, m.heightMm];
			const shares = this.builtWithFewest(heights, atLeast, spare, forbidden);
			if (shares === null) continue;
			const cost = bound + (piecesOf(shares) - atLeast) * ONE_PIECE;
			const { seat, surface, pads } = start;
			this.keep({ seat, surface, pads, heights, footrest, shares, cost });
		}
	}

	private keep(layout: Layout): void {
		if (layout.cost > this.best) return;
		if (layout.cost < this.best) this.layouts = [];
		this.best = layout.cost;
		if (this.layouts.length < MOST_EQUALS) this.layouts.push(layout);
		else this.effort.isCut = true;
	}

	private mouseChoices(keysMm: number): number[] {
		const mouse = this.problem.tables[2];
		if (keysMm === 0 || !this.problem.mouseFollows || !mouse) return [0];
		return mouseHeights(mouse, keysMm).map((m) => m.heightMm);
	}

	/** What the rigid pieces may not equal, given these pads: the told plans that pad the seat alike. */
	private forbiddenRigid(pads: Pads): Usage[] {
		const soft = this.problem.types.map((type) => type.modes.seat.length > 0);
		const used = new Array<number>(soft.length).fill(0);
		for (const { type } of pads.placed) used[type] = (used[type] ?? 0) + 1;
		return this.told
			.filter((usage) => usage.every((n, type) => !soft[type] || n === used[type]))
			.map((usage) => usage.map((n, type) => (soft[type] ? 0 : n)));
	}

	/** How these heights are built at once with the fewest pieces, at most `atMost`; null where they can't be. */
	private builtWithFewest(
		heights: StackHeights,
		atLeast: number,
		atMost: number,
		forbidden: readonly Usage[]
	): readonly Share[] | null {
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
		for (let budget = atLeast; budget < piecesOf(built); budget += 1)
			if (this.sharing.canBuild({ ...question, budget })) built = this.sharing.lastBuilt();
		this.known.set(key, built);
		return built;
	}
}

function piecesOf(shares: readonly Share[]): number {
	return shares.reduce((sum, { pieces }) => sum + pieces, 0);
}
