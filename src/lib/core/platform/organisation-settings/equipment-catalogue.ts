import type { FindingId } from '../../questionnaire/checklist/findings';
import {
	CURRENCIES,
	isShippedItem,
	REQUESTABLE_ITEMS,
	type Currency,
	type EquipmentItem
} from '../../plan/equipment';
import type { SettingsChange, SettingsFault } from './settings-change';
import { entryChanges } from './entry-changes';
import { languagesWithoutName, ownNameIn, type OwnNames } from './own-names';

/** An item of an organisation's catalogue. */
export interface CatalogueItem {
	readonly code: EquipmentItem;
	/** Whether employees can ask for it; coordinators always can. */
	readonly isOffered: boolean;
	/** Empty for items that the software comes with: their names are in its catalogue of messages. */
	readonly names: OwnNames;
	/** Problems it helps with; empty for items that the software comes with: their rules are in the checklist. */
	readonly helps: readonly FindingId[];
	/** Price of one in whole cents; null where unknown. */
	readonly cents: number | null;
	readonly supplier: string;
	/** The supplier's number for it. */
	readonly article: string;
	/** Working days from the order until it arrives; null where unknown. */
	readonly deliveryDays: number | null;
}

/** What an organisation lends and buys. */
export interface EquipmentSettings {
	/** ISO 4217, of every price. */
	readonly currency: Currency;
	/** Every item that the software comes with, then those of the organisation. */
	readonly items: readonly CatalogueItem[];
}

/** An item as the software comes with it: offered, without a price. */
const shipped = (code: EquipmentItem): CatalogueItem => ({
	code,
	isOffered: true,
	names: {},
	helps: [],
	cents: null,
	supplier: '',
	article: '',
	deliveryDays: null
});

/** The catalogue that the software comes with. */
export const SHIPPED_EQUIPMENT: EquipmentSettings = {
	currency: CURRENCIES[0],
	items: REQUESTABLE_ITEMS.map(shipped)
};

/** Highest price of one, whole cents. */
export const MAX_PRICE_CENTS = 100_000_000;

/** Most items of an organisation's own. Our assumption. */
export const MAX_OWN_ITEMS = 60;

/** Longest delivery, working days. Our assumption: a year. */
export const MAX_DELIVERY_DAYS = 250;

/** Every fault: a code twice or missing, an item of one's own without a name in a language that people read. */
export function equipmentFaults({ items }: EquipmentSettings, languages: readonly string[]): SettingsFault[] {
	const names = items.map((one) => ownNameIn(one.names, languages[0] ?? ''));
	const missing = REQUESTABLE_ITEMS.filter((code) => !items.some((one) => one.code === code));
	return [
		...missing.map((code): SettingsFault => ({ code: 'settingsDefaultKept', at: '/items', name: code })),
		...items.flatMap((one, i): SettingsFault[] => {
			if (items.findIndex(({ code }) => code === one.code) !== i)
				return [{ code: 'settingsSameName', at: `/items/${i}`, name: one.code }];
			if (isShippedItem(one.code)) return [];
			if (languagesWithoutName(one.names, languages).length > 0)
				return [{ code: 'settingsNoName', at: `/items/${i}/names`, name: names[i] || String(i + 1) }];
			return names.indexOf(names[i] ?? '') === i
				? []
				: [{ code: 'settingsSameName', at: `/items/${i}/names`, name: names[i] ?? '' }];
		})
	];
}

/** Which items another version adds, changes and takes away. */
export const equipmentChanges = (
	before: EquipmentSettings,
	after: EquipmentSettings,
	language: string
): SettingsChange[] => [
	...(before.currency === after.currency ? [] : [{ how: 'changed' as const, name: after.currency }]),
	...entryChanges(
		before.items,
		after.items,
		({ code }) => code,
		({ code, names }) => ownNameIn(names, language) || code
	)
];

/** The catalogue with every item that this version of the software comes with. */
export function completeCatalogue(settings: EquipmentSettings): EquipmentSettings {
	const missing = REQUESTABLE_ITEMS.filter((code) => !settings.items.some((one) => one.code === code));
	return missing.length === 0
		? settings
		: { ...settings, items: [...settings.items, ...missing.map(shipped)] };
}
