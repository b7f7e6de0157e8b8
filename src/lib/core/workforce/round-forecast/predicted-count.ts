import jstat from 'jstat';

/** A number of people that is expected, with the range in which nine of ten such numbers lie. */
export interface PredictedCount {
	readonly low: number;
	readonly expected: number;
	readonly high: number;
}

/** Share of numbers outside the range, on each side. */
const TAIL = 0.05;

/** Prior counts of a share that nothing is known of (Jeffreys). */
const PRIOR = 0.5;

/** Logarithm of the beta function. */
const logBeta = (a: number, b: number) => jstat.gammaln(a) + jstat.gammaln(b) - jstat.gammaln(a + b);

/** Counts of which each is this much less likely than the likeliest one add nothing. */
const NEGLIGIBLE = -40;

/**
 * How many of `people` it will happen to, where it happened to a share of earlier ones: the beta-binomial distribution, which holds both
 * chance and what the earlier ones leave open. Cost: one step per person.
 * @param share of earlier people, 0 to 1
 * @param weight how many earlier people the share rests on; 0 where nothing is known
 */
export function predictCount(people: number, share: number, weight: number): PredictedCount {
	const expected = people * share;
	if (people === 0) return { low: 0, expected: 0, high: 0 };
	const [a, b] = [share * weight + PRIOR, (1 - share) * weight + PRIOR];
	// Each count's probability follows from the one before; from the first on, in logarithms, since none of many thousands can be written.
	const logs = new Float64Array(people + 1);
	logs[0] = logBeta(a, people + b) - logBeta(a, b);
	for (let k = 0; k < people; k += 1)
		logs[k + 1] = logs[k]! + Math.log(((people - k) / (k + 1)) * ((k + a) / (people - k - 1 + b)));
	const most = logs.reduce((max, one) => Math.max(max, one), -Infinity);
	const chances = logs.map((one) => (one - most < NEGLIGIBLE ? 0 : Math.exp(one - most)));
	const total = chances.reduce((sum, one) => sum + one, 0);
	let below = 0;
	let low = -1;
	for (const [k, chance] of chances.entries()) {
		below += chance / total;
		if (low < 0 && below > TAIL) low = k;
		if (below >= 1 - TAIL) return { low, expected, high: k };
	}
	return { low: Math.max(low, 0), expected, high: people };
}
