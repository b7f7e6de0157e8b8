/** Products of two residues stay exact in a double. */
const PRIME = 67_108_859;

/** The inverse of a residue, by the extended Euclidean algorithm. */
function inverseOf(value: number): number {
	let [a, b, x, y] = [value, PRIME, 1, 0];
	while (b > 0) {
		const quotient = Math.floor(a / b);
		[a, b, x, y] = [b, a - quotient * b, y, x - quotient * y];
	}
	return ((x % PRIME) + PRIME) % PRIME;
}

/** Subtracts a row as often as makes its pivot vanish in another one. */
function subtract(from: Map<string, number>, row: ReadonlyMap<string, number>, pivot: string): void {
	const factor = from.get(pivot) ?? 0;
	if (factor === 0) return;
	for (const [name, value] of row) {
		const rest = ((from.get(name) ?? 0) + (PRIME - factor) * value) % PRIME;
		if (rest === 0) from.delete(name);
		else from.set(name, rest);
	}
}

/**
 * Which of some hidden numbers follow from sums of them that are known. Gaussian elimination modulo a prime: what follows over the rationals
 * follows here too. Cost: the square of the number of sums times the numbers in them.
 * @param sums the names of the numbers in each known sum
 */
export function inferableSums(sums: readonly (readonly string[])[]): Set<string> {
	const rows: { readonly pivot: string; readonly values: Map<string, number> }[] = [];
	for (const names of sums) {
		const values = new Map(names.map((name) => [name, 1]));
		for (const row of rows) subtract(values, row.values, row.pivot);
		const [pivot] = values.keys();
		if (pivot === undefined) continue;
		const factor = inverseOf(values.get(pivot) ?? 1);
		for (const [name, value] of values) values.set(name, (value * factor) % PRIME);
		for (const row of rows) subtract(row.values, values, pivot);
		rows.push({ pivot, values });
	}
	return new Set(rows.flatMap(({ pivot, values }) => (values.size === 1 ? [pivot] : [])));
}
