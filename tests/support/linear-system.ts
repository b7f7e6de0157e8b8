/**
 * What follows from sums alone: whether a sum of unknowns is a combination of known ones. Exact, by Gaussian elimination modulo a prime: a
 * sum that follows over the rationals does so here too, and one that does not follows here only by a coincidence of one in millions.
 */

/** Products of two residues stay exact in a double. */
const PRIME = 67_108_859;

function inverse(of: number): number {
	let [a, b, x, y] = [of, PRIME, 1, 0];
	while (b > 0) {
		const q = Math.floor(a / b);
		[a, b, x, y] = [b, a - q * b, y, x - q * y];
	}
	return ((x % PRIME) + PRIME) % PRIME;
}

/** Sums that are known, each as the unknowns that it counts. */
export class LinearSystem {
	private readonly rows: { readonly pivot: number; readonly values: Float64Array }[] = [];

	constructor(private readonly unknowns: number) {}

	private reduced(unknowns: Iterable<number>): Float64Array {
		const values = new Float64Array(this.unknowns);
		for (const at of unknowns) values[at] = (values[at] ?? 0) + 1;
		for (const { pivot, values: row } of this.rows) {
			const factor = values[pivot] ?? 0;
			if (factor === 0) continue;
			for (let i = pivot; i < this.unknowns; i += 1) {
				const by = row[i] ?? 0;
				if (by !== 0) values[i] = ((values[i] ?? 0) + (PRIME - factor) * by) % PRIME;
			}
		}
		return values;
	}

	/** Adds a sum that is known. */
	add(unknowns: Iterable<number>): void {
		const values = this.reduced(unknowns);
		const pivot = values.findIndex((value) => value !== 0);
		if (pivot < 0) return;
		const factor = inverse(values[pivot] ?? 1);
		for (let i = pivot; i < this.unknowns; i += 1) values[i] = ((values[i] ?? 0) * factor) % PRIME;
		// Rows stay in the order of their pivots, so that one pass reduces a sum.
		const at = this.rows.findIndex((row) => row.pivot > pivot);
		this.rows.splice(at < 0 ? this.rows.length : at, 0, { pivot, values });
	}

	/** Whether a sum follows from those that are known. */
	tells(unknowns: Iterable<number>): boolean {
		return this.reduced(unknowns).every((value) => value === 0);
	}
}
