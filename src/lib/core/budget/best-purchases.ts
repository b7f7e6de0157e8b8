import type { CheckId } from '../checks';
import type { PurchaseId } from '../plan';
import { chooseWithinBudget } from './choose-within-budget';
import type { PurchaseOffer } from './purchase-offers';

/** A person for whom a purchase would close what household items leave open. */
export interface PersonInNeed {
	readonly personId: string;
	/** Their worst discomfort score, 0 to 10; 0 where none was reported. */
	readonly worst: number;
	/** The purchases worked out for their workstation, each with the misfit it removes. */
	readonly offers: readonly PurchaseOffer[];
}

/** What is bought for a person. */
export interface AllocatedPurchase {
	readonly personId: string;
	/** The items they get. */
	readonly things: readonly PurchaseId[];
	/** The items that come from stock and cost nothing. */
	readonly fromStock: readonly PurchaseId[];
	readonly closes: readonly CheckId[];
	/** Cost, whole cents. */
	readonly cents: number;
	readonly worth: number;
}

/**
 * Whether no other set of purchases is worth more: `best`; or it may not be so, where some of the stock is left over, or where so many
 * purchases are worth the same for their cost that the search was ended.
 */
export type SelectionProof = 'best' | 'stock-left' | 'search-ended';

/** A set of purchases. */
export interface PurchaseSelection {
	/** Who gets something, the most valuable first. */
	readonly bought: readonly AllocatedPurchase[];
	readonly cents: number;
	/** Number of checks closed in total. */
	readonly closes: number;
	/** People who get nothing although the same items would help them as much as someone who gets them. */
	readonly tied: readonly string[];
	/** How it is known that no other set is worth more, or why it isn't. */
	readonly proof: SelectionProof;
	/** Somebody else whose purchases are all worth less than this for a cent could not be part of a better set. */
	readonly leastPerCent: number;
	/** By what share another set could be worth more at most, where the search was ended; 0 otherwise. */
	readonly mostMissed: number;
}

/** How many of each item are in stock. */
export type Stock = ReadonlyMap<PurchaseId, number>;

/** Weight of misfit for someone without discomfort; each point of discomfort adds one. Our assumption. */
export const WORTH_WITHOUT_DISCOMFORT = 10;

/**
 * The worth of removing misfit: its weight, plus a tenth for each point of the worst discomfort. A whole number.
 * @param savesW misfit, as plans count it
 */
export const purchaseWorth = (savesW: number, worst: number): number =>
	savesW * (WORTH_WITHOUT_DISCOMFORT + worst);

/** What can be bought for a person, each option at its full price; without items that have no price. */
function pricedOffers(
	{ personId, worst, offers }: PersonInNeed,
	prices: ReadonlyMap<PurchaseId, number>
): AllocatedPurchase[] {
	return offers.flatMap(({ things, closes, savesW }) => {
		const worth = purchaseWorth(savesW, worst);
		const each = things.map((thing) => prices.get(thing) ?? null);
		if (worth <= 0 || each.includes(null)) return [];
		const cents = each.reduce<number>((sum, one) => sum + (one ?? 0), 0);
		return cents > 0 ? [{ personId, things, fromStock: [], closes, cents, worth }] : [];
	});
}

// Identifiers are compared as they are: the rules of a language take ten times as long, and there may be a hundred thousand.
const byId = (a: string, b: string) => Number(a > b) - Number(a < b);

const byWorth = (a: AllocatedPurchase, b: AllocatedPurchase) =>
	b.worth - a.worth || a.cents - b.cents || byId(a.personId, b.personId);

const counted = (bought: readonly AllocatedPurchase[], thing: PurchaseId) =>
	bought.filter(({ things }) => things.includes(thing)).length;

/** Hands out the stock, most valuable use first: items from stock cost nothing. */
function withStock(
	bought: readonly AllocatedPurchase[],
	prices: ReadonlyMap<PurchaseId, number>,
	stock: Stock
): AllocatedPurchase[] {
	if (stock.size === 0) return [...bought];
	const left = new Map(stock);
	return [...bought].sort(byWorth).map((one) => {
		const fromStock = one.things.filter((thing) => (left.get(thing) ?? 0) > 0);
		for (const thing of fromStock) left.set(thing, (left.get(thing) ?? 0) - 1);
		const free = fromStock.reduce((sum, thing) => sum + (prices.get(thing) ?? 0), 0);
		return { ...one, fromStock, cents: one.cents - free };
	});
}

/** Alike for purchases of the same items that are worth the same. */
const gainKey = ({ worth, things }: AllocatedPurchase) => `${worth} ${things.join(' ')}`;

function total(
	bought: readonly AllocatedPurchase[],
	offers: readonly (readonly AllocatedPurchase[])[],
	proof: Pick<PurchaseSelection, 'proof' | 'mostMissed' | 'leastPerCent'>
): PurchaseSelection {
	const served = new Set(bought.map(({ personId }) => personId));
	const gains = new Set(bought.map(gainKey));
	// Compared first: most are worth something else, and a number is quick.
	const worths = new Set(bought.map(({ worth }) => worth));
	return {
		bought: [...bought].sort(byWorth),
		cents: bought.reduce((sum, { cents }) => sum + cents, 0),
		closes: bought.reduce((sum, { closes }) => sum + closes.length, 0),
		tied: offers.flatMap((list) => {
			const other = list.find((one) => worths.has(one.worth) && gains.has(gainKey(one)));
			return other && !served.has(other.personId) ? [other.personId] : [];
		}),
		...proof
	};
}

/** What is left in stock goes to people who get nothing yet and need nothing more: it is free, so none of it is left lying. */
function useLeftovers(
	bought: readonly AllocatedPurchase[],
	offers: readonly (readonly AllocatedPurchase[])[],
	stock: Stock
): AllocatedPurchase[] {
	const left = new Map([...stock].map(([thing, n]) => [thing, n - counted(bought, thing)]));
	if ([...left.values()].every((n) => n <= 0)) return [...bought];
	const served = new Set(bought.map(({ personId }) => personId));
	const more: AllocatedPurchase[] = [];
	for (const one of offers.flat().sort(byWorth)) {
		if (served.has(one.personId) || one.things.some((thing) => (left.get(thing) ?? 0) <= 0)) continue;
		for (const thing of one.things) left.set(thing, (left.get(thing) ?? 0) - 1);
		served.add(one.personId);
		more.push(one);
	}
	return [...bought, ...more];
}

/**
 * Prepares the choice of purchases that remove the most misfit for the money, by {@link purchaseWorth}: one purchase per person, or two
 * together, as worked out for their workstation. Stock is free. Counting the stock's value as money, the choice is exact (see
 * `chooseWithinBudget`), and proven optimal if all of the stock is used. If some is left over, only what is used counts, repeated until the
 * money is enough; the result may then not be optimal, and says so.
 * @param prices whole cents for one of each, all in one currency; what has no price is not bought
 * @param stock what is in stock
 * @returns the choice for some money, whole cents
 */
export function purchasesWithin(
	people: readonly PersonInNeed[],
	prices: ReadonlyMap<PurchaseId, number>,
	stock: Stock = new Map()
): (budgetCents: number) => PurchaseSelection {
	const offers = people.map((person) => pricedOffers(person, prices));
	const choose = (budgetCents: number, used: Stock) => {
		const inStock = [...used].reduce((sum, [thing, n]) => sum + n * (prices.get(thing) ?? 0), 0);
		const { chosen, ...found } = chooseWithinBudget(offers, budgetCents + inStock);
		return { bought: chosen.flatMap((place, i) => offers[i]?.[place] ?? []), ...found };
	};
	const leastCents = Math.max(1, Math.min(...prices.values()));
	return (budgetCents) => {
		let used: Stock = stock;
		const { bought: first, worth: most, mostWorth, price, mostLoss } = choose(budgetCents, used);
		let bought = first;
		// Fewer are counted each time, so the loop ends.
		for (let isEnough = false; !isEnough;) {
			const now = new Map([...used].map(([thing, n]) => [thing, Math.min(n, counted(bought, thing))]));
			isEnough = [...used].every(([thing, n]) => (now.get(thing) ?? 0) >= n || !prices.has(thing));
			if (!isEnough) ({ bought } = choose(budgetCents, (used = now)));
		}
		const all = useLeftovers(bought, offers, stock);
		const worth = all.reduce((sum, one) => sum + one.worth, 0);
		const isEnded = mostWorth > most;
		return total(withStock(all, prices, stock), offers, {
			proof: worth >= mostWorth ? 'best' : isEnded ? 'search-ended' : 'stock-left',
			mostMissed: isEnded && worth < mostWorth ? (mostWorth - worth) / Math.max(1, worth) : 0,
			// What is left in stock would help anybody.
			leastPerCent: used === stock ? Math.max(0, price - mostLoss / leastCents) : 0
		});
	};
}

/** What that much more money would do: who would get something and gets nothing now. */
export function helpedByLargerBudget(now: PurchaseSelection, more: PurchaseSelection): string[] {
	const served = new Set(now.bought.map(({ personId }) => personId));
	return more.bought.map(({ personId }) => personId).filter((id) => !served.has(id));
}
