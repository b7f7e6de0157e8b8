import {
	columnVisibilityFeature,
	createSortedRowModel,
	rowSelectionFeature,
	rowSortingFeature,
	tableFeatures,
	type ColumnDef
} from '@tanstack/svelte-table';
import type { Snippet } from 'svelte';

/** A column of a {@link DataTable}: its heading, and its content for a row. */
export interface TableColumn<Row> {
	readonly id: string;
	readonly head: string;
	/** A cell's text, for cells with text only. */
	readonly words?: (row: Row) => string;
	/** A cell's content, where text alone won't do. */
	readonly cell?: Snippet<[Row]>;
	/** The value by which the browser sorts from this column's heading; null sorts last. Left out: this column doesn't sort. */
	readonly sortValue?: (row: Row) => string | number | null;
	/** Whether the first press on the heading puts the largest first. */
	readonly isLargestFirst?: boolean;
	/** Whether it names the row, for screen readers. */
	readonly isRowHead?: boolean;
	/** Numbers are right-aligned, in tabular figures. */
	readonly isNumber?: boolean;
	readonly isNoWrap?: boolean;
	/** How many columns a cell spans; 0 for one covered by another. */
	readonly span?: (row: Row) => number;
	/** Share of the table's width, such as `19%`. */
	readonly width?: string;
}

/** A table sorted by the server: each heading is a link to the same list in another order. */
export interface ServerSort {
	readonly by: string;
	readonly isDescending: boolean;
	/** Where a column's heading leads; null where the list can't be sorted by it. */
	readonly linkOf: (columnId: string) => {
		readonly href: string;
		readonly title: string;
		readonly hint: string;
	} | null;
}

/** Rows that can be selected, by key. */
export interface TableTicks<Row> {
	readonly ids: Iterable<string> & { add(id: string): unknown; delete(id: string): unknown };
	readonly allWords: string;
	readonly words: (row: Row) => string;
}

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

export const TABLE_FEATURES = tableFeatures({
	columnVisibilityFeature,
	rowSelectionFeature,
	rowSortingFeature,
	sortedRowModel: createSortedRowModel()
});

/** A column in the form that TanStack Table expects. */
export function columnDefOf<Row extends object>({
	id,
	sortValue,
	isLargestFirst = false
}: TableColumn<Row>): ColumnDef<typeof TABLE_FEATURES, Row> {
	return {
		id,
		accessorFn: (row) => sortValue?.(row) ?? undefined,
		enableSorting: sortValue !== undefined,
		sortDescFirst: isLargestFirst,
		sortUndefined: 'last',
		sortFn: (a, b, column) => compareValues(a.getValue(column), b.getValue(column))
	};
}

/** Numbers by size, text alphabetically. */
function compareValues(a: string | number, b: string | number): number {
	return typeof a === 'number' && typeof b === 'number' ? a - b : collator.compare(String(a), String(b));
}
