/** The part of the library `jstat` that tests check against; it brings no types. */
declare module 'jstat' {
	const jstat: { normal: { cdf(x: number, mean: number, sd: number): number } };
	export default jstat;
}
