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
