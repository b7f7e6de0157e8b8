import { getContext, setContext } from 'svelte';
import { isShippedItem, type EquipmentItem } from '$lib/core/plan/equipment';
import type { FindingId } from '$lib/core/questionnaire/checklist/findings';

/** An item that employees can ask for. */
interface OfferedItem {
	readonly code: EquipmentItem;
	/** Empty for items that the software comes with. */
	readonly name: string;
	readonly helps: readonly FindingId[];
}

const KEY = Symbol();

/** Sets what the organisation offers, for the parts of a page that ask for items. */
export const setOfferedItems = (read: () => readonly OfferedItem[]): void => void setContext(KEY, read);

/** What the organisation offers; null on a page that doesn't say, where everything can be asked for. */
export function offeredItems(): () => readonly OfferedItem[] | null {
	return getContext<(() => readonly OfferedItem[]) | undefined>(KEY) ?? (() => null);
}

export const addedItemsFor = (
	finding: FindingId,
	offered: readonly OfferedItem[] | null
): readonly OfferedItem[] =>
	(offered ?? []).filter(({ code, helps }) => !isShippedItem(code) && helps.includes(finding));
