import { constructTable } from '@tanstack/table-core';
import { storeReactivityBindings } from '@tanstack/table-core/store-reactivity-bindings';
import { describe, expect, it } from 'vitest';
import { sortValueOf } from './charts/chart-table';
import { columnDefOf, TABLE_FEATURES, type TableColumn } from './data-table';

interface Line {
	readonly name: string;
	readonly cents: number | null;
}

const COLUMNS: readonly TableColumn<Line>[] = [
	{ id: 'name', head: 'Name', words: ({ name }) => name, sortValue: ({ name }) => name },
	{ id: 'cost', head: 'Cost', sortValue: ({ cents }) => cents, isLargestFirst: true },
	{ id: 'note', head: 'Note' }
];

const LINES: readonly Line[] = [
	{ name: 'item 10', cents: 900 },
	{ name: 'Item 9', cents: null },
	{ name: 'item 2', cents: 12_000 }
];

/** Names in the order that the table has after its headings were pressed. */
function sortedBy(id: string, isDescending: boolean): string[] {
	const features = { ...TABLE_FEATURES, coreReactivityFeature: storeReactivityBindings() };
	const table = constructTable<typeof TABLE_FEATURES, Line>({
		features,
		columns: COLUMNS.map(columnDefOf),
		data: [...LINES],
		initialState: { sorting: [{ id, desc: isDescending }] }
	});
	return table.getRowModel().rows.map(({ original }) => original.name);
}

describe('a table that sorts in the browser', () => {
	it('puts words in the order of people: numbers in them by size, capitals with small letters', () => {
		expect(sortedBy('name', false)).toEqual(['item 2', 'Item 9', 'item 10']);
	});

	it('puts what has no value last from either end', () => {
		expect(sortedBy('cost', true)).toEqual(['item 2', 'item 10', 'Item 9']);
		expect(sortedBy('cost', false)).toEqual(['item 10', 'item 2', 'Item 9']);
	});
});

describe('rows behind a chart', () => {
	const row = (...cells: string[]) => ({ key: 'a', words: 'Team A', cells });

	it.each([
		[row('12 %', '1,204 of 9,000'), 1, 12],
		[row('12 %', '1,204 of 9,000'), 2, 1204],
		[row('−4 mm', ''), 1, -4],
		[row('−4 mm', ''), 2, null],
		[row('12 %', 'as before'), 2, 'as before'],
		[row('hidden: fewer than five'), 1, null],
		[row('hidden: fewer than five'), 0, 'Team A']
	])('are sorted by the number that a cell begins with: %j, column %i', (of, column, value) => {
		expect(sortValueOf(of, column)).toBe(value);
	});
});
