import { Z, type Interval } from './interval';

/** A share of some people, with its 95 % interval. */
export interface ShareWithInterval extends Interval {
	readonly share: number;
}

/**
 * Wilson's score interval of a proportion, without continuity correction (Wilson 1927).
 * @param x number with the property, 0 to n
 * @param n sample size, at least 1
 */
export function wilson(x: number, n: number): ShareWithInterval {
	const share = x / n;
	const z2 = Z * Z;
	const middle = (share + z2 / (2 * n)) / (1 + z2 / n);
	const half = (Z * Math.sqrt((share * (1 - share)) / n + z2 / (4 * n * n))) / (1 + z2 / n);
	// At the ends the formula gives 0 and 1 except for the last digits.
	return { share, low: x === 0 ? 0 : middle - half, high: x === n ? 1 : middle + half };
}
