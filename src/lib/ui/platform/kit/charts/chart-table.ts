/** A row of the table behind a chart: its label, and its numbers as text. */
export interface ChartRow {
	readonly key: string;
	readonly words: string;
	/** Where the people behind the number can be viewed. */
	readonly href?: string | null;
	/** One text stands for all numbers that may not be published. */
	readonly cells: readonly string[];
}

export interface ChartTable {
	/** Column headings, starting with that of the labels. */
	readonly heads: readonly string[];
	readonly rows: readonly ChartRow[];
}

/** The sort value of a row for a column, 0 being its label: a number where the cell begins with one; null where it may not be published. */
export function sortValueOf({ words, cells }: ChartRow, column: number): string | number | null {
	if (column === 0) return words;
	if (cells.length === 1) return null;
	const cell = cells[column - 1] ?? '';
	const number = Number.parseFloat(cell.replaceAll(',', '').replace('−', '-'));
	return Number.isNaN(number) ? cell || null : number;
}
