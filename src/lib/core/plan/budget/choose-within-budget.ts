import { greatestCommonDivisor } from './greatest-common-divisor';
import { bestAtPrice, of, optionsOf, type BestAtPrice, type OptionRow } from './option-row';
import { priceOfMoney } from './price-of-money';
import { searchChoices, type BudgetChoice } from './search-choices';

/** States looked at before a search ends: a second or two, reached only where thousands have options worth the same for their cost. */
const MOST_STATES = 2_000_000;

/** How many people's choice is searched first: those who lose least by another option. Then that of several times as many. */
const FIRST_PEOPLE = 200;
const WIDER = 5;

/** How long such a search goes on, in states for each of them. */
const STATES_EACH = 100;

/** Worths are whole: what could gain less than half of one more than the best known gains nothing. Far above what sums are rounded by. */
const LEAST_GAIN = 0.5;

/** What can be spent of a budget: where every cost is a multiple of 50, the last 49 can't. */
function spendable({ cents }: OptionRow, budget: number): number {
	let unit = 0;
	for (const each of cents) if (unit === 0 || each % unit !== 0) unit = greatestCommonDivisor(unit, each);
	return unit === 0 ? 0 : budget - (budget % unit);
}

/** What a search among some people found, with everybody else's choice settled. */
interface Searched extends Pick<BudgetChoice, 'cost' | 'worth' | 'mostWorth'> {
	/** Whose choice was searched, and what was found for each of them. */
	readonly open: readonly number[];
	readonly found: BudgetChoice;
}

/** For each person what the best of the other options loses against the chosen one, after paying. */
function lossesAt({ starts, cents, worths }: OptionRow, { places, price }: BestAtPrice): Float64Array {
	const losses = new Float64Array(places.length);
	places.forEach((place, i) => {
		const gain = place < 0 ? 0 : of(worths, place) - price * of(cents, place);
		let least = place < 0 ? Infinity : gain;
		for (let k = of(starts, i); k < of(starts, i + 1); k += 1)
			if (k !== place) least = Math.min(least, gain - (of(worths, k) - price * of(cents, k)));
		losses[i] = least;
	});
	return losses;
}

/**
 * The highest total worth within a budget, choosing at most one option per person; exact, unless it says otherwise. At the price of money
 * at which the budget is just enough, almost everybody's choice is settled: another one would lose more than can be gained at all. Only
 * the others are searched (see `searchChoices`): first those who lose least by another choice, then several times as many, as long as
 * anyone else could gain. Cost: a few passes over all options, then the searches.
 * @param row for each person, what can be done
 * @param budget whole, 0 or more
 * @param mostStates how long is searched before the search is ended
 */
export function chooseWithinBudget(row: OptionRow, budget: number, mostStates = MOST_STATES): BudgetChoice {
	const money = spendable(row, budget);
	const settled = bestAtPrice(row, priceOfMoney(row, money));
	const losses = lossesAt(row, settled);
	const most = settled.worth + settled.price * (money - settled.cost);
	/** The best choice in which only people who lose no more than this choose otherwise. */
	const searched = (mostLoss: number, states: number): Searched => {
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
		return {
			open,
			found,
			cost: money - left + found.cost,
			worth: fixed + found.worth,
			mostWorth: fixed + found.mostWorth
		};
	};
	const choiceOf = ({ open, found, cost, worth, mostWorth }: Searched): BudgetChoice => {
		const chosen: number[] = [];
		for (let i = 0; i < settled.places.length; i += 1) {
			const place = of(settled.places, i);
			chosen.push(place < 0 ? -1 : place - of(row.starts, i));
		}
		open.forEach((i, k) => (chosen[i] = found.chosen[k] ?? -1));
		return { chosen, cost, worth, mostWorth };
	};
	const leastLosses = losses.slice().sort();
	const lossOf = (people: number) => of(leastLosses, Math.min(people, leastLosses.length) - 1);
	let people = FIRST_PEOPLE;
	const searchedSome = () => searched(lossOf(people), Math.min(mostStates, STATES_EACH * people));
	let best = searchedSome();
	/** Who loses more by another option can't gain anything. */
	const mostLoss = () => most - best.worth - LEAST_GAIN;
	// Each search leaves less to gain for the rest: the last one is of some thousands, where all at once would be everybody.
	while (people * WIDER < leastLosses.length && lossOf(people * WIDER) <= mostLoss()) {
		people *= WIDER;
		const wider = searchedSome();
		if (wider.worth >= best.worth) best = wider;
	}
	// Everybody who could gain anything has been searched to the end.
	if (best.mostWorth === best.worth && of(leastLosses, people) > mostLoss()) return choiceOf(best);
	const all = searched(mostLoss(), mostStates);
	if (all.worth >= best.worth) return choiceOf(all);
	return choiceOf({ ...best, mostWorth: Math.max(best.worth, all.mostWorth) });
}
