import { cellKey, type CellsOfBefore } from './cells-before';
import {
	figureTable,
	type CellsBefore,
	type CodeFigures,
	type CodeRule,
	type FigureTable,
	type Tally
} from './figures';
import { inferableSums } from './inferable-sums';

/**
 * For each code, the groups that were hidden at each closing at which the total was shown, so that their sum is known. Groups are named with
 * the closing at which they were last renewed: until then, their numbers are the same.
 */
export type HiddenSums = Readonly<Record<string, readonly (readonly string[])[]>>;

/** A table as it is published at a closing. */
export interface ClosingTable {
	readonly table: FigureTable;
	/** The sums known after it. */
	readonly sums: HiddenSums;
}

/** The groups that a code hides, by their names in sums; null where their sum isn't known. */
function hiddenOf(
	groups: readonly string[],
	figure: CodeFigures,
	sizes: readonly number[],
	nameOf: (group: string) => string
): string[] | null {
	if (!figure.all) return null;
	const everyone = sizes.reduce((sum, n) => sum + n, 0);
	// A group of everyone is the total itself, which is shown.
	return groups.flatMap((group, i) => {
		const n = sizes[i] ?? 0;
		return figure.groups[i] === null && n > 0 && n < everyone ? [nameOf(group)] : [];
	});
}

const isSame = (a: readonly string[], b: readonly string[]) =>
	a.length === b.length && a.every((name, i) => name === b[i]);

/** The changed group with the smallest shown number of a code: hiding it loses least. Null where none is left. */
function nextToHide(groups: readonly string[], figure: CodeFigures, before: CellsBefore): string | null {
	const { code } = figure;
	const shown = groups.flatMap((group, i) => {
		const share = figure.groups[i];
		return share && before(group, code) !== 'shown'
			? [{ group, least: Math.min(share.x, share.n - share.x) }]
			: [];
	});
	return shown.sort((a, b) => a.least - b.least)[0]?.group ?? null;
}

/** One dimension of a closing. */
export interface ClosingDimension {
	readonly tally: Tally;
	/** What is published of it. */
	readonly rules: readonly CodeRule[];
	/** What is to be heeded of the closing before. */
	readonly cells: CellsOfBefore;
	/** The sums known before. */
	readonly sums: HiddenSums;
	/** The closing at which a group was last renewed. */
	readonly versionOf: (group: string) => string;
}

/**
 * One dimension of {@link closingTables}.
 * @param hidden codes of which the total is hidden; grows where nothing else is left to hide
 */
function closingTable(
	{ tally, rules, cells, sums, versionOf }: ClosingDimension,
	hidden: Set<string>
): ClosingTable {
	const also = new Set<string>();
	const before: CellsBefore = (group, code) => {
		const isHidden = group === null ? hidden.has(code) : also.has(cellKey(group, code));
		return isHidden ? 'hidden' : cells.cell(group, code);
	};
	const nameOf = (group: string) => `${group}@${versionOf(group)}`;
	for (;;) {
		const table = figureTable(tally, rules, before);
		const known: Record<string, readonly (readonly string[])[]> = {};
		let isDone = true;
		for (const figure of table.figures) {
			const { code } = figure;
			const earlier = sums[code] ?? [];
			const names = hiddenOf(table.groups, figure, tally.people, nameOf);
			const isNew = names !== null && names.length > 0 && !earlier.some((one) => isSame(one, names));
			known[code] = isNew ? [...earlier, names] : earlier;
			const isTold = isNew && inferableSums([...earlier, names]).size > 0;
			if (!isTold && cells.leavesRestOpen(table.groups, figure)) continue;
			const next = nextToHide(table.groups, figure, before);
			if (next === null) hidden.add(code);
			else also.add(cellKey(next, code));
			isDone = false;
		}
		if (isDone) return { table, sums: known };
	}
}

/**
 * The figures of a closing that may be published, in each dimension: what {@link figureTable} allows, and less where a hidden figure, of
 * this closing or an earlier one, would follow from the sums of hidden ones over time, or the change of a few people from the changes of all
 * others. A total that one dimension has to hide is hidden in all. Cost: that of the tables, times the groups that have to be hidden.
 */
export function closingTables(dimensions: readonly ClosingDimension[]): ClosingTable[] {
	const hidden = new Set<string>();
	for (;;) {
		const before = hidden.size;
		const tables = dimensions.map((dimension) => closingTable(dimension, hidden));
		for (const { table } of tables)
			for (const { code, all } of table.figures) if (all === null) hidden.add(code);
		if (hidden.size === before) return tables;
	}
}
