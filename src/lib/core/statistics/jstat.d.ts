/** The parts of the library `jstat` in use; it has no types of its own. */
declare module 'jstat' {
	const jstat: {
		normal: {
			cdf(x: number, mean: number, sd: number): number;
			inv(p: number, mean: number, sd: number): number;
		};
		chisquare: { cdf(x: number, degrees: number): number };
		/** Inverse of a square matrix. */
		inv(matrix: readonly (readonly number[])[]): number[][];
	};
	export default jstat;
}
