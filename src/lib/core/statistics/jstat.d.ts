/** The parts of the library `jstat` that are used; it brings no types. */
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
