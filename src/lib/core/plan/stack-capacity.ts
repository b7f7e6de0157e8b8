import type { StackTable } from './stack-table';

/** No plan holds more pieces than four full stacks. */
const MOST_PIECES = 28;

/**
 * How high some stations can get together, a piece serving once: for each set of stations, types from one on, and number
 * of pieces, the sum of the largest rises. An upper bound: it forgets which piece is wide enough for which height. It
 * sees what the stations' own tables can't, that all of them want the same thick pieces.
 *
 * Cost: 15 sets of stations x types x 28 steps, and none where no question is hard.
 */
export class StackCapacity {
	/** `most[set][type * stride + n]`: highest sum of `n` pieces of types `type` and later; made when first asked for. */
	private readonly most = new Map<number, Float64Array>();
	private readonly stride = MOST_PIECES + 1;

	constructor(
		private readonly tables: readonly StackTable[],
		private readonly counts: readonly number[]
	) {}

	/**
	 * The highest that the stations of a set can get together.
	 *
	 * @param set bit `s` stands for station `s`
	 * @param fromType only types from this on
	 * @param pieces most pieces in all
	 */
	highest(set: number, fromType: number, pieces: number): number {
		const sums = this.most.get(set) ?? this.sumsOf(set);
		return sums[fromType * this.stride + Math.min(pieces, MOST_PIECES)] ?? 0;
	}

	private sumsOf(set: number): Float64Array {
		const { tables, counts } = this;
		const sums = new Float64Array((counts.length + 1) * this.stride);
		/** The largest rises so far, descending. */
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

/** Puts copies of a number into a descending list and keeps its first {@link MOST_PIECES}. */
function insert(descending: number[], value: number, copies: number): void {
	let at = descending.length;
	while (at > 0 && (descending[at - 1] ?? 0) < value) at -= 1;
	descending.splice(at, 0, ...new Array<number>(copies).fill(value));
	descending.length = Math.min(descending.length, MOST_PIECES);
}
