/** The greatest common divisor of two whole numbers; the other one where one is 0. */
export const greatestCommonDivisor = (a: number, b: number): number =>
	b === 0 ? a : greatestCommonDivisor(b, a % b);
