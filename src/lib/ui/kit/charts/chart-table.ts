/** A row of the table behind a chart: what it is of, and its numbers as words. */
export interface ChartRow {
	readonly key: string;
	readonly words: string;
	/** Where what the row counts can be seen. */
	readonly href?: string | null;
	/** One text stands for all numbers that may not be shown. */
	readonly cells: readonly string[];
}

/** The numbers of a chart as a table. */
export interface ChartTable {
	/** Heads of the columns, that of the rows' words first. */
	readonly heads: readonly string[];
	readonly rows: readonly ChartRow[];
}

/** What a row is sorted by from the heading of a column, 0 being its name: a number where the cell begins with one; null where it may not be shown. */
export function sortValueOf({ words, cells }: ChartRow, column: number): string | number | null {
	if (column === 0) return words;
	if (cells.length === 1) return null;
	const cell = cells[column - 1] ?? '';
	const number = Number.parseFloat(cell.replaceAll(',', '').replace('−', '-'));
	return Number.isNaN(number) ? cell || null : number;
}
