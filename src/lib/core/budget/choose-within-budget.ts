import { greatestCommonDivisor } from './greatest-common-divisor';
import { searchChoices, type BudgetChoice, type PricedOption } from './search-choices';

/** States looked at before a search ends: a second or two, reached only where thousands have options worth the same for their cost. */
const MOST_STATES = 2_000_000;

/** Halvings by which the price of money is found, to a billionth: any price is a valid bound, and a more exact one no better. */
const HALVINGS = 32;

/** People whose choice is searched first, and for how long: those whose other options lose least. */
const FIRST_PEOPLE = 200;
const FIRST_STATES = 200_000;

/** Worths are whole: what could gain less than half of one more than the best known gains nothing. Far above what sums are rounded by. */
const LEAST_GAIN = 0.5;

/** Options of many people in a row, so that a pass over them takes a millisecond or two. */
interface OptionRow {
	/** Where each person's begin; one more at the end. */
	readonly starts: Int32Array;
	readonly cents: Float64Array;
	readonly worths: Float64Array;
	/** The greatest common divisor of all costs; 0 without any. */
	readonly unit: number;
}

function rowOf(options: readonly (readonly PricedOption[])[]): OptionRow {
	const n = options.reduce((sum, list) => sum + list.length, 0);
	const row = {
		starts: new Int32Array(options.length + 1),
		cents: new Float64Array(n),
		worths: new Float64Array(n)
	};
	let [at, unit] = [0, 0];
	options.forEach((list, i) => {
		row.starts[i] = at;
		for (const { cents, worth } of list) {
			row.cents[at] = cents;
			row.worths[at] = worth;
			unit = greatestCommonDivisor(unit, cents);
			at += 1;
		}
	});
	row.starts[options.length] = at;
	return { ...row, unit };
}

const of = (list: Float64Array | Int32Array, i: number) => list[i] ?? 0;

/** Each person's best option if money has a price: what is most worth after paying for it; of two alike the cheaper. */
interface BestAtPrice {
	/** By person: where the option is in the row; -1 for none. */
	readonly places: Int32Array;
	readonly cost: number;
	readonly worth: number;
}

function bestAtPrice({ starts, cents, worths }: OptionRow, price: number): BestAtPrice {
	const places = new Int32Array(starts.length - 1).fill(-1);
	let [cost, worth] = [0, 0];
	for (let i = 0; i < places.length; i += 1) {
		let [most, chosen] = [0, -1];
		const end = of(starts, i + 1);
		for (let k = of(starts, i); k < end; k += 1) {
			const gain = of(worths, k) - price * of(cents, k);
			if (gain < most || (gain === most && (chosen < 0 || of(cents, k) >= of(cents, chosen)))) continue;
			[most, chosen] = [gain, k];
		}
		if (chosen < 0) continue;
		places[i] = chosen;
		cost += of(cents, chosen);
		worth += of(worths, chosen);
	}
	return { places, cost, worth };
}

/** The lowest price of money, worth per cent, at which everybody's best options are within the budget. */
function priceOfMoney(row: OptionRow, money: number): number {
	if (bestAtPrice(row, 0).cost <= money) return 0;
	let [low, high] = [0, 1];
	for (let k = 0; k < row.cents.length; k += 1)
		high = Math.max(high, (2 * of(row.worths, k)) / of(row.cents, k));
	for (let i = 0; i < HALVINGS; i += 1) {
		const middle = (low + high) / 2;
		if (bestAtPrice(row, middle).cost <= money) high = middle;
		else low = middle;
	}
	return high;
}

/** A choice, with what bounds a better one. */
export interface BoundedChoice extends BudgetChoice {
	/** What a cent is worth where the budget is just enough. */
	readonly price: number;
	/** The most that another option of anyone's may lose, after paying, to be part of a better choice. */
	readonly mostLoss: number;
}

/** For each person what the best of the other options loses against the chosen one, after paying. */
function lossesAt(
	{ starts, cents, worths }: OptionRow,
	{ places }: BestAtPrice,
	price: number
): Float64Array {
	return Float64Array.from(places, (place, i) => {
		const gain = place < 0 ? 0 : of(worths, place) - price * of(cents, place);
		let least = place < 0 ? Infinity : gain;
		for (let k = of(starts, i); k < of(starts, i + 1); k += 1)
			if (k !== place) least = Math.min(least, gain - (of(worths, k) - price * of(cents, k)));
		return least;
	});
}

/**
 * The highest total worth within a budget, choosing at most one option per person; exact, unless it says otherwise. At the price of money
 * at which the budget is just enough, almost everybody's choice is settled: another one would lose more than can be gained at all. Only
 * the others are searched (see `searchChoices`): first those who lose least by another choice, which leaves little to gain for the rest.
 * Cost: some thirty passes over all options, a quarter of a second for half a million; then the search.
 * @param options for each person, what can be done; costs and worths whole and above 0
 * @param budget whole, 0 or more
 * @param mostStates how long is searched before the search is ended
 */
export function chooseWithinBudget(
	options: readonly (readonly PricedOption[])[],
	budget: number,
	mostStates = MOST_STATES
): BoundedChoice {
	const row = rowOf(options);
	// Where every cost is a multiple of 50, the last 49 can't be spent.
	const money = row.unit === 0 ? 0 : budget - (budget % row.unit);
	const price = priceOfMoney(row, money);
	const settled = bestAtPrice(row, price);
	const losses = lossesAt(row, settled, price);
	const most = settled.worth + price * (money - settled.cost);
	/** The best choice in which only people who lose no more than this choose otherwise. */
	const searched = (mostLoss: number, states: number): BudgetChoice => {
		const open: number[] = [];
		let [left, fixed] = [money - settled.cost, settled.worth];
		losses.forEach((loss, i) => {
			if (loss > mostLoss) return;
			open.push(i);
			const place = of(settled.places, i);
			if (place < 0) return;
			left += of(row.cents, place);
			fixed -= of(row.worths, place);
		});
		const found = searchChoices(
			open.map((i) => options[i] ?? []),
			left,
			states
		);
		const chosen = Array.from(settled.places, (place, i) => (place < 0 ? -1 : place - of(row.starts, i)));
		open.forEach((i, k) => (chosen[i] = found.chosen[k] ?? -1));
		return {
			chosen,
			cost: money - left + found.cost,
			worth: fixed + found.worth,
			mostWorth: fixed + found.mostWorth
		};
	};
	const leastLosses = losses.slice().sort();
	const first = searched(of(leastLosses, Math.min(FIRST_PEOPLE, leastLosses.length) - 1), FIRST_STATES);
	const mostLoss = most - first.worth - LEAST_GAIN;
	// Nobody else can gain anything, and those who can have been searched to the end.
	if (first.mostWorth === first.worth && of(leastLosses, FIRST_PEOPLE) > mostLoss)
		return { ...first, price, mostLoss };
	const all = searched(mostLoss, mostStates);
	return all.worth >= first.worth
		? { ...all, price, mostLoss }
		: { ...first, mostWorth: Math.max(first.worth, all.mostWorth), price, mostLoss };
}
