import { PURCHASES, type PurchaseId } from '../plan/purchases';
import { FIGURE_CODES, firstChoiceCode, type PublishedOf } from './codes';
import type { FigureTable, PublishedShare } from './figures';
import { threePartsOf, type ThreeParts } from './three-parts';

/** What an overview says of one day; null where nothing may be published. */
export interface OverviewPoint {
	/** ISO. */
	readonly on: string;
	/** Of people asked in the year before: who has answered. */
	readonly answered: PublishedShare | null;
	readonly heights: ThreeParts | null;
	/** Any discomfort, by the newest report. */
	readonly hurts: PublishedShare | null;
	/** Of plans that were in place six weeks ago or longer: those that still are. */
	readonly stands: PublishedShare | null;
	/** What the first choices for remaining problems cost, whole cents; null where no item is shown that has a price. */
	readonly openCents: number | null;
}

/**
 * The overview of a day, from figures of everyone.
 * @param tableOf those of one kind
 * @param prices of items, whole cents
 */
export function overviewPoint(
	on: string,
	tableOf: (of: PublishedOf) => FigureTable,
	prices: ReadonlyMap<PurchaseId, number>
): OverviewPoint {
	const share = (of: PublishedOf, code: string) =>
		tableOf(of).figures.find((figure) => figure.code === code)?.all ?? null;
	const costs = PURCHASES.flatMap((purchase) => {
		const [figure, cents] = [share('needs', firstChoiceCode(purchase)), prices.get(purchase)];
		return figure && cents !== undefined ? [figure.x * cents] : [];
	});
	return {
		on,
		answered: share('answers', FIGURE_CODES.answered),
		heights: threePartsOf(tableOf('findings'), null),
		hurts: share('discomfort', FIGURE_CODES.hurts),
		stands: share('help', FIGURE_CODES.stands),
		openCents: costs.length > 0 ? costs.reduce((sum, cents) => sum + cents, 0) : null
	};
}
