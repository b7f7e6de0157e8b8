import { compareCodeUnits } from '../workstation/household/piece-types';
import type { PlacementMode } from '../workstation/household/placement-modes';
import type { Station } from '../workstation/household/stations';
import type { PlanProblem } from './plan-problem';
import type { PlanLayout, PieceUsage } from './search';
import {
	RIGID_STATIONS,
	StackFeasibility,
	type SearchEffort,
	type PieceAssignment,
	type StackHeights
} from './stack-feasibility';
import type { StackMode } from './stack-table';

/** One item of a plan: the station, the item's id and how it lies. */
export interface NamedPiece {
	readonly station: Station;
	readonly id: string;
	readonly type: number;
	readonly mode: PlacementMode;
}

interface Choice {
	readonly type: number;
	readonly id: string;
	readonly mode: StackMode;
}

/**
 * Names the items of a layout so that the list of (station, id, mode) sorts first by UTF-16 code units: one by one, the first name with
 * which the rest can still be built. If the effort runs out, the rest is named as the last search built it: a complete plan, though perhaps
 * not the one that sorts first.
 */
export function namePieces(
	problem: PlanProblem,
	layout: PlanLayout,
	told: readonly PieceUsage[],
	effort: SearchEffort
): NamedPiece[] {
	const naming = new Naming(problem, layout, told, effort);
	return [...naming.rigid(), ...naming.soft()];
}

/** Compares two lists of named items by (station, id, mode). */
export function compareNamedPlans(a: readonly NamedPiece[], b: readonly NamedPiece[]): number {
	for (let i = 0; i < Math.min(a.length, b.length); i += 1) {
		const [x, y] = [a[i], b[i]];
		if (!x || !y) break;
		const order =
			compareCodeUnits(x.station, y.station) ||
			compareCodeUnits(x.id, y.id) ||
			compareCodeUnits(x.mode.name, y.mode.name);
		if (order !== 0) return order;
	}
	return a.length - b.length;
}

/** How many items of each type a list uses. */
export function pieceUsageOf(problem: PlanProblem, pieces: readonly NamedPiece[]): PieceUsage {
	const usage = new Array<number>(problem.types.length).fill(0);
	for (const { type } of pieces) usage[type] = (usage[type] ?? 0) + 1;
	return usage;
}

class Naming {
	private readonly used: number[];
	private readonly open: number[];
	private readonly room: number[];
	private left: number;
	/** A way to build all that is still open; items it uses next need no search. */
	private rest: PieceAssignment[];
	private readonly sharing: StackFeasibility;

	constructor(
		private readonly problem: PlanProblem,
		private readonly layout: PlanLayout,
		private readonly told: readonly PieceUsage[],
		effort: SearchEffort
	) {
		this.used = new Array<number>(problem.types.length).fill(0);
		this.open = [...layout.heights];
		this.room = problem.tables.map((table) => table.mostPieces);
		this.left = layout.shares.reduce((sum, { pieces }) => sum + pieces, 0);
		this.sharing = new StackFeasibility(problem.tables, problem.capacity, problem.types.length, effort);
		this.rest = [...layout.shares];
	}

	rigid(): NamedPiece[] {
		const named: NamedPiece[] = [];
		for (const [at, station] of RIGID_STATIONS.entries()) {
			while ((this.open[at] ?? 0) > 0) {
				const choice = this.choices(at).find((c) => this.take(at, c));
				if (!choice) return named;
				const mode = this.problem.types[choice.type]?.modes[station].find((m) => m.name === choice.mode.name);
				if (mode) named.push({ station, id: choice.id, type: choice.type, mode });
			}
		}
		return named;
	}

	soft(): NamedPiece[] {
		const used = new Map<number, number>();
		const named = this.layout.pads.placed.map(({ type, mode }) => {
			const copy = used.get(type) ?? 0;
			used.set(type, copy + 1);
			return { station: 'seat' as const, id: this.problem.types[type]?.ids[copy] ?? '', type, mode };
		});
		return named.sort((a, b) => compareCodeUnits(a.id, b.id) || compareCodeUnits(a.mode.name, b.mode.name));
	}

	/** What could go next on a stack, in list order. */
	private choices(at: number): Choice[] {
		const target = this.layout.heights[at] ?? 0;
		const choices: Choice[] = [];
		for (const [type, modes] of (this.problem.tables[at]?.modes ?? []).entries()) {
			const id = this.problem.types[type]?.ids[this.used[type] ?? 0];
			if (id === undefined) continue;
			for (const mode of modes)
				if (mode.highestStack >= target && mode.rise <= (this.open[at] ?? 0))
					choices.push({ type, id, mode });
		}
		return choices.sort((a, b) => compareCodeUnits(a.id, b.id) || compareCodeUnits(a.mode.name, b.mode.name));
	}

	/** Puts an item on a stack if the rest can still be built; otherwise changes nothing. */
	private take(at: number, { type, mode }: Choice): boolean {
		this.move(at, type, mode.rise, 1);
		if (this.takeFromRest(at, type, mode)) return true;
		if (this.canBuildRest()) {
			this.rest = this.sharing.lastBuilt();
			return true;
		}
		this.move(at, type, mode.rise, -1);
		return false;
	}

	/** Takes an item off the known way to build the rest, if it lies there; returns whether it did. */
	private takeFromRest(at: number, type: number, mode: StackMode): boolean {
		const same = (s: PieceAssignment) => s.type === type && s.station === at && s.mode.name === mode.name;
		const found = this.rest.find(same);
		if (!found) return false;
		const less = found.pieces > 1 ? [{ ...found, pieces: found.pieces - 1 }] : [];
		this.rest = [...this.rest.filter((s) => s !== found), ...less];
		return true;
	}

	private canBuildRest(): boolean {
		return this.sharing.canBuild({
			targets: this.layout.heights,
			open: [...this.open] as unknown as StackHeights,
			room: this.room,
			counts: this.problem.counts.map((n, t) => n - (this.used[t] ?? 0)),
			budget: this.left,
			forbidden: this.stillForbidden()
		});
	}

	private move(at: number, type: number, rise: number, pieces: 1 | -1): void {
		this.used[type] = (this.used[type] ?? 0) + pieces;
		this.open[at] = (this.open[at] ?? 0) - pieces * rise;
		this.room[at] = (this.room[at] ?? 0) - pieces;
		this.left -= pieces;
	}

	/** What the remaining items must not equal: earlier plans that agree so far, minus what is used. */
	private stillForbidden(): PieceUsage[] {
		const pads = pieceUsageOf(this.problem, this.soft());
		return this.told
			.map((usage) => usage.map((n, type) => n - (pads[type] ?? 0) - (this.used[type] ?? 0)))
			.filter((rest) =>
				rest.every((n, t) => n >= 0 && (n === 0 || this.problem.types[t]?.modes.seat.length === 0))
			);
	}
}
