import {
	columnVisibilityFeature,
	createSortedRowModel,
	rowSelectionFeature,
	rowSortingFeature,
	tableFeatures,
	type ColumnDef
} from '@tanstack/svelte-table';
import type { Snippet } from 'svelte';

/** One column of a {@link DataTable}: its heading, and what stands in it for a row. */
export interface TableColumn<Row> {
	readonly id: string;
	readonly head: string;
	/** What a cell says, for cells that are words only. */
	readonly words?: (row: Row) => string;
	/** What a cell shows, where words alone don't do. */
	readonly cell?: Snippet<[Row]>;
	/** What the table is sorted by from this column's heading, in the browser; null sorts last. Left out: this column doesn't sort. */
	readonly sortValue?: (row: Row) => string | number | null;
	/** Whether the largest comes first when the heading is pressed once. */
	readonly isLargestFirst?: boolean;
	/** Whether it names the row, for screen readers. */
	readonly isRowHead?: boolean;
	/** Numbers stand to the right, with figures of one width. */
	readonly isNumber?: boolean;
	readonly isNoWrap?: boolean;
	/** How many columns a cell takes, where it stands for those after it too; 0 for one that another stands for. */
	readonly span?: (row: Row) => number;
	/** Share of the table's width, such as `19%`. */
	readonly width?: string;
}

/** A table that the server sorts: each heading is a link to the same list in another order. */
export interface ServerSort {
	readonly by: string;
	readonly isDescending: boolean;
	/** Where a column's heading leads; null where the list isn't sorted by it. */
	readonly linkOf: (columnId: string) => {
		readonly href: string;
		readonly title: string;
		readonly hint: string;
	} | null;
}

/** Rows that can be ticked, by their keys. */
export interface TableTicks<Row> {
	readonly ids: Iterable<string> & { add(id: string): unknown; delete(id: string): unknown };
	readonly allWords: string;
	readonly words: (row: Row) => string;
}

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/** What tables here can do. */
export const TABLE_FEATURES = tableFeatures({
	columnVisibilityFeature,
	rowSelectionFeature,
	rowSortingFeature,
	sortedRowModel: createSortedRowModel()
});

/** A column as TanStack Table takes it. */
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

/** Numbers by size, words by the alphabet. */
function compareValues(a: string | number, b: string | number): number {
	return typeof a === 'number' && typeof b === 'number' ? a - b : collator.compare(String(a), String(b));
}
