import { describe, expect, it } from 'vitest';
import type { PurchaseSummary } from '../advice/advise-corner';
import type { CheckId } from '../../workstation/checks/check-values';
import { CHECK_WEIGHTS } from '../weights';
import type { PurchaseId } from '../purchases';
import { helpedByLargerBudget, purchaseChoices, purchaseWorth, type Stock } from './best-purchases';
import { purchaseOffers } from './purchase-offers';
import { chooseWithinBudget } from './choose-within-budget';
import { rowOf } from './option-row';
import { priceOfMoney } from './price-of-money';
import { readNeeds, writeOffers, type PersonInNeed } from './needs';
import type { PricedOption } from './search-choices';

const NOBODY = { waiting: new Set<string>(), declined: new Map<string, string[]>() };

/** People as the database writes them, and as they are read again. */
const linesOf = (people: readonly PersonInNeed[]) =>
	people.map(({ personId, worst, offers }) => `${personId} ${worst} ${writeOffers(offers)}`);
const needsOf = (people: readonly PersonInNeed[]) => readNeeds(linesOf(people).join('\n'), NOBODY).needs;

/** The best purchases for one budget. */
const bestPurchases = (
	people: readonly PersonInNeed[],
	prices: ReadonlyMap<PurchaseId, number>,
	cents: number,
	stock?: Stock
) => purchaseChoices(needsOf(people), prices, stock).within(cents);

/** Whole numbers below a bound, the same at each run. */
function numbers(seed: number) {
	let state = seed * 7919 + 1;
	return (below: number) => {
		state = (state * 48271) % 2147483647;
		return state % below;
	};
}

/** The best worth by trying every way. */
function byTrying(options: readonly (readonly PricedOption[])[], budget: number): number {
	const [first, ...rest] = options;
	if (!first) return 0;
	return Math.max(
		byTrying(rest, budget),
		...first
			.filter(({ cents }) => cents <= budget)
			.map(({ cents, worth }) => worth + byTrying(rest, budget - cents))
	);
}

/** The best worth for every budget, unit by unit: the textbook's table, right by construction and slow. */
function byTable(options: readonly (readonly PricedOption[])[], budget: number): number {
	let best = new Float64Array(budget + 1);
	for (const line of options) {
		const next = Float64Array.from(best);
		for (const { cents, worth } of line)
			for (let money = cents; money <= budget; money += 1)
				next[money] = Math.max(next[money] ?? 0, (best[money - cents] ?? 0) + worth);
		best = next;
	}
	return best[budget] ?? 0;
}

const randomOptions = (
	n: number,
	next: (below: number) => number,
	costs: number,
	step = 1
): PricedOption[][] =>
	Array.from({ length: n }, () =>
		Array.from({ length: next(4) }, () => ({ cents: step * (1 + next(costs)), worth: 1 + next(40) }))
	);

const worthIn = (options: readonly (readonly PricedOption[])[], chosen: readonly number[]) =>
	chosen.reduce((sum, place, i) => sum + (options[i]?.[place]?.worth ?? 0), 0);
const costIn = (options: readonly (readonly PricedOption[])[], chosen: readonly number[]) =>
	chosen.reduce((sum, place, i) => sum + (options[i]?.[place]?.cents ?? 0), 0);

describe('the best choice for the money', () => {
	it('is as good as the best of all ways, over 600 small cases', () => {
		for (let seed = 1; seed <= 600; seed += 1) {
			const next = numbers(seed);
			const options = randomOptions(1 + next(7), next, 30);
			const budget = next(90);
			const choice = chooseWithinBudget(rowOf(options), budget);
			expect(choice.worth, `seed ${seed}`).toBe(byTrying(options, budget));
			expect(worthIn(options, choice.chosen)).toBe(choice.worth);
			expect(costIn(options, choice.chosen)).toBe(choice.cost);
			expect(choice.cost).toBeLessThanOrEqual(budget);
		}
	});

	it('is as good as the textbook’s table, over 60 of 150 people, with equal ones among them and prices in steps', () => {
		for (let seed = 1; seed <= 60; seed += 1) {
			const next = numbers(seed + 5000);
			const some = randomOptions(50, next, 40, seed % 2 === 0 ? 5 : 1);
			const options = [...some, ...some, ...randomOptions(50, next, 40)];
			const budget = 20 + next(900);
			const choice = chooseWithinBudget(rowOf(options), budget);
			expect(choice.worth, `seed ${seed}`).toBe(byTable(options, budget));
			expect(costIn(options, choice.chosen)).toBeLessThanOrEqual(budget);
		}
	});

	it('beats taking what is worth most for its money first', () => {
		const options = [[{ cents: 6, worth: 7 }], [{ cents: 5, worth: 5 }], [{ cents: 5, worth: 5 }]];
		expect(chooseWithinBudget(rowOf(options), 10)).toMatchObject({
			chosen: [-1, 0, 0],
			cost: 10,
			worth: 10,
			mostWorth: 10
		});
	});

	it('takes nothing for no money, and for nobody', () => {
		expect(chooseWithinBudget(rowOf([[{ cents: 1, worth: 1 }]]), 0)).toMatchObject({
			chosen: [-1],
			cost: 0,
			worth: 0,
			mostWorth: 0
		});
		expect(chooseWithinBudget(rowOf([]), 10)).toMatchObject({ chosen: [], cost: 0, worth: 0, mostWorth: 0 });
		expect(chooseWithinBudget(rowOf([[]]), 10).chosen).toEqual([-1]);
	});
});

describe('a choice among very many', () => {
	/** One option each at the same cost: who is worth most gets theirs, so that the best choice is known. */
	const PEOPLE = 30_000;
	const BUYS = 1200;
	/** Two spreads: what every fiftieth person is worth says what all are worth, or nothing about it. */
	const worths = {
		alike: Array.from({ length: PEOPLE }, (_, i) => ((i * 7919) % PEOPLE) + 1),
		misleading: Array.from({ length: PEOPLE }, (_, i) => (i % 50 === 0 ? 1 : ((i * 7919) % PEOPLE) + 1))
	};

	it.each(['alike', 'misleading'] as const)('is the known best where a few are %s', (spread) => {
		const row = rowOf(worths[spread].map((worth) => [{ cents: 10, worth }]));
		const choice = chooseWithinBudget(row, 10 * BUYS + 9);
		const first = [...worths[spread]].sort((a, b) => b - a).slice(0, BUYS);
		expect(choice.worth).toBe(first.reduce((sum, worth) => sum + worth, 0));
		expect(choice.mostWorth).toBe(choice.worth);
		expect(choice.cost).toBe(10 * BUYS);
	});

	it.each(['alike', 'misleading'] as const)(
		'has the price at which the money is just enough where a few are %s',
		(spread) => {
			const row = rowOf(worths[spread].map((worth) => [{ cents: 10, worth }]));
			const price = priceOfMoney(row, 10 * BUYS);
			const bought = (at: number) => worths[spread].filter((worth) => worth > 10 * at).length;
			expect(bought(price)).toBeLessThanOrEqual(BUYS);
			expect(bought(price * 0.999)).toBeGreaterThan(BUYS);
		}
	);

	it('needs no price where there is money for everybody', () => {
		const row = rowOf(worths.alike.map((worth) => [{ cents: 10, worth }]));
		expect(priceOfMoney(row, 10 * PEOPLE)).toBe(0);
	});
});

describe('the best purchases', () => {
	const prices = new Map<PurchaseId, number>([
		['footrest', 2900],
		['keyboard-and-mouse', 4500],
		['monitor', 18_000]
	]);
	/** A purchase that takes away so much of the misfit as the checks that it closes count. */
	const closing = (purchases: PurchaseId[], closes: CheckId[]): PurchaseSummary => ({
		purchases,
		closes,
		changes: closes.map((id) => ({ id, from: 30, to: 0 })),
		savesW: closes.reduce((sum, id) => sum + CHECK_WEIGHTS[id] * 100, 0),
		open: []
	});
	const person = (personId: string, worst: number, ...purchases: PurchaseSummary[]): PersonInNeed => ({
		personId,
		worst,
		offers: purchaseOffers(purchases, [])
	});

	it('go first to whom it hurts where the money is for one only', () => {
		const people = [
			person('calm', 0, closing(['footrest'], ['knee'])),
			person('sore', 7, closing(['footrest'], ['knee']))
		];
		const { bought, cents, closes } = bestPurchases(people, prices, 3000);
		expect(bought.map(({ personId }) => personId)).toEqual(['sore']);
		expect({ cents, closes }).toEqual({ cents: 2900, closes: 1 });
	});

	it('leave out what has no price, and what takes nothing away', () => {
		const people = [person('a', 5, closing(['chair'], ['knee'])), person('b', 5, closing(['footrest'], []))];
		expect(bestPurchases(people, prices, 1_000_000).bought).toEqual([]);
	});

	it('never buy two sets for one person, and with money enough are what all of it would be', () => {
		const people = [
			person(
				'a',
				3,
				closing(['footrest'], ['knee']),
				closing(['footrest', 'keyboard-and-mouse'], ['knee', 'elbow'])
			),
			person('b', 9, closing(['monitor'], ['eye']))
		];
		const all = bestPurchases(people, prices, 1_000_000);
		const again = bestPurchases(people, prices, all.cents);
		expect(again).toMatchObject({ bought: all.bought, proof: 'best' });
		expect(again.tied()).toEqual([]);
		expect(all).toMatchObject({ cents: 2900 + 4500 + 18_000, closes: 3 });
	});

	it('take what is in stock for nothing, and leave none of it lying that would help', () => {
		const people = ['a', 'b', 'c'].map((id, i) => person(id, i, closing(['footrest'], ['knee'])));
		const two = bestPurchases(people, prices, 0, new Map([['footrest', 2]]));
		expect(two.bought.map(({ personId, cents, fromStock }) => [personId, cents, fromStock])).toEqual([
			['c', 0, ['footrest']],
			['b', 0, ['footrest']]
		]);
		expect(two).toMatchObject({ cents: 0, proof: 'best' });
		const all = bestPurchases(people, prices, 2900, new Map([['footrest', 2]]));
		expect(all).toMatchObject({ cents: 2900, closes: 3, proof: 'best' });
		// More in stock than anybody needs is no money for something else.
		const others = [...people, person('d', 9, closing(['monitor'], ['eye']))];
		const many = bestPurchases(others, prices, 100, new Map([['footrest', 50]]));
		expect(many.bought.map(({ personId }) => personId)).toEqual(['c', 'b', 'a']);
		expect(many.cents).toBe(0);
	});

	it('are with stock as good as the best of all ways, over 300 small cases where it is said to be proven', () => {
		let proven = 0;
		for (let seed = 1; seed <= 300; seed += 1) {
			const next = numbers(seed + 900);
			const sets: PurchaseId[][] = [['footrest'], ['keyboard-and-mouse'], ['footrest', 'keyboard-and-mouse']];
			const people = Array.from({ length: 2 + next(4) }, (_, i) =>
				person(
					`p${i}`,
					next(9),
					...sets
						.filter(() => next(3) > 0)
						.map((set) => ({ ...closing(set, ['knee']), savesW: 300 + next(900) }))
				)
			);
			const stock = new Map<PurchaseId, number>([
				['footrest', next(3)],
				['keyboard-and-mouse', next(3)]
			]);
			const budget = next(12_000);
			const costOf = (chosen: readonly PurchaseId[][]) =>
				[...prices].reduce((sum, [thing, each]) => {
					const n = chosen.filter((set) => set.includes(thing)).length;
					return sum + Math.max(0, n - (stock.get(thing) ?? 0)) * each;
				}, 0);
			const best = (i: number, chosen: PurchaseId[][], worth: number): number => {
				const one = people[i];
				if (!one) return costOf(chosen) <= budget ? worth : 0;
				return Math.max(
					best(i + 1, chosen, worth),
					...one.offers.map(({ things, savesW }) =>
						best(i + 1, [...chosen, [...things]], worth + purchaseWorth(savesW, one.worst))
					)
				);
			};
			const found = bestPurchases(people, prices, budget, stock);
			const worth = found.bought.reduce((sum, one) => sum + one.worth, 0);
			expect(found.cents).toBeLessThanOrEqual(budget);
			expect(found.cents).toBe(costOf(found.bought.map(({ things }) => [...things])));
			expect(worth).toBeLessThanOrEqual(best(0, [], 0));
			if (found.proof === 'best') {
				expect(worth, `seed ${seed}`).toBe(best(0, [], 0));
				proven += 1;
			}
		}
		expect(proven).toBeGreaterThan(200);
	});

	it('buy nothing that lies at home, and the rest of a pair alone', () => {
		const own: PurchaseId[] = ['keyboard-and-mouse'];
		const people: PersonInNeed[] = [
			{ personId: 'a', worst: 1, offers: purchaseOffers([closing(['keyboard-and-mouse'], ['elbow'])], own) },
			{
				personId: 'b',
				worst: 1,
				offers: purchaseOffers([closing(['footrest', 'keyboard-and-mouse'], ['knee', 'elbow'])], own)
			}
		];
		expect(people[0]?.offers).toEqual([]);
		const { bought, cents } = bestPurchases(people, prices, 100_000);
		expect(bought.map(({ personId, things }) => [personId, things])).toEqual([['b', ['footrest']]]);
		expect(cents).toBe(2900);
	});

	it('name who would gain as much, and who is next', () => {
		const alike = ['a', 'b', 'c'].map((id) => person(id, 3, closing(['footrest'], ['knee'])));
		const people = [...alike, person('d', 0, closing(['footrest'], ['knee']))];
		const now = bestPurchases(people, prices, 3000);
		expect(now.bought).toHaveLength(1);
		expect(now.tied()).toHaveLength(2);
		expect(now.tied()).not.toContain('d');
		expect(helpedByLargerBudget(now, bestPurchases(people, prices, 3000 + 6000))).toHaveLength(2);
	});

	it('are the same of needs as they are stored, without who waits and what was declined', () => {
		const next = numbers(31);
		for (let time = 0; time < 40; time += 1) {
			const people = Array.from({ length: 30 }, (_, i) =>
				person(
					`p${i}`,
					next(11),
					...(['footrest', 'monitor'] as const)
						.filter(() => next(3) > 0)
						.map((thing) => ({
							...closing([thing], ['knee', 'eye'].slice(next(2)) as CheckId[]),
							savesW: 1 + next(900)
						}))
				)
			);
			const lines = linesOf(people.filter(({ offers }) => offers.length > 0));
			const waiting = new Set(people.slice(0, 5).map(({ personId }) => personId));
			const declined = new Map(people.slice(5, 10).map(({ personId }) => [personId, ['monitor']] as const));
			const read = readNeeds(lines.reverse().join('\n'), { waiting, declined });
			const inNeed = people.slice(5).map(({ offers, ...one }) => ({
				...one,
				offers: declined.has(one.personId)
					? offers.filter(({ things }) => !things.includes('monitor'))
					: offers
			}));
			expect(read.waiting).toBe(people.slice(0, 5).filter(({ offers }) => offers.length > 0).length);
			const budget = next(200_000);
			const [stored, given] = [purchaseChoices(read.needs, prices), purchaseChoices(needsOf(inNeed), prices)];
			expect(stored.within(budget).cents).toBe(given.within(budget).cents);
			expect(stored.within(budget).closes).toBe(given.within(budget).closes);
			expect(stored.unlimited()).toEqual(given.unlimited());
		}
		expect(readNeeds('', NOBODY).needs.personIds).toEqual([]);
	});

	it('go to the same people whatever order they come in, and every tie is found among 4,000', () => {
		const next = numbers(77);
		const people = Array.from({ length: 4000 }, (_, i) =>
			person(`p${String(i).padStart(4, '0')}`, next(11), {
				...closing(next(2) === 0 ? ['footrest'] : ['monitor'], ['knee']),
				savesW: 300 + 100 * next(4)
			})
		);
		const now = bestPurchases(people, prices, 9_000_000);
		const served = new Map(now.bought.map((one) => [one.personId, one]));
		const alike = people.filter(
			({ personId, worst, offers }) =>
				!served.has(personId) &&
				now.bought.some(
					({ things, worth }) =>
						String(things) === String(offers[0]?.things) &&
						worth === purchaseWorth(offers[0]?.savesW ?? 0, worst)
				)
		);
		expect(alike.length).toBeGreaterThan(0);
		expect([...now.tied()].sort()).toEqual(alike.map(({ personId }) => personId).sort());
		const turned = bestPurchases([...people].reverse(), prices, 9_000_000);
		expect({ ...turned, bought: turned.bought.length, tied: turned.tied().length }).toMatchObject({
			...now,
			bought: now.bought.length,
			tied: now.tied().length
		});
	});

	it('count misfit, and more of it for each point that hurts', () => {
		expect(purchaseWorth(500, 0)).toBeGreaterThan(0);
		expect(purchaseWorth(800, 4)).toBe(purchaseWorth(500, 4) + purchaseWorth(300, 4));
		expect(purchaseWorth(300, 10)).toBe(2 * purchaseWorth(300, 0));
	});
});
