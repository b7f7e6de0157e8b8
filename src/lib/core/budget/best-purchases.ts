import type { KeptPurchase } from '../advice';
import type { CheckId } from '../checks';
import { WEIGHT, type PurchaseId } from '../plan';
import { chooseOptions } from './choose-options';

/** Somebody for whom things that are sold would close what their household leaves open. */
export interface InNeed {
	readonly personId: string;
	/** Their worst score, 0 to 10; 0 where they have reported none. */
	readonly worst: number;
	/** What was worked out for their corner, each with the checks it closes. */
	readonly purchases: readonly KeptPurchase[];
}

/** What is bought for somebody. */
export interface Bought {
	readonly personId: string;
	readonly things: readonly PurchaseId[];
	readonly closes: readonly CheckId[];
	/** Whole cents. */
	readonly cents: number;
	readonly worth: number;
}

/** A set of purchases. */
export interface Purchases {
	/** Who gets something, what is worth most first. */
	readonly bought: readonly Bought[];
	readonly cents: number;
	/** Checks that it closes, all together. */
	readonly closes: number;
}

/** What a closed check counts besides its own weight: as much for somebody whom nothing hurts as one point in ten adds for each point. Ours. */
const WORTH_WITHOUT_DISCOMFORT = 10;

/**
 * What closing some checks is worth: the weight that each has in a plan, once for everybody and as much again, by tenths, as it hurts at
 * worst. Whole, above 0 where anything is closed.
 */
export const worthOf = (closes: readonly CheckId[], worst: number): number =>
	closes.reduce((sum, id) => sum + WEIGHT[id] * (WORTH_WITHOUT_DISCOMFORT + worst), 0);

/**
 * What can be bought for somebody, each with its price; nothing that has none. What more firm things from the house would close costs
 * nothing: only what a purchase closes beyond that is worth money.
 */
function offersFor(
	{ personId, worst, purchases }: InNeed,
	prices: ReadonlyMap<PurchaseId, number>
): Bought[] {
	const free = Math.max(
		0,
		...purchases.filter(({ firmMm }) => firmMm !== null).map(({ closes }) => worthOf(closes, worst))
	);
	return purchases.flatMap(({ purchases: things, closes }) => {
		const worth = worthOf(closes, worst) - free;
		const each = things.map((thing) => prices.get(thing) ?? null);
		if (things.length === 0 || worth <= 0 || each.includes(null)) return [];
		const cents = each.reduce<number>((sum, one) => sum + (one ?? 0), 0);
		return cents > 0 ? [{ personId, things, closes, cents, worth }] : [];
	});
}

const total = (bought: readonly Bought[]): Purchases => ({
	bought: [...bought].sort(
		(a, b) => b.worth - a.worth || a.cents - b.cents || a.personId.localeCompare(b.personId)
	),
	cents: bought.reduce((sum, { cents }) => sum + cents, 0),
	closes: bought.reduce((sum, { closes }) => sum + closes.length, 0)
});

/**
 * The purchases that close the most open checks for the money, by their worth ({@link worthOf}); exact, see `chooseOptions`. One
 * purchase, or two together, a person, as was worked out for their corner.
 *
 * @param prices whole cents of one of each, all in one currency; what has no price is not bought
 * @param budgetCents whole cents
 */
export function bestPurchases(
	people: readonly InNeed[],
	prices: ReadonlyMap<PurchaseId, number>,
	budgetCents: number
): Purchases {
	const offers = people.map((person) => offersFor(person, prices));
	const { chosen } = chooseOptions(
		offers.map((list) => list.map(({ cents: cost, worth }) => ({ cost, worth }))),
		budgetCents
	);
	return total(chosen.flatMap((place, i) => offers[i]?.[place] ?? []));
}

/** What all of it would be: for each the purchase worth most, the cheapest of those. */
export function allPurchases(people: readonly InNeed[], prices: ReadonlyMap<PurchaseId, number>): Purchases {
	return total(
		people.flatMap(
			(person) => offersFor(person, prices).sort((a, b) => b.worth - a.worth || a.cents - b.cents)[0] ?? []
		)
	);
}
