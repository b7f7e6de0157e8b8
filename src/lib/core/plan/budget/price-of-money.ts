import { bestAtPrice, bestOf, of, optionsOf, rowOf, type BestAtPrice, type OptionRow } from './option-row';
import type { PricedOption } from './search-choices';

/** Halvings by which the price of money is found, to a ten-millionth: any price is a valid bound, and a more exact one hardly better. */
const HALVINGS = 24;

/** From so many people, the price is first found for every so many of them, and then looked for around it, so far off at most. */
const SAMPLED_FROM = 20_000;
const SAMPLE_EVERY = 50;
const GUESS_OFF = 0.05;

/** Every so many people's options. */
function someOf({ starts, cents, worths }: OptionRow, every: number): OptionRow {
	const options: PricedOption[][] = [];
	for (let i = 0; i < starts.length - 1; i += every) options.push(optionsOf({ starts, cents, worths }, i));
	return rowOf(options);
}

/** A price, and what everybody's best options are at it. */
type Bound = Pick<BestAtPrice, 'price' | 'places'>;

/**
 * Two prices, one too low and one high enough: close ones where the price for a few people shows where to look.
 * @param low a price at which the money is not enough
 */
function boundsOfPrice(row: OptionRow, money: number, low: Bound): { low: Bound; high: Bound } {
	const people = row.starts.length - 1;
	let price = 1;
	for (let k = 0; k < row.cents.length; k += 1)
		price = Math.max(price, (2 * of(row.worths, k)) / of(row.cents, k));
	const bounds: { low: Bound; high: Bound } = {
		low,
		high: { price, places: new Int32Array(people).fill(-1) }
	};
	if (people < SAMPLED_FROM) return bounds;
	const guess = priceOfMoney(someOf(row, SAMPLE_EVERY), money / SAMPLE_EVERY);
	for (const tried of [guess * (1 - GUESS_OFF), guess * (1 + GUESS_OFF)]) {
		const best = bestAtPrice(row, tried);
		if (best.cost <= money) return { ...bounds, high: best };
		bounds.low = best;
	}
	return bounds;
}

/**
 * The lowest price of money, worth per cent, at which everybody's best options are within the budget. The dearer money is, the less anybody's
 * best option costs: who has the same one at both ends of what is still possible has it in between, and is not asked again.
 */
export function priceOfMoney(row: OptionRow, money: number): number {
	const people = row.starts.length - 1;
	const free = bestAtPrice(row, 0);
	if (free.cost <= money) return 0;
	const bounds = boundsOfPrice(row, money, free);
	let [low, high] = [bounds.low.price, bounds.high.price];
	const [atLow, atHigh] = [bounds.low.places, bounds.high.places];
	/** Who may still choose one or the other, and what they choose at a price in between. */
	const open = new Int32Array(people);
	const between = new Int32Array(people);
	for (let i = 0; i < people; i += 1) open[i] = i;
	const costOf = (place: number) => (place < 0 ? 0 : of(row.cents, place));
	let n = people;
	/** The cost for those who are not asked again. */
	let settled = 0;
	for (let i = 0; i <= HALVINGS; i += 1) {
		let left = 0;
		for (let k = 0; k < n; k += 1) {
			if (of(atLow, k) === of(atHigh, k)) {
				settled += costOf(of(atLow, k));
				continue;
			}
			open[left] = of(open, k);
			atLow[left] = of(atLow, k);
			atHigh[left] = of(atHigh, k);
			left += 1;
		}
		n = left;
		const middle = (low + high) / 2;
		let cost = settled;
		for (let k = 0; k < n; k += 1) {
			const place = bestOf(row, of(open, k), middle);
			between[k] = place;
			cost += costOf(place);
		}
		if (cost <= money) high = middle;
		else low = middle;
		(high === middle ? atHigh : atLow).set(between.subarray(0, n));
	}
	return high;
}
