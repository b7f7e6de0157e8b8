import { UNREACHABLE, type StackTable } from './stack-table';

/** Heights to be built at feet, keys, mouse and screen, mm. */
export type StackHeights = readonly [feet: number, keys: number, mouse: number, screen: number];

/** The stations that share the rigid pieces, in the order of {@link StackHeights}. */
export const RIGID_STATIONS = ['feet', 'keys', 'mouse', 'screen'] as const;

/** Counts the search's steps; when none are left the search gives up and says so. Shared by one plan's searches. */
export interface Effort {
	left: number;
}

/** What a search for shared stacks starts from. */
export interface SharingQuestion {
	/** Heights of the finished stacks; they decide which pieces are wide enough. */
	readonly targets: StackHeights;
	/** What is still to be built of each. */
	readonly open: StackHeights;
	/** Pieces that each stack may still take. */
	readonly room: readonly number[];
	/** Pieces still there of each type. */
	readonly counts: readonly number[];
	/** Most pieces in all. */
	readonly budget: number;
	/** Numbers used of each type that the answer must not equal, as earlier plans used them. */
	readonly forbidden: readonly (readonly number[])[];
}

interface Slot {
	readonly station: number;
	readonly rise: number;
	readonly highestStack: number;
}

const STATION_COUNT = RIGID_STATIONS.length;

/**
 * Whether stacks of exact heights can be built at once from one household, a piece serving once. Depth first
 * over the types; a branch ends where the tables say that the types left can't make a remaining height, or not
 * with the pieces left. States that failed are remembered.
 */
export class Sharing {
	private readonly slots: readonly (readonly Slot[])[];
	private question!: SharingQuestion;
	private readonly open = [0, 0, 0, 0];
	private readonly room = [0, 0, 0, 0];
	private suffix: readonly (readonly Uint8Array[])[] = [];
	private failed = new Set<number>();
	private radix: readonly number[] | null = null;

	constructor(
		private readonly tables: readonly StackTable[],
		private readonly typeCount: number,
		private readonly effort: Effort
	) {
		this.slots = Array.from({ length: typeCount }, (_, type) =>
			tables.flatMap((table, station) =>
				(table.modes[type] ?? []).map(({ rise, highestStack }) => ({ station, rise, highestStack }))
			)
		);
	}

	/** Answers one question. False also when the effort ran out: `effort.left` is then 0. */
	canBuild(question: SharingQuestion): boolean {
		this.question = question;
		question.open.forEach((height, station) => (this.open[station] = height));
		question.room.forEach((pieces, station) => (this.room[station] = pieces));
		this.suffix = this.tables.map((table, station) => table.suffixFor(question.targets[station] ?? 0));
		this.failed = new Set();
		this.radix = this.radixOf(question);
		const mask = (1 << question.forbidden.length) - 1;
		return this.from(0, question.budget, mask);
	}

	private radixOf({ open, room, forbidden }: SharingQuestion): readonly number[] | null {
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

	/** Whether what is used so far, with none of the types from `type` on, equals a forbidden plan. */
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
		return needed > budget;
	}

	private from(type: number, budget: number, mask: number): boolean {
		if (this.isBuilt()) return !this.repeats(type, mask);
		if (type === this.typeCount || this.effort.left <= 0 || this.hopeless(type, budget)) return false;
		const key = this.radix === null ? null : this.stateKey(type, mask);
		if (key !== null && this.failed.has(key)) return false;
		this.effort.left -= 1;
		const built = this.place(type, 0, this.question.counts[type] ?? 0, budget, mask);
		if (!built && key !== null) this.failed.add(key);
		return built;
	}

	/** Tries every share of one type's pieces among the places it can serve, from slot `at` on. */
	private place(type: number, at: number, left: number, budget: number, mask: number): boolean {
		const slot = this.slots[type]?.[at];
		if (!slot) {
			const used = (this.question.counts[type] ?? 0) - left;
			let agrees = mask;
			for (const [j, forbidden] of this.question.forbidden.entries())
				if (forbidden[type] !== used) agrees &= ~(1 << j);
			return this.from(type + 1, budget, agrees);
		}
		const { station, rise, highestStack } = slot;
		const open = this.open[station] ?? 0;
		const room = this.room[station] ?? 0;
		const wideEnough = highestStack >= (this.question.targets[station] ?? 0);
		const most = wideEnough ? Math.min(left, room, budget, Math.floor(open / rise)) : 0;
		for (let n = most; n >= 0; n -= 1) {
			this.open[station] = open - n * rise;
			this.room[station] = room - n;
			if (this.place(type, at + 1, left - n, budget - n, mask)) return true;
		}
		this.open[station] = open;
		this.room[station] = room;
		return false;
	}
}
