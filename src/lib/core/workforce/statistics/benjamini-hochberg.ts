/**
 * Probabilities adjusted for multiple comparisons by the false discovery rate (Benjamini & Hochberg 1995).
 * @param p one per comparison, in any order
 * @returns the adjusted ones in the same order
 */
export function benjaminiHochberg(p: readonly number[]): number[] {
	const largestFirst = p.map((value, at) => ({ value, at })).sort((a, b) => b.value - a.value);
	const adjusted = new Array<number>(p.length).fill(1);
	let least = 1;
	largestFirst.forEach(({ value, at }, i) => {
		least = Math.min(least, (value * p.length) / (p.length - i));
		adjusted[at] = least;
	});
	return adjusted;
}
