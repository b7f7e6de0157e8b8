import type { StackCapacity } from './stack-capacity';
import { UNREACHABLE, type StackMode, type StackTable } from './stack-table';

/** Heights to build at feet, keyboard, mouse and screen, mm. */
export type StackHeights = readonly [feet: number, keys: number, mouse: number, screen: number];

/** The stations that share the rigid items, in the order of {@link StackHeights}. */
export const RIGID_STATIONS = ['feet', 'keys', 'mouse', 'screen'] as const;

/** Counts search steps; shared by all searches of one workstation. */
export interface SearchEffort {
	/** Steps left; at 0 the search gives up. */
	left: number;
	/** Whether the search gave up, so that the answer is the best found, not proven. */
	isCut: boolean;
}

/** What a search for shared stacks starts from. */
export interface StackRequest {
	/** Heights of the finished stacks, which decide which items are wide enough. */
	readonly targets: StackHeights;
	/** Height still to build on each. */
	readonly open: StackHeights;
	/** Items that each stack may still take. */
	readonly room: readonly number[];
	/** Items left of each type. */
	readonly counts: readonly number[];
	/** Most items in total. */
	readonly budget: number;
	/** Numbers used of each type that the answer must not equal, because earlier plans use them. */
	readonly forbidden: readonly (readonly number[])[];
}

/** The number of items of one type at one station in one mode. */
export interface PieceAssignment {
	readonly type: number;
	readonly station: number;
	readonly mode: StackMode;
	readonly pieces: number;
}

interface Slot {
	readonly station: number;
	readonly mode: StackMode;
}

const STATION_COUNT = RIGID_STATIONS.length;

/** Sets of stations: bit `s` stands for station `s`. */
const SETS = 1 << STATION_COUNT;

/** Steps after which a question counts as hard and the tighter, costlier bound is used too. */
const HARD_FROM = 200;

/**
 * Decides whether stacks of exact heights can be built at once from one household, each item used only once. Depth first over the types; a
 * branch ends where the tables show that the remaining types can't make a remaining height, or not with the items left, or where stations
 * together need more than is left. Failed states are remembered.
 */
export class StackFeasibility {
	private readonly slots: readonly (readonly Slot[])[];
	private question!: StackRequest;
	private readonly open = [0, 0, 0, 0];
	private readonly room = [0, 0, 0, 0];
	private readonly heightOfSet = new Float64Array(SETS);
	private readonly roomOfSet = new Float64Array(SETS);
	private suffix: readonly (readonly Uint8Array[])[] = [];
	private failed = new Set<number>();
	private radix: readonly number[] | null = null;
	private steps = 0;
	/** Items in each slot on the way down; types from `builtTo` on have none. */
	private readonly placed: number[][];
	private builtTo = 0;

	constructor(
		private readonly tables: readonly StackTable[],
		private readonly capacity: StackCapacity,
		private readonly typeCount: number,
		private readonly effort: SearchEffort
	) {
		this.slots = Array.from({ length: typeCount }, (_, type) =>
			tables.flatMap((table, station) => (table.modes[type] ?? []).map((mode) => ({ station, mode })))
		);
		this.placed = this.slots.map((slots) => slots.map(() => 0));
	}

	/** Answers one request. Also false when the effort ran out; `effort.isCut` then says so. */
	canBuild(question: StackRequest): boolean {
		this.question = question;
		question.open.forEach((height, station) => (this.open[station] = height));
		question.room.forEach((pieces, station) => (this.room[station] = pieces));
		this.suffix = this.tables.map((table, station) => table.suffixFor(question.targets[station] ?? 0));
		this.failed = new Set();
		this.steps = 0;
		this.radix = this.radixOf(question);
		return this.from(0, question.budget, (1 << question.forbidden.length) - 1);
	}

	/** How the last request with a positive answer is built. */
	lastBuilt(): PieceAssignment[] {
		return this.slots.slice(0, this.builtTo).flatMap((slots, type) =>
			slots.flatMap(({ station, mode }, at) => {
				const pieces = this.placed[type]?.[at] ?? 0;
				return pieces > 0 ? [{ type, station, mode, pieces }] : [];
			})
		);
	}

	private radixOf({ open, room, forbidden }: StackRequest): readonly number[] | null {
		const radix = [...open.map((h) => h + 1), ...room.map((r) => r + 1), 1 << forbidden.length];
		const states = radix.reduce((product, r) => product * r, this.typeCount + 1);
		return states < Number.MAX_SAFE_INTEGER ? radix : null;
	}

	private stateKey(type: number, mask: number): number {
		let key = type;
		const radix = this.radix ?? [];
		for (let s = 0; s < STATION_COUNT; s += 1) key = key * (radix[s] ?? 1) + (this.open[s] ?? 0);
		for (let s = 0; s < STATION_COUNT; s += 1)
			key = key * (radix[STATION_COUNT + s] ?? 1) + (this.room[s] ?? 0);
		return key * (radix[2 * STATION_COUNT] ?? 1) + mask;
	}

	private isBuilt(): boolean {
		return this.open[0] === 0 && this.open[1] === 0 && this.open[2] === 0 && this.open[3] === 0;
	}

	/** Whether the items used so far, with none of the types from `type` on, equal a forbidden plan. */
	private repeats(type: number, mask: number): boolean {
		return this.question.forbidden.some(
			(used, j) => (mask & (1 << j)) !== 0 && used.every((n, i) => i < type || n === 0)
		);
	}

	private hopeless(type: number, budget: number): boolean {
		let needed = 0;
		for (let s = 0; s < STATION_COUNT; s += 1) {
			const fewest = this.suffix[s]?.[type]?.[this.open[s] ?? 0] ?? UNREACHABLE;
			if (fewest > (this.room[s] ?? 0)) return true;
			needed += fewest;
		}
		return needed > budget || (this.steps > HARD_FROM && this.overfull(type, budget));
	}

	/** Whether some stations together need more height than the remaining items give. */
	private overfull(type: number, budget: number): boolean {
		const { heightOfSet, roomOfSet } = this;
		for (let set = 1; set < SETS; set += 1) {
			const rest = set & (set - 1);
			const s = 31 - Math.clz32(set ^ rest);
			heightOfSet[set] = (heightOfSet[rest] ?? 0) + (this.open[s] ?? 0);
			roomOfSet[set] = (roomOfSet[rest] ?? 0) + (this.room[s] ?? 0);
			const pieces = Math.min(roomOfSet[set] ?? 0, budget);
			if ((heightOfSet[set] ?? 0) > this.capacity.highest(set, type, pieces)) return true;
		}
		return false;
	}

	private from(type: number, budget: number, mask: number): boolean {
		if (this.isBuilt()) {
			this.builtTo = type;
			return !this.repeats(type, mask);
		}
		this.steps += 1;
		if (type === this.typeCount || !spendEffort(this.effort) || this.hopeless(type, budget)) return false;
		const key = this.radix === null ? null : this.stateKey(type, mask);
		if (key !== null && this.failed.has(key)) return false;
		const built = this.place(type, 0, this.question.counts[type] ?? 0, budget, mask);
		if (!built && key !== null) this.failed.add(key);
		return built;
	}

	/** Tries every distribution of one type's items over the places it can serve, from slot `at` on. */
	private place(type: number, at: number, left: number, budget: number, mask: number): boolean {
		const slot = this.slots[type]?.[at];
		if (!slot) {
			const used = (this.question.counts[type] ?? 0) - left;
			let agrees = mask;
			for (const [j, forbidden] of this.question.forbidden.entries())
				if (forbidden[type] !== used) agrees &= ~(1 << j);
			return this.from(type + 1, budget, agrees);
		}
		const { station, mode } = slot;
		const open = this.open[station] ?? 0;
		const room = this.room[station] ?? 0;
		const wideEnough = mode.highestStack >= (this.question.targets[station] ?? 0);
		const most = wideEnough ? Math.min(left, room, budget, Math.floor(open / mode.rise)) : 0;
		const placed = this.placed[type] ?? [];
		for (let n = most; n >= 0; n -= 1) {
			this.open[station] = open - n * mode.rise;
			this.room[station] = room - n;
			placed[at] = n;
			if (this.place(type, at + 1, left - n, budget - n, mask)) return true;
		}
		this.open[station] = open;
		this.room[station] = room;
		return false;
	}
}

/** Takes one step of an effort; false when none is left, which is recorded as a cut. */
export function spendEffort(effort: SearchEffort): boolean {
	if (effort.left > 0) {
		effort.left -= 1;
		return true;
	}
	effort.isCut = true;
	return false;
}
