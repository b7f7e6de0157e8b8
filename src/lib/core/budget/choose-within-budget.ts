import { greatestCommonDivisor } from './greatest-common-divisor';
import { searchChoices, type BudgetChoice, type PricedOption } from './search-choices';

/** States looked at before a search ends: a second or two, reached only where thousands have options worth the same for their cost. */
const MOST_STATES = 2_000_000;

/** Halvings by which the price of money is found, to a ten-millionth: any price is a valid bound, and a more exact one hardly better. */
const HALVINGS = 24;

/** How many people's choice is searched first, and for how long: of those who lose least by another option. */
const FIRST_PEOPLE = 200;
const FIRST_STATES = 200_000;

/** Worths are whole: what could gain less than half of one more than the best known gains nothing. Far above what sums are rounded by. */
const LEAST_GAIN = 0.5;

const of = (list: Float64Array | Int32Array, i: number) => list[i] ?? 0;

/** Options of many people in a row, so that a pass over them takes a millisecond or two. Costs and worths are whole and above 0. */
export interface OptionRow {
	/** Where each person's begin; one more at the end. */
	readonly starts: Int32Array;
	readonly cents: Float64Array;
	readonly worths: Float64Array;
}

/** Options person by person in a row. */
export function rowOf(options: readonly (readonly PricedOption[])[]): OptionRow {
	const starts = Int32Array.from([0, ...options.map(({ length }) => length)]);
	for (let i = 1; i < starts.length; i += 1) starts[i] = of(starts, i) + of(starts, i - 1);
	const all = options.flat();
	return {
		starts,
		cents: Float64Array.from(all, ({ cents }) => cents),
		worths: Float64Array.from(all, ({ worth }) => worth)
	};
}

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

/** What {@link bestAtPrice} costs, without saying what it is: this is asked some dozens of times. */
function costAtPrice({ starts, cents, worths }: OptionRow, price: number): number {
	let cost = 0;
	for (let i = 0, k = 0; i < starts.length - 1; i += 1) {
		const end = of(starts, i + 1);
		let [most, least] = [0, 0];
		for (; k < end; k += 1) {
			const each = of(cents, k);
			const gain = of(worths, k) - price * each;
			if (gain > most || (gain === most && each < least)) {
				most = gain;
				least = each;
			}
		}
		cost += least;
	}
	return cost;
}

/** The lowest price of money, worth per cent, at which everybody's best options are within the budget. */
function priceOfMoney(row: OptionRow, money: number): number {
	if (costAtPrice(row, 0) <= money) return 0;
	let [low, high] = [0, 1];
	for (let k = 0; k < row.cents.length; k += 1)
		high = Math.max(high, (2 * of(row.worths, k)) / of(row.cents, k));
	for (let i = 0; i < HALVINGS; i += 1) {
		const middle = (low + high) / 2;
		if (costAtPrice(row, middle) <= money) high = middle;
		else low = middle;
	}
	return high;
}

/** The options of one person. */
const optionsOf = ({ starts, cents, worths }: OptionRow, i: number): PricedOption[] =>
	Array.from({ length: of(starts, i + 1) - of(starts, i) }, (_, k) => ({
		cents: of(cents, of(starts, i) + k),
		worth: of(worths, of(starts, i) + k)
	}));

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
 * Cost: some twenty-five passes over all options, a fifth of a second for half a million; then the search.
 * @param row for each person, what can be done
 * @param budget whole, 0 or more
 * @param mostStates how long is searched before the search is ended
 */
export function chooseWithinBudget(row: OptionRow, budget: number, mostStates = MOST_STATES): BudgetChoice {
	let unit = 0;
	for (const cents of row.cents) unit = unit === 1 ? 1 : greatestCommonDivisor(unit, cents);
	// Where every cost is a multiple of 50, the last 49 can't be spent.
	const money = unit === 0 ? 0 : budget - (budget % unit);
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
			open.map((i) => optionsOf(row, i)),
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
	if (first.mostWorth === first.worth && of(leastLosses, FIRST_PEOPLE) > mostLoss) return first;
	const all = searched(mostLoss, mostStates);
	return all.worth >= first.worth ? all : { ...first, mostWorth: Math.max(first.worth, all.mostWorth) };
}
