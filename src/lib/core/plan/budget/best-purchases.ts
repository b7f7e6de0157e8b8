import type { CheckId } from '../../workstation/checks/check-values';
import type { PurchaseId } from '../purchases';
import { chooseWithinBudget } from './choose-within-budget';
import type { Needs } from './needs';
import type { OptionRow } from './option-row';

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

/** Purchases in numbers. */
export interface PurchaseSums {
	/** Cost, whole cents. */
	readonly cents: number;
	/** Number of checks closed in total. */
	readonly closes: number;
	/** Number of people who get something. */
	readonly people: number;
}

/** A set of purchases. */
export interface PurchaseSelection {
	/** Who gets something, the most valuable first. */
	readonly bought: readonly AllocatedPurchase[];
	readonly cents: number;
	/** Number of checks closed in total. */
	readonly closes: number;
	/**
	 * People who get nothing although the same items would help them as much as someone who gets them. Cost: a pass over all options, when it
	 * is asked.
	 */
	readonly tied: () => readonly string[];
	/** How it is known that no other set is worth more, or why it isn't. */
	readonly proof: SelectionProof;
	/** By what share another set could be worth more at most, where the search was ended; 0 otherwise. */
	readonly mostMissed: number;
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

/** Offers that have a price and are worth something, each at its full price. */
interface PricedNeeds extends OptionRow {
	/** By option: which offer of the needs it is. */
	readonly offer: Int32Array;
}

function pricedNeeds(needs: Needs, prices: ReadonlyMap<PurchaseId, number>): PricedNeeds {
	const costs = needs.sets.map((things) => {
		const each = things.map((thing) => prices.get(thing) ?? null);
		return each.includes(null) ? 0 : each.reduce<number>((sum, one) => sum + (one ?? 0), 0);
	});
	const starts = new Int32Array(needs.starts.length);
	const [offer, cents, worths] = [
		new Int32Array(needs.set.length),
		new Float64Array(needs.set.length),
		new Float64Array(needs.set.length)
	];
	let at = 0;
	for (let i = 0; i < needs.personIds.length; i += 1) {
		starts[i] = at;
		for (let k = needs.starts[i] ?? 0; k < (needs.starts[i + 1] ?? 0); k += 1) {
			const cost = costs[needs.set[k] ?? 0] ?? 0;
			const worth = purchaseWorth(needs.savesW[k] ?? 0, needs.worst[i] ?? 0);
			if (cost <= 0 || worth <= 0) continue;
			offer[at] = k;
			cents[at] = cost;
			worths[at] = worth;
			at += 1;
		}
	}
	starts[needs.personIds.length] = at;
	return {
		starts,
		offer: offer.subarray(0, at),
		cents: cents.subarray(0, at),
		worths: worths.subarray(0, at)
	};
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

/** A purchase by the places of its person and its option. */
interface Place {
	readonly person: number;
	readonly option: number;
}

/** Purchases for many people, and what they are chosen from. */
class PurchaseChooser {
	private readonly priced: PricedNeeds;

	constructor(
		private readonly needs: Needs,
		private readonly prices: ReadonlyMap<PurchaseId, number>,
		private readonly stock: Stock
	) {
		this.priced = pricedNeeds(needs, prices);
	}

	private purchaseAt({ person, option }: Place): AllocatedPurchase {
		const { needs, priced } = this;
		const offer = priced.offer[option] ?? 0;
		return {
			personId: needs.personIds[person] ?? '',
			things: needs.sets[needs.set[offer] ?? 0] ?? [],
			fromStock: [],
			closes: needs.closings[needs.closing[offer] ?? 0] ?? [],
			cents: priced.cents[option] ?? 0,
			worth: priced.worths[option] ?? 0
		};
	}

	/** Every option of every person in turn. */
	private *places(): Generator<Place> {
		const { starts } = this.priced;
		for (let person = 0; person < starts.length - 1; person += 1)
			for (let option = starts[person] ?? 0; option < (starts[person + 1] ?? 0); option += 1)
				yield { person, option };
	}

	private choose(budgetCents: number, used: Stock) {
		const inStock = [...used].reduce((sum, [thing, n]) => sum + n * (this.prices.get(thing) ?? 0), 0);
		const { chosen, ...found } = chooseWithinBudget(this.priced, budgetCents + inStock);
		const bought: AllocatedPurchase[] = [];
		chosen.forEach((place, person) => {
			if (place < 0) return;
			bought.push(this.purchaseAt({ person, option: (this.priced.starts[person] ?? 0) + place }));
		});
		return { bought, ...found };
	}

	/** What is left in stock goes to people who get nothing yet and need nothing more: it is free, so none of it is left lying. */
	private withLeftovers(bought: readonly AllocatedPurchase[]): AllocatedPurchase[] {
		const left = new Map([...this.stock].map(([thing, n]) => [thing, n - counted(bought, thing)]));
		if ([...left.values()].every((n) => n <= 0)) return [...bought];
		const isLeft = (things: readonly PurchaseId[]) => things.every((thing) => (left.get(thing) ?? 0) > 0);
		const { needs, priced } = this;
		const areLeft = needs.sets.map(isLeft);
		const wanted: AllocatedPurchase[] = [];
		for (const place of this.places())
			if (areLeft[needs.set[priced.offer[place.option] ?? 0] ?? 0]) wanted.push(this.purchaseAt(place));
		const served = new Set(bought.map(({ personId }) => personId));
		const more: AllocatedPurchase[] = [];
		for (const one of wanted.sort(byWorth)) {
			if (served.has(one.personId) || !isLeft(one.things)) continue;
			for (const thing of one.things) left.set(thing, (left.get(thing) ?? 0) - 1);
			served.add(one.personId);
			more.push(one);
		}
		return [...bought, ...more];
	}

	/** People who get nothing although the same items would help them as much as someone who gets them. */
	private tiedWith(bought: readonly AllocatedPurchase[]): string[] {
		const { needs, priced } = this;
		const served = new Set(bought.map(({ personId }) => personId));
		const gains = new Map<number, Set<string>>();
		for (const { worth, things } of bought) {
			const alike = gains.get(worth) ?? new Set<string>();
			gains.set(worth, alike.add(String(things)));
		}
		const tied = new Set<string>();
		const { starts, worths, offer } = priced;
		for (let person = 0; person < starts.length - 1; person += 1)
			for (let option = starts[person] ?? 0; option < (starts[person + 1] ?? 0); option += 1) {
				// Most are worth something else, and a number is quick.
				const alike = gains.get(worths[option] ?? 0);
				const id = needs.personIds[person] ?? '';
				if (!alike || served.has(id)) continue;
				if (alike.has(String(needs.sets[needs.set[offer[option] ?? 0] ?? 0]))) tied.add(id);
			}
		return [...tied];
	}

	/** The best purchases for some money, whole cents. */
	within(budgetCents: number): PurchaseSelection {
		const { stock, prices } = this;
		let used: Stock = stock;
		const { bought: first, worth: most, mostWorth } = this.choose(budgetCents, used);
		let bought = first;
		// Fewer are counted each time, so the loop ends.
		for (let isEnough = false; !isEnough;) {
			const now = new Map([...used].map(([thing, n]) => [thing, Math.min(n, counted(bought, thing))]));
			isEnough = [...used].every(([thing, n]) => (now.get(thing) ?? 0) >= n || !prices.has(thing));
			if (!isEnough) ({ bought } = this.choose(budgetCents, (used = now)));
		}
		const all = withStock(this.withLeftovers(bought), prices, stock).sort(byWorth);
		const worth = all.reduce((sum, one) => sum + one.worth, 0);
		const isEnded = mostWorth > most;
		return {
			bought: all,
			cents: all.reduce((sum, { cents }) => sum + cents, 0),
			closes: all.reduce((sum, { closes }) => sum + closes.length, 0),
			tied: () => this.tiedWith(all),
			proof: worth >= mostWorth ? 'best' : isEnded ? 'search-ended' : 'stock-left',
			mostMissed: isEnded && worth < mostWorth ? (mostWorth - worth) / Math.max(1, worth) : 0
		};
	}

	/** Without a limit: for each person the most valuable purchase, and the cheapest of those. */
	unlimited(): PurchaseSums {
		const { needs, priced } = this;
		const sums = { cents: 0, closes: 0, people: 0 };
		const left = new Map(this.stock);
		for (let person = 0; person < needs.personIds.length; person += 1) {
			let best = -1;
			for (let k = priced.starts[person] ?? 0; k < (priced.starts[person + 1] ?? 0); k += 1) {
				const more = (priced.worths[k] ?? 0) - (priced.worths[best] ?? 0);
				if (best < 0 || more > 0 || (more === 0 && (priced.cents[k] ?? 0) < (priced.cents[best] ?? 0)))
					best = k;
			}
			if (best < 0) continue;
			const offer = priced.offer[best] ?? 0;
			sums.people += 1;
			sums.closes += needs.closings[needs.closing[offer] ?? 0]?.length ?? 0;
			sums.cents += priced.cents[best] ?? 0;
			if (left.size === 0) continue;
			// An item from stock saves the same for everybody.
			for (const thing of needs.sets[needs.set[offer] ?? 0] ?? []) {
				if ((left.get(thing) ?? 0) <= 0) continue;
				left.set(thing, (left.get(thing) ?? 0) - 1);
				sums.cents -= this.prices.get(thing) ?? 0;
			}
		}
		return sums;
	}
}

/** Purchases for the same people, worked out for any number of budgets. */
export type PurchaseChoices = Pick<PurchaseChooser, 'within' | 'unlimited'>;

/**
 * Prepares the choice of purchases that remove the most misfit for the money, by {@link purchaseWorth}: one purchase per person, or two
 * together, as worked out for their workstation. Stock is free. Counting the stock's value as money, the choice is exact (see
 * `chooseWithinBudget`), and proven optimal if all of the stock is used. If some is left over, only what is used counts, repeated until the
 * money is enough; the result may then not be optimal, and says so.
 * @param prices whole cents for one of each, all in one currency; what has no price is not bought
 * @param stock what is in stock
 */
export const purchaseChoices = (
	needs: Needs,
	prices: ReadonlyMap<PurchaseId, number>,
	stock: Stock = new Map()
): PurchaseChoices => new PurchaseChooser(needs, prices, stock);

/** What that much more money would do: who would get something and gets nothing now. */
export function helpedByLargerBudget(now: PurchaseSelection, more: PurchaseSelection): string[] {
	const served = new Set(now.bought.map(({ personId }) => personId));
	return more.bought.map(({ personId }) => personId).filter((id) => !served.has(id));
}
