import { EYE_TEST, isShippedItem, type EquipmentItem } from '$lib/core/plan/equipment';
import type { Catalogue } from './shapes';

/**
 * The name of an item that can be asked for.
 * @param own names of those that the organisation has added, by code
 */
export function itemName(
	item: EquipmentItem,
	t: Catalogue,
	own: Readonly<Partial<Record<string, string>>>
): string {
	if (item === EYE_TEST) return t.messages.eyeTest;
	return isShippedItem(item) ? t.open.buy[item] : (own[item] ?? item);
}
