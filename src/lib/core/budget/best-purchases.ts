import type { PurchaseSummary } from '../advice';
import type { CheckId } from '../checks';
import type { PurchaseId } from '../plan';
import { chooseWithinBudget } from './choose-within-budget';

/** Someone for whom things that are sold would take away what their household leaves wrong. */
export interface PersonInNeed {
	readonly personId: string;
	/** Their worst score, 0 to 10; 0 where they have reported none. */
	readonly worst: number;
	/** What was worked out for their corner, each with the misfit that it takes away. */
	readonly purchases: readonly PurchaseSummary[];
	/** What lies at home already, unused: nobody buys it again. */
	readonly own?: readonly PurchaseId[];
}

/** What is got for someone. */
export interface AllocatedPurchase {
	readonly personId: string;
	/** What they get; what lies at home already is left out. */
	readonly things: readonly PurchaseId[];
	/** Those of the things that come from stock, and cost nothing. */
	readonly fromStock: readonly PurchaseId[];
	readonly closes: readonly CheckId[];
	/** How far each check is off at the home's best, and with it, mm. */
	readonly changes: PurchaseSummary['changes'];
	/** Whole cents that are spent for them. */
	readonly cents: number;
	readonly worth: number;
}

/** A set of purchases. */
export interface PurchaseSelection {
	/** Who gets something, what is worth most first. */
	readonly bought: readonly AllocatedPurchase[];
	readonly cents: number;
	/** Checks that it closes, all together. */
	readonly closes: number;
	/** People who get nothing, though the same things would take as much away for them as for someone who gets them. */
	readonly tied: readonly string[];
	/** Whether it is proven that no other set is worth more; it may not be where some of the stock is left over. */
	readonly isProven: boolean;
}

/** How many of each thing there are in stock. */
export type Stock = ReadonlyMap<PurchaseId, number>;

/** Misfit counts so much for someone whom nothing hurts, and one more for each point that it hurts. Our assumption. */
const WORTH_WITHOUT_DISCOMFORT = 10;

/**
 * What taking away some misfit is worth: once for everybody, and as much again, by tenths, as it hurts at worst. Whole.
 *
 * @param savesW misfit, as plans count it
 */
export const purchaseWorth = (savesW: number, worst: number): number =>
	savesW * (WORTH_WITHOUT_DISCOMFORT + worst);

/** What can be got for someone, each at its full price; nothing that has none, nothing that lies at home already. */
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

/** Hands out the stock, to whom it is worth most first: what comes from there costs nothing. */
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

/** What is left in stock, for those who get nothing yet and need nothing else: it costs nothing, so none of it is left lying. */
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
 * The purchases that take away the most misfit for the money, by their worth ({@link purchaseWorth}). One purchase, or two together, a person, as was
 * worked out for their corner. What is in stock is free. With all of the stock counted as money the best choice is exact (see `chooseWithinBudget`), and
 * proven where it uses all of it; where some is left over, only what is used is counted, until the money is enough: then it may not be the best of all,
 * and says so.
 *
 * @param prices whole cents of one of each, all in one currency; what has no price is not bought
 * @param budgetCents whole cents
 * @param stock what is there already
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
	// Fewer are counted each time, so it ends.
	for (let isEnough = false; !isEnough;) {
		const now = new Map([...used].map(([thing, n]) => [thing, Math.min(n, counted(bought, thing))]));
		isEnough = [...used].every(([thing, n]) => (now.get(thing) ?? 0) >= n || !prices.has(thing));
		if (!isEnough) bought = choose((used = now));
	}
	const all = useLeftovers(bought, offers, stock);
	const worth = all.reduce((sum, one) => sum + one.worth, 0);
	return total(withStock(all, prices, stock), offers, worth >= most);
}

/** What all of it would be: for each the purchase worth most, the cheapest of those. */
export function unlimitedPurchases(
	people: readonly PersonInNeed[],
	prices: ReadonlyMap<PurchaseId, number>,
	stock: Stock = new Map()
): PurchaseSelection {
	const best = people.flatMap((person) => [...offersFor(person, prices)].sort(byWorth)[0] ?? []);
	return total(withStock(best, prices, stock), [], true);
}

/** What so much more money would do: who would get something that gets nothing now. */
export function helpedByLargerBudget(now: PurchaseSelection, more: PurchaseSelection): string[] {
	const served = new Set(now.bought.map(({ personId }) => personId));
	return more.bought.map(({ personId }) => personId).filter((id) => !served.has(id));
}
