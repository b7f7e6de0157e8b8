import { BOARD_COLUMNS, type BoardColumn } from '../../plan/equipment/board-columns';
import { entryChanges } from './entry-changes';
import type { SettingsChange, SettingsFault } from './settings-change';

/** A column that says the same in every row, such as a cost centre. */
export const FIXED_COLUMN = 'fixed';

/** What a column of the purchasing file holds. */
export type PurchasingContent = BoardColumn | typeof FIXED_COLUMN;

/** A column of the file that purchasing takes in. */
export interface PurchasingColumn {
	readonly content: PurchasingContent;
	/** As purchasing's program expects it. */
	readonly heading: string;
	/** What stands in every row; empty unless the content is {@link FIXED_COLUMN}. */
	readonly value: string;
}

/** The file of equipment requests, as purchasing's program expects it. */
export interface PurchasingFileSettings {
	/** From left to right. */
	readonly columns: readonly PurchasingColumn[];
}

/** Longest heading and value, characters. */
export const PURCHASING_LENGTHS = { heading: 60, value: 120 } as const;

/** Most columns. Our assumption. */
export const MAX_PURCHASING_COLUMNS = 40;

/** Every column, under its usual name. */
export const USUAL_PURCHASING_FILE: PurchasingFileSettings = {
	columns: BOARD_COLUMNS.map((content) => ({ content, heading: content, value: '' }))
};

/** Every fault: a column without a heading, or two with one heading. */
export function purchasingFaults({ columns }: PurchasingFileSettings): SettingsFault[] {
	const headings = new Set<string>();
	return columns.flatMap(({ heading }, i): SettingsFault[] => {
		const key = heading.toLowerCase();
		const isKnown = headings.has(key);
		headings.add(key);
		const at = `/columns/${i}/heading`;
		if (heading === '') return [{ code: 'settingsUnnamed', at, name: String(i + 1) }];
		return isKnown ? [{ code: 'settingsSameName', at, name: heading }] : [];
	});
}

/** Columns that another version adds, changes, moves and takes away. */
export const purchasingChanges = (
	before: PurchasingFileSettings,
	after: PurchasingFileSettings
): SettingsChange[] => {
	const placed = ({ columns }: PurchasingFileSettings) => {
		// A column has moved where another stands before it, of those that both versions have.
		const kept = columns
			.map(({ heading }) => heading)
			.filter((heading) =>
				[before, after].every((one) => one.columns.some((other) => other.heading === heading))
			);
		return columns.map((column) => ({
			...column,
			isAfter: kept.includes(column.heading) ? (kept[kept.indexOf(column.heading) - 1] ?? '') : ''
		}));
	};
	return entryChanges(
		placed(before),
		placed(after),
		({ heading }) => heading,
		({ heading }) => heading
	);
};

/** A table with these columns: a heading each, and a row for each request. */
export function purchasingTable(
	{ columns }: PurchasingFileSettings,
	requests: readonly Readonly<Record<BoardColumn, string>>[]
): string[][] {
	return [
		columns.map(({ heading }) => heading),
		...requests.map((request) =>
			columns.map(({ content, value }) => (content === FIXED_COLUMN ? value : request[content]))
		)
	];
}
