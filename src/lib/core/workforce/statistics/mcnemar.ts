/** Whether a change of yes and no among the same people is more than chance. */
export interface McNemar {
	/** Two-sided exact probability, and its mid-p. */
	readonly exact: number;
	readonly midP: number;
	/** McNemar's statistic without correction, one degree of freedom; 0 where nobody changed. */
	readonly chiSquared: number;
}

/** Probability of exactly `k` heads in `n` tosses of a fair coin, and of fewer. */
function coinThrows(k: number, n: number): { exactly: number; fewer: number } {
	// In logarithms: 0.5^n underflows from about a thousand tosses on.
	let log = -n * Math.LN2;
	let fewer = 0;
	for (let i = 0; i < k; i += 1) {
		fewer += Math.exp(log);
		log += Math.log((n - i) / (i + 1));
	}
	return { exactly: Math.exp(log), fewer };
}

/**
 * McNemar's test of paired yes and no answers (McNemar 1947; mid-p: Fagerland, Lydersen & Laake 2013). Cost: proportional to the smaller of
 * the two.
 * @param b how many changed one way
 * @param c how many changed the other way
 */
export function mcNemar(b: number, c: number): McNemar {
	const n = b + c;
	const { exactly, fewer } = coinThrows(Math.min(b, c), n);
	return {
		exact: Math.min(1, 2 * (fewer + exactly)),
		midP: Math.min(1, 2 * fewer + exactly),
		chiSquared: n === 0 ? 0 : (b - c) ** 2 / n
	};
}
