import type { PurchaseSummary } from '../advice/advise-corner';
import type { PurchaseId } from '../purchases';

/** Share of the misfit removed by the best purchase that a cheaper one must remove too. Our assumption. */
const SENSIBLE_SHARE = 0.75;

/** The price of some items, whole cents; infinite where any of them has none. */
const priceOf = (things: readonly PurchaseId[], prices: ReadonlyMap<PurchaseId, number>): number =>
	things.reduce((sum, thing) => sum + (prices.get(thing) ?? Infinity), 0);

/**
 * The purchase to consider first for a person: the cheapest of those that remove nearly as much misfit as the best. Where prices don't
 * decide, fewer items come first, then more misfit removed.
 * @param options purchases worked out for their workstation
 * @param prices whole cents
 * @returns its items; empty where no purchase would help
 */
export function cheapestSensible(
	options: readonly Pick<PurchaseSummary, 'purchases' | 'savesW'>[],
	prices: ReadonlyMap<PurchaseId, number>
): readonly PurchaseId[] {
	const most = Math.max(0, ...options.map(({ savesW }) => savesW));
	const [first] = options
		.filter(({ savesW }) => savesW >= SENSIBLE_SHARE * most)
		.map(({ purchases, savesW }) => ({ purchases, savesW, cents: priceOf(purchases, prices) }))
		.sort((a, b) => {
			// Two without a price differ by no amount.
			const byPrice = a.cents === b.cents ? 0 : a.cents - b.cents;
			return byPrice || a.purchases.length - b.purchases.length || b.savesW - a.savesW;
		});
	return first?.purchases ?? [];
}
