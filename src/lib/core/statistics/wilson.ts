import { Z, type Interval } from './interval';

/** A share of some people, with its 95 % interval. */
export interface ShareWithInterval extends Interval {
	readonly share: number;
}

/**
 * Wilson's score interval of a proportion, without correction for continuity (Wilson 1927).
 *
 * @param x how many of them, 0 to n
 * @param n how many there are, at least 1
 */
export function wilson(x: number, n: number): ShareWithInterval {
	const share = x / n;
	const z2 = Z * Z;
	const middle = (share + z2 / (2 * n)) / (1 + z2 / n);
	const half = (Z * Math.sqrt((share * (1 - share)) / n + z2 / (4 * n * n))) / (1 + z2 / n);
	// At the ends the formula says 0 and 1 but for its last digits.
	return { share, low: x === 0 ? 0 : middle - half, high: x === n ? 1 : middle + half };
}
