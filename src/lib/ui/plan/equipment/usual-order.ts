import type { EquipmentItem } from '$lib/core/plan/equipment';

/** What the catalogue says of an item. */
export interface CatalogueLine {
	readonly code: EquipmentItem;
	/** Whole cents; null where unknown. */
	readonly cents: number | null;
	/** ISO 4217. */
	readonly currency: string;
	readonly supplier: string;
	readonly article: string;
	/** Working days; null where unknown. */
	readonly deliveryDays: number | null;
}

/** What the form of an order begins with. */
export interface UsualOrder {
	readonly supplier: string;
	/** The price of one as typed; empty where unknown. */
	readonly cost: string;
	readonly currency: string;
}

/** The order of an item by its entry in the catalogue. */
export function usualOrder(entry: CatalogueLine | undefined): UsualOrder {
	if (!entry) return { supplier: '', cost: '', currency: '' };
	const { supplier, cents, currency } = entry;
	return { supplier, cost: cents === null ? '' : (cents / 100).toFixed(2), currency };
}
