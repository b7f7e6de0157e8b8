import {
	baseCode,
	figureTable,
	rulesByCode,
	shareFigure,
	type CodeRule,
	type FigureTable,
	type Tally
} from './figures';
import { MIN_GROUP_SIZE } from './group-size-limit';
import { suppressCells, type CellMask, type CountMatrix, type PartOfTotal } from './cell-suppression';
import { hasFeasibilityInterval, type PartlyKnownTable } from './feasibility-interval';

/** Counts in each cell of two dimensions: by row, then by column. */
export interface CrossTable {
	readonly rows: readonly string[];
	readonly columns: readonly string[];
	readonly people: CountMatrix;
	readonly counts: Readonly<Record<string, CountMatrix>>;
}

const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);
const columnSums = (of: CountMatrix) => (of[0] ?? []).map((_, d) => sum(of.map((row) => row[d] ?? 0)));
const isSafe = ({ n, x }: PartOfTotal) => n === 0 || (x >= MIN_GROUP_SIZE && n - x >= MIN_GROUP_SIZE);
const isEnough = ({ n }: PartOfTotal) => n === 0 || n >= MIN_GROUP_SIZE;

/** One dimension of a grid by itself. */
function sideOf(grid: CrossTable, side: 'rows' | 'columns'): Tally {
	const of = (matrix: CountMatrix) => (side === 'rows' ? matrix.map(sum) : columnSums(matrix));
	return {
		groups: grid[side],
		people: of(grid.people),
		counts: Object.fromEntries(Object.entries(grid.counts).map(([code, matrix]) => [code, of(matrix)]))
	};
}

/** What is counted in the cells of a grid: everyone, or a code. */
interface Layer {
	readonly code: string;
	readonly cells: CountMatrix;
	/** The layer it is counted among; null for everyone. */
	readonly parent: Layer | null;
	/** The code that it is the complement of: it is shown wherever that is. */
	readonly complementOf: string | null;
	/** Whether it may apply to everyone it is counted among, and does. */
	readonly isWhole: boolean;
	/** Whether its total is published: without it, nothing follows for the hidden cells from the others. */
	readonly hasTotal: boolean;
	/** Rows and columns whose own figures are published. */
	readonly rows: readonly boolean[];
	readonly columns: readonly boolean[];
}

const maskOf = ({ cells }: Layer, of: (row: number, column: number) => boolean): CellMask =>
	cells.map((row, t) => row.map((_, d) => of(t, d)));

const partOf =
	({ cells, parent }: Layer) =>
	(t: number, d: number): PartOfTotal => ({
		n: (parent?.cells ?? cells)[t]?.[d] ?? 0,
		x: cells[t]?.[d] ?? 0
	});

const isTellable = ({ parent }: Layer) => (parent ? isSafe : isEnough);

type Masks = ReadonlyMap<string, CellMask>;

/** What is known of a layer and of those it is counted among. */
function levelsOf(
	{ cells, parent, rows, columns }: Layer,
	isShown: CellMask,
	masks: Masks
): PartlyKnownTable[] {
	const level: PartlyKnownTable = {
		room: cells.map((row, t) => row.map((x, d) => (parent ? (parent.cells[t]?.[d] ?? 0) - x : Infinity))),
		isShown,
		hasOpenRow: rows.map((is) => !is),
		hasOpenColumn: columns.map((is) => !is)
	};
	return [level, ...(parent ? levelsOf(parent, masks.get(parent.code) ?? isShown, masks) : [])];
}

/** The first row with a small cell about which too much could be inferred; null where there is none. */
function toldRow(layer: Layer, isShown: CellMask, masks: Masks): number | null {
	if (!layer.hasTotal) return null;
	const levels = levelsOf(layer, isShown, masks);
	const [part, isLarge] = [partOf(layer), isTellable(layer)];
	for (const [t, row] of layer.cells.entries())
		for (const d of row.keys())
			if (!isShown[t]?.[d] && !isLarge(part(t, d)) && !hasFeasibilityInterval(layer.cells, levels, t, d))
				return t;
	return null;
}

/** What is published of each layer with some rows hidden; or the row that must be hidden too. */
function shownWithout(barred: ReadonlySet<number>, layers: readonly Layer[]): Masks | number {
	const masks = new Map<string, CellMask>();
	for (const layer of layers) {
		const parent = layer.parent && masks.get(layer.parent.code);
		const people = layers[0]?.cells ?? layer.cells;
		const part = partOf(layer);
		const open = maskOf(
			layer,
			(t, d) =>
				!barred.has(t) &&
				(parent?.[t]?.[d] ?? true) &&
				layer.rows[t] === true &&
				layer.columns[d] === true &&
				isTellable(layer)(part(t, d))
		);
		const other = layer.complementOf === null ? undefined : masks.get(layer.complementOf);
		if (other) {
			masks.set(layer.code, other);
			continue;
		}
		const mask = layer.isWhole && parent ? parent : suppressCells(open, people, part, isTellable(layer));
		// Where no cell is published, nothing follows beyond the row and column sums.
		if (!parent && mask.every((row) => row.every((is) => !is)))
			return new Map(layers.map(({ code }) => [code, mask]));
		const nothing = maskOf(layer, () => false);
		const mine = layer.isWhole || toldRow(layer, mask, masks) === null ? mask : nothing;
		const told = mine === nothing ? toldRow(layer, nothing, masks) : null;
		if (told !== null) return told;
		masks.set(layer.code, mine);
	}
	return masks;
}

/** Which cells of each layer are published. Rows in which someone could be singled out by inference are hidden, until there is none. */
function shownLayers(layers: readonly Layer[]): Masks {
	const sizes = layers[0]?.cells.map(sum) ?? [];
	const bySize = [...sizes.keys()].sort((a, b) => (sizes[a] ?? 0) - (sizes[b] ?? 0));
	const barred = new Set<number>();
	for (;;) {
		const shown = shownWithout(barred, layers);
		if (typeof shown !== 'number') return shown;
		// If hiding the row was not enough, the smallest of the others must be hidden too.
		barred.add(barred.has(shown) ? (bySize.find((t) => !barred.has(t)) ?? shown) : shown);
	}
}

/**
 * The figures of one row of a grid that may be shown: of the whole row, and of each of its cells. What is shown depends on the whole grid and all that
 * is counted in it, never on the row or the code that is asked for: hidden are whole rows and whole columns, and more where the sums tell too much. A
 * cell is shown only where its row, its column and what it is counted among are.
 *
 * Cost: for each code in proportion to the cells times the columns, and to the small cells times the cells.
 *
 * @param rules the codes, each after the one that it is counted among: all that are ever shown of this grid
 * @param row place of the row that is asked for
 */
export function publishedCrossTable(grid: CrossTable, rules: readonly CodeRule[], row: number): FigureTable {
	const [byRow, byColumn] = [
		figureTable(sideOf(grid, 'rows'), rules),
		figureTable(sideOf(grid, 'columns'), rules)
	];
	const isThere = (of: readonly unknown[] | undefined) => (of ?? []).map((one) => one !== null);
	const layers: Layer[] = [
		{
			code: '',
			cells: grid.people,
			parent: null,
			complementOf: null,
			isWhole: false,
			hasTotal: byRow.people.all !== null,
			rows: isThere(byRow.people.groups),
			columns: isThere(byColumn.people.groups)
		}
	];
	const layerOf = (code: string) => layers.find((layer) => layer.code === code);
	for (const [i, { code, among, complementOf, isPart = false, mayBeAll = isPart }] of rules.entries()) {
		const parent = layerOf(among);
		if (!parent) throw new Error(`${code} is counted among ${among}, which was not counted before`);
		const other = complementOf === undefined ? null : (layerOf(complementOf) ?? null);
		const cells = other
			? parent.cells.map((row, t) => row.map((n, d) => n - (other.cells[t]?.[d] ?? 0)))
			: (grid.counts[code] ?? grid.people.map((row) => row.map(() => 0)));
		layers.push({
			code,
			cells,
			parent,
			complementOf: other?.code ?? null,
			isWhole: mayBeAll && cells.every((row, t) => row.every((x, d) => x === parent.cells[t]?.[d])),
			hasTotal: byRow.figures[i]?.all !== null,
			rows: isThere(byRow.figures[i]?.groups),
			columns: isThere(byColumn.figures[i]?.groups)
		});
	}
	const byCode = rulesByCode(rules);
	const shown = shownLayers(layers);
	const cell = (code: string, d: number) => layerOf(code)?.cells[row]?.[d] ?? 0;
	const isShown = (code: string, d: number) => shown.get(code)?.[row]?.[d] === true;
	return {
		groups: grid.columns,
		people: {
			all: byRow.people.groups[row] ?? null,
			groups: grid.columns.map((_, d) => (isShown('', d) ? cell('', d) : null))
		},
		figures: rules.map(({ code, among }, i) => ({
			code,
			all: byRow.figures[i]?.groups[row] ?? null,
			groups: grid.columns.map((_, d) =>
				isShown(code, d) && cell(among, d) > 0
					? shareFigure(cell(code, d), cell(baseCode(among, byCode), d))
					: null
			)
		}))
	};
}
