import type { KeptPurchase } from '../advice';
import type { CheckId } from '../checks';
import type { PurchaseId } from '../plan';
import { chooseOptions } from './choose-options';

/** Somebody for whom things that are sold would take away what their household leaves wrong. */
export interface InNeed {
	readonly personId: string;
	/** Their worst score, 0 to 10; 0 where they have reported none. */
	readonly worst: number;
	/** What was worked out for their corner, each with the misfit that it takes away. */
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

/** Misfit counts so much for somebody whom nothing hurts, and one more for each point that it hurts. Ours. */
const WORTH_WITHOUT_DISCOMFORT = 10;

/**
 * What taking away some misfit is worth: once for everybody, and as much again, by tenths, as it hurts at worst. Whole.
 *
 * @param savesW misfit, as plans count it
 */
export const worthOf = (savesW: number, worst: number): number => savesW * (WORTH_WITHOUT_DISCOMFORT + worst);

/** What can be bought for somebody, each with its price; nothing that has none. */
function offersFor(
	{ personId, worst, purchases }: InNeed,
	prices: ReadonlyMap<PurchaseId, number>
): Bought[] {
	return purchases.flatMap(({ purchases: things, closes, savesW }) => {
		const worth = worthOf(savesW, worst);
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
 * The purchases that take away the most misfit for the money, by their worth ({@link worthOf}); exact, see `chooseOptions`. One
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
