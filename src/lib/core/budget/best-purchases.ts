import type { PurchaseSummary } from '../advice';
import type { CheckId } from '../checks';
import type { PurchaseId } from '../plan';
import { chooseWithinBudget } from './choose-within-budget';

/** A person for whom a purchase would close what household items leave open. */
export interface PersonInNeed {
	readonly personId: string;
	/** Their worst discomfort score, 0 to 10; 0 where none was reported. */
	readonly worst: number;
	/** The purchases worked out for their workstation, each with the misfit it removes. */
	readonly purchases: readonly PurchaseSummary[];
	/** What lies unused at home already, so that nobody buys it again. */
	readonly own?: readonly PurchaseId[];
}

/** What is bought for a person. */
export interface AllocatedPurchase {
	readonly personId: string;
	/** The items they get, without what lies at home already. */
	readonly things: readonly PurchaseId[];
	/** The items that come from stock and cost nothing. */
	readonly fromStock: readonly PurchaseId[];
	readonly closes: readonly CheckId[];
	/** How far each check is off with the best household plan, and with the purchase, mm. */
	readonly changes: PurchaseSummary['changes'];
	/** Cost, whole cents. */
	readonly cents: number;
	readonly worth: number;
}

/** A set of purchases. */
export interface PurchaseSelection {
	/** Who gets something, the most valuable first. */
	readonly bought: readonly AllocatedPurchase[];
	readonly cents: number;
	/** Number of checks closed in total. */
	readonly closes: number;
	/** People who get nothing although the same items would help them as much as someone who gets them. */
	readonly tied: readonly string[];
	/** Whether it is proven that no other set is worth more. It may not be where some of the stock is left over. */
	readonly isProven: boolean;
}

/** How many of each item are in stock. */
export type Stock = ReadonlyMap<PurchaseId, number>;

/** Weight of misfit for someone without discomfort; each point of discomfort adds one. Our assumption. */
const WORTH_WITHOUT_DISCOMFORT = 10;

/**
 * The worth of removing misfit: its weight, plus a tenth for each point of the worst discomfort. A whole number.
 * @param savesW misfit, as plans count it
 */
export const purchaseWorth = (savesW: number, worst: number): number =>
	savesW * (WORTH_WITHOUT_DISCOMFORT + worst);

/** What can be bought for a person, each option at its full price; without items that have no price or lie at home already. */
function offersFor(
	{ personId, worst, purchases, own = [] }: PersonInNeed,
	prices: ReadonlyMap<PurchaseId, number>
): AllocatedPurchase[] {
	return purchases.flatMap(({ purchases: all, closes, changes, savesW }) => {
		const things = all.filter((thing) => !own.includes(thing));
		const worth = purchaseWorth(savesW, worst);
		const each = things.map((thing) => prices.get(thing) ?? null);
		if (things.length === 0 || worth <= 0 || each.includes(null)) return [];
		const cents = each.reduce<number>((sum, one) => sum + (one ?? 0), 0);
		return cents > 0 ? [{ personId, things, fromStock: [], closes, changes, cents, worth }] : [];
	});
}

const byWorth = (a: AllocatedPurchase, b: AllocatedPurchase) =>
	b.worth - a.worth || a.cents - b.cents || a.personId.localeCompare(b.personId);

const counted = (bought: readonly AllocatedPurchase[], thing: PurchaseId) =>
	bought.filter(({ things }) => things.includes(thing)).length;

/** Hands out the stock, most valuable use first: items from stock cost nothing. */
function withStock(
	bought: readonly AllocatedPurchase[],
	prices: ReadonlyMap<PurchaseId, number>,
	stock: Stock
): AllocatedPurchase[] {
	const left = new Map(stock);
	return [...bought].sort(byWorth).map((one) => {
		const fromStock = one.things.filter((thing) => (left.get(thing) ?? 0) > 0);
		for (const thing of fromStock) left.set(thing, (left.get(thing) ?? 0) - 1);
		const free = fromStock.reduce((sum, thing) => sum + (prices.get(thing) ?? 0), 0);
		return { ...one, fromStock, cents: one.cents - free };
	});
}

const sameThings = (a: AllocatedPurchase, b: AllocatedPurchase) =>
	a.worth === b.worth && String(a.things) === String(b.things);

function total(
	bought: readonly AllocatedPurchase[],
	offers: readonly (readonly AllocatedPurchase[])[],
	isProven: boolean
): PurchaseSelection {
	const served = new Set(bought.map(({ personId }) => personId));
	return {
		bought: [...bought].sort(byWorth),
		cents: bought.reduce((sum, { cents }) => sum + cents, 0),
		closes: bought.reduce((sum, { closes }) => sum + closes.length, 0),
		tied: offers.flatMap((list) => {
			const other = list.find((one) => bought.some((chosen) => sameThings(one, chosen)));
			return other && !served.has(other.personId) ? [other.personId] : [];
		}),
		isProven
	};
}

/** What is left in stock goes to people who get nothing yet and need nothing more: it is free, so none of it is left lying. */
function useLeftovers(
	bought: readonly AllocatedPurchase[],
	offers: readonly (readonly AllocatedPurchase[])[],
	stock: Stock
): AllocatedPurchase[] {
	const left = new Map([...stock].map(([thing, n]) => [thing, n - counted(bought, thing)]));
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
 * The purchases that remove the most misfit for the money, by {@link purchaseWorth}: one purchase per person, or two together, as worked
 * out for their workstation. Stock is free. Counting the stock's value as money, the choice is exact (see `chooseWithinBudget`), and proven
 * optimal if all of the stock is used. If some is left over, only what is used counts, repeated until the money is enough; the result may
 * then not be optimal, and says so.
 * @param prices whole cents for one of each, all in one currency; what has no price is not bought
 * @param budgetCents whole cents
 * @param stock what is in stock
 */
export function bestPurchases(
	people: readonly PersonInNeed[],
	prices: ReadonlyMap<PurchaseId, number>,
	budgetCents: number,
	stock: Stock = new Map()
): PurchaseSelection {
	const offers = people.map((person) => offersFor(person, prices));
	const options = offers.map((list) => list.map(({ cents: cost, worth }) => ({ cost, worth })));
	const choose = (used: Stock): AllocatedPurchase[] => {
		const inStock = [...used].reduce((sum, [thing, n]) => sum + n * (prices.get(thing) ?? 0), 0);
		return chooseWithinBudget(options, budgetCents + inStock).chosen.flatMap(
			(place, i) => offers[i]?.[place] ?? []
		);
	};
	let used: Stock = stock;
	let bought = choose(used);
	const most = bought.reduce((sum, { worth }) => sum + worth, 0);
	// Fewer are counted each time, so the loop ends.
	for (let isEnough = false; !isEnough;) {
		const now = new Map([...used].map(([thing, n]) => [thing, Math.min(n, counted(bought, thing))]));
		isEnough = [...used].every(([thing, n]) => (now.get(thing) ?? 0) >= n || !prices.has(thing));
		if (!isEnough) bought = choose((used = now));
	}
	const all = useLeftovers(bought, offers, stock);
	const worth = all.reduce((sum, one) => sum + one.worth, 0);
	return total(withStock(all, prices, stock), offers, worth >= most);
}

/** The selection without a budget limit: for each person the most valuable purchase, and the cheapest of those. */
export function unlimitedPurchases(
	people: readonly PersonInNeed[],
	prices: ReadonlyMap<PurchaseId, number>,
	stock: Stock = new Map()
): PurchaseSelection {
	const best = people.flatMap((person) => [...offersFor(person, prices)].sort(byWorth)[0] ?? []);
	return total(withStock(best, prices, stock), [], true);
}

/** What that much more money would do: who would get something and gets nothing now. */
export function helpedByLargerBudget(now: PurchaseSelection, more: PurchaseSelection): string[] {
	const served = new Set(now.bought.map(({ personId }) => personId));
	return more.bought.map(({ personId }) => personId).filter((id) => !served.has(id));
}
