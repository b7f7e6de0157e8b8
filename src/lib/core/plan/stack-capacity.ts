import type { StackTable } from './stack-table';

/** No plan has more items than four full stacks. */
const MOST_PIECES = 28;

/**
 * How high some stations can get together if each item is used once: for each set of stations, the types from one on and a number of items,
 * the sum of the largest rises. An upper bound that ignores which item is wide enough for which height. It sees what single stations'
 * tables can't: that all of them want the same thick items. Cost: 15 sets of stations x types x 28 steps, and nothing where no question is
 * hard.
 */
export class StackCapacity {
	/** `most[set][type * stride + n]`: highest sum of `n` items of types `type` and later; computed on first use. */
	private readonly most = new Map<number, Float64Array>();
	private readonly stride = MOST_PIECES + 1;

	constructor(
		private readonly tables: readonly StackTable[],
		private readonly counts: readonly number[]
	) {}

	/**
	 * The highest that a set of stations can get together.
	 * @param set bit `s` stands for station `s`
	 * @param fromType only types from this one on
	 * @param pieces most items in total
	 */
	highest(set: number, fromType: number, pieces: number): number {
		const sums = this.most.get(set) ?? this.sumsOf(set);
		return sums[fromType * this.stride + Math.min(pieces, MOST_PIECES)] ?? 0;
	}

	private sumsOf(set: number): Float64Array {
		const { tables, counts } = this;
		const sums = new Float64Array((counts.length + 1) * this.stride);
		/** The largest rises so far, in descending order. */
		const largest: number[] = [];
		for (let type = counts.length - 1; type >= 0; type -= 1) {
			let rise = 0;
			for (let s = 0; s < tables.length; s += 1)
				if (set & (1 << s)) for (const mode of tables[s]?.modes[type] ?? []) rise = Math.max(rise, mode.rise);
			if (rise > 0) insert(largest, rise, Math.min(counts[type] ?? 0, MOST_PIECES));
			let sum = 0;
			for (let n = 1; n <= MOST_PIECES; n += 1) {
				sum += largest[n - 1] ?? 0;
				sums[type * this.stride + n] = sum;
			}
		}
		this.most.set(set, sums);
		return sums;
	}
}

/** Inserts copies of a number into a descending list and keeps its first {@link MOST_PIECES}. */
function insert(descending: number[], value: number, copies: number): void {
	let at = descending.length;
	while (at > 0 && (descending[at - 1] ?? 0) < value) at -= 1;
	descending.splice(at, 0, ...new Array<number>(copies).fill(value));
	descending.length = Math.min(descending.length, MOST_PIECES);
}
