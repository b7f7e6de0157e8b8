import type { PurchaseSummary } from '../advice/advise-corner';
import type { CheckId } from '../../workstation/checks/check-values';
import type { PurchaseId } from '../purchases';

/** What a purchase would do at a person's workstation: as much of it as a budget needs, so that it is short to keep and quick to read. */
export interface PurchaseOffer {
	/** One item or two, without what lies at home already. */
	readonly things: readonly PurchaseId[];
	/** Checks that come into their range. */
	readonly closes: readonly CheckId[];
	/** The misfit it removes, as plans count it; a whole number. */
	readonly savesW: number;
}

/**
 * The purchases that are left to make of those worked out for a workstation: nobody buys again what lies unused at home, and what removes
 * nothing is none.
 * @param own what lies unused at home
 */
export function purchaseOffers(
	purchases: readonly Pick<PurchaseSummary, 'purchases' | 'closes' | 'savesW'>[],
	own: readonly PurchaseId[]
): PurchaseOffer[] {
	return purchases.flatMap(({ purchases: all, closes, savesW }) => {
		const things = all.filter((thing) => !own.includes(thing));
		return things.length > 0 && savesW > 0 ? [{ things, closes, savesW }] : [];
	});
}
