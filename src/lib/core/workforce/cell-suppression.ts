/** Numbers by two dimensions: by row, then by column. */
export type CountMatrix = readonly (readonly number[])[];

/** A property of the cells of two dimensions. */
export type CellMask = readonly (readonly boolean[])[];

/** The hidden cells: whole columns in every row, and whole rows. */
interface Hidden {
	readonly rows: ReadonlySet<number>;
	readonly columns: ReadonlySet<number>;
}

/** A count, and the number it is counted among. */
export interface PartOfTotal {
	readonly n: number;
	readonly x: number;
}

type PartOf = (row: number, column: number) => PartOfTotal;

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

/**
 * What must be hidden in addition to some columns so that subtraction reveals nothing about a small group: what is left of a row, of a
 * column and of both together is at least as large as a published cell must be. Hides rows until this holds, the smallest first.
 * @returns null where no row is left
 */
function closed(
	columns: ReadonlySet<number>,
	open: CellMask,
	partOf: PartOf,
	isSafe: (part: PartOfTotal) => boolean
): Hidden | null {
	const places = (open[0] ?? []).map((_, d) => d);
	const seen = places.filter((d) => !columns.has(d));
	const pooled = (cells: readonly (readonly [number, number])[]) =>
		cells.reduce<PartOfTotal>(
			(all, [t, d]) => {
				const { n, x } = partOf(t, d);
				return { n: all.n + n, x: all.x + x };
			},
			{ n: 0, x: 0 }
		);
	const inRow = (t: number, at: Iterable<number>) => pooled([...at].map((d) => [t, d] as const));
	const rows = new Set(
		open.flatMap((row, t) => (seen.every((d) => row[d]) && isSafe(inRow(t, columns)) ? [] : [t]))
	);
	const shownBySize = open
		.flatMap((_, t) => (rows.has(t) ? [] : [t]))
		.sort((a, b) => inRow(a, places).n - inRow(b, places).n);
	/** Totals of the hidden rows: in each published column, and in all hidden ones. */
	const left = [...seen.map((d) => [d]), [...columns]].map((at) => ({
		at,
		part: pooled([...rows].flatMap((t) => at.map((d) => [t, d] as const)))
	}));
	for (const next of shownBySize) {
		if (left.every(({ part }) => isSafe(part))) return { rows, columns };
		rows.add(next);
		for (const one of left) {
			const { n, x } = inRow(next, one.at);
			one.part = { n: one.part.n + n, x: one.part.x + x };
		}
	}
	return null;
}

/**
 * Which of the publishable cells of a table are published: whole columns and rows are hidden, those that leave the most people visible.
 * Cost: cells times columns.
 * @param open cells that may be published by themselves
 * @param people number of people in each cell
 * @param partOf what is counted in a cell
 * @param isSafe whether such a number may be published or inferred
 */
export function suppressCells(
	open: CellMask,
	people: CountMatrix,
	partOf: PartOf,
	isSafe: (part: PartOfTotal) => boolean
): CellMask {
	const isShown = ({ rows, columns }: Hidden, t: number, d: number) => !rows.has(t) && !columns.has(d);
	const badness = (d: number) => open.filter((row) => !row[d]).length;
	const worstFirst = (open[0] ?? []).map((_, d) => d).sort((a, b) => badness(b) - badness(a) || a - b);
	let best: Hidden | null = null;
	let most = 0;
	for (let k = 0; k < worstFirst.length; k += 1) {
		const hidden = closed(new Set(worstFirst.slice(0, k)), open, partOf, isSafe);
		const shown = hidden ? sum(people.flatMap((row, t) => row.filter((_, d) => isShown(hidden, t, d)))) : 0;
		if (hidden && shown > most) [best, most] = [hidden, shown];
		// Hiding more columns than any row lacks gains nothing.
		if (hidden?.rows.size === 0) break;
	}
	const chosen = best;
	return people.map((row, t) => row.map((_, d) => chosen !== null && isShown(chosen, t, d)));
}
