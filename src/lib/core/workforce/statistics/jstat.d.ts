/** The parts of the library `jstat` in use; it has no types of its own. */
declare module 'jstat' {
	const jstat: {
		normal: {
			cdf(x: number, mean: number, sd: number): number;
			inv(p: number, mean: number, sd: number): number;
		};
		studentt: {
			cdf(x: number, degrees: number): number;
			inv(p: number, degrees: number): number;
		};
		chisquare: { cdf(x: number, degrees: number): number };
		/** Logarithm of the gamma function. */
		gammaln(x: number): number;
		/** Inverse of a square matrix. */
		inv(matrix: readonly (readonly number[])[]): number[][];
	};
	export default jstat;
}
