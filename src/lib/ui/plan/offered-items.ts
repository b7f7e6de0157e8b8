import { getContext, setContext } from 'svelte';
import { isShippedItem, type EquipmentItem } from '$lib/core/plan/equipment';
import type { FindingId } from '$lib/core/questionnaire/checklist/findings';

/** An item that employees can ask for. */
interface OfferedItem {
	readonly code: EquipmentItem;
	/** Empty for items that the software comes with. */
	readonly name: string;
	/** Problems that an added item helps with. */
	readonly helps: readonly FindingId[];
}

const KEY = Symbol();

/** Sets what the organisation offers, for the parts of a page that ask for items. */
export const setOfferedItems = (read: () => readonly OfferedItem[]): void => void setContext(KEY, read);

/** What the organisation offers; null on a page that doesn't say, where everything can be asked for. */
export function offeredItems(): () => readonly OfferedItem[] | null {
	return getContext<(() => readonly OfferedItem[]) | undefined>(KEY) ?? (() => null);
}

/** Items that the organisation has added and that help with a problem. */
export const addedItemsFor = (
	finding: FindingId,
	offered: readonly OfferedItem[] | null
): readonly OfferedItem[] =>
	(offered ?? []).filter(({ code, helps }) => !isShippedItem(code) && helps.includes(finding));
