import { bothChanges, cellChanges, hidesEnough, type CellChange } from './changed-cells';
import { rulesByCode, type CellsBefore, type CodeFigures, type CodeRule, type FigureTable } from './figures';
import { EVERYONE, type GroupChange } from './people-to-renew';

/** A figure that is hidden, with how it has changed since it was last shown. */
export interface PendingCell {
	/** Null for everyone. */
	readonly group: string | null;
	readonly code: string;
	readonly changes: readonly CellChange[];
}

/** What was published of a dimension at the closing before. */
export interface TableBefore {
	readonly table: FigureTable;
	readonly pending: readonly PendingCell[];
}

/** The changes of a dimension since the closing before: of everyone, and by group. */
export interface ChangesOfDimension {
	readonly everyone: GroupChange | undefined;
	readonly groups: ReadonlyMap<string, GroupChange> | undefined;
}

/** Codes of everyone who is counted: of those asked, and of those who answered. */
export const BASE_CODES = { asked: 'asked', answered: 'in' } as const;

/** A cell and its rest, of which nobody has changed. */
const UNCHANGED: readonly CellChange[] = [
	{ before: 0, after: 0, by: 0, isExact: true },
	{ before: 0, after: 0, by: 0, isExact: true }
];

/** A key of a cell. Codes hold no line break. */
export const cellKey = (group: string | null, code: string): string =>
	group === null ? code : `${code}\n${group}`;

/** What a table showed of each cell; null for groups that were not in it. */
function shownIn({ groups, people, figures }: FigureTable): CellsShown {
	const places = new Map(groups.map((group, i) => [group, i]));
	const rows = new Map(figures.map((figure) => [figure.code, figure]));
	return (group, code) => {
		const at = group === null ? null : places.get(group);
		if (at === undefined) return null;
		const row = code === '' ? people : rows.get(code);
		return ((at === null ? row?.all : row?.groups[at]) ?? null) !== null;
	};
}

type CellsShown = (group: string | null, code: string) => boolean | null;

/**
 * What a closing has to heed of the one before, in one dimension. A figure whose people didn't change stays shown or hidden: otherwise it
 * would be known after all, and with it others that were hidden then. One whose difference would tell too much waits, hidden, until more
 * people have changed.
 */
export class CellsOfBefore {
	private readonly known = new Map<string, readonly CellChange[]>();
	private readonly rules: ReadonlyMap<string, CodeRule>;
	private readonly wasShown: CellsShown;

	constructor(
		before: TableBefore | null,
		private readonly changes: ChangesOfDimension,
		rules: readonly CodeRule[],
		private readonly base: string
	) {
		this.wasShown = before ? shownIn(before.table) : () => null;
		this.rules = rulesByCode(rules);
		for (const { group, code, changes: of } of before?.pending ?? [])
			this.known.set(cellKey(group, code), of);
	}

	private changeOf(group: string | null): GroupChange | undefined {
		return group === null ? this.changes.everyone : this.changes.groups?.get(group);
	}

	/** How a cell has changed since it was last shown; null where it never was, or nothing changed. */
	private since(group: string | null, code: string): readonly CellChange[] | null {
		const rule = this.rules.get(code);
		if (!rule) return null;
		const change = this.changeOf(group);
		const now = change && cellChanges(change, rule, this.base);
		if (this.wasShown(group, code)) return now ?? UNCHANGED;
		const earlier = this.known.get(cellKey(group, code));
		if (!earlier) return null;
		return now ? earlier.map((one, i) => bothChanges(one, now[i] ?? one)) : earlier;
	}

	/** See {@link CellsBefore}. */
	readonly cell: CellsBefore = (group, code) => {
		const shown = this.wasShown(group, code);
		if (shown === null) return null;
		if (!this.changeOf(group)) return shown ? 'shown' : 'hidden';
		const since = this.since(group, code);
		return since && !since.every(hidesEnough) ? 'hidden' : null;
	};

	/**
	 * Whether the change of a code in groups that are not shown at both closings, which is what remains of the change of everyone, leaves open
	 * what these people have.
	 */
	leavesRestOpen(groups: readonly string[], figure: CodeFigures): boolean {
		const { code } = figure;
		const rule = this.rules.get(code);
		if (!rule || !figure.all || !this.wasShown(null, code)) return true;
		const shown = new Set(groups.filter((_, i) => figure.groups[i] !== null));
		const rest = [...(this.changes.groups ?? [])].filter(
			([group]) => !shown.has(group) || !this.wasShown(group, code)
		);
		if (rest.length === 0) return true;
		const changes = rest.map(([, change]) => cellChanges(change, rule, this.base));
		return [0, 1].every((i) =>
			hidesEnough(
				changes.reduce<CellChange>(
					(sum, of) => ({
						before: sum.before + (of[i]?.before ?? 0),
						after: sum.after + (of[i]?.after ?? 0),
						by: sum.by + (of[i]?.by ?? 0),
						isExact: true
					}),
					{ before: 0, after: 0, by: 0, isExact: true }
				)
			)
		);
	}

	/** What the next closing has to know of figures that this one hides. */
	pendingOf({ groups, figures }: FigureTable): PendingCell[] {
		return figures.flatMap(({ code, all, groups: shown }) =>
			[null, ...groups].flatMap((group, i) => {
				if ((i === 0 ? all : shown[i - 1]) !== null) return [];
				const changes = this.since(group, code);
				return changes ? [{ group, code, changes }] : [];
			})
		);
	}
}

/** The changes of one dimension. @param dimensions as `changesByGroup` gives them */
export const changesOfDimension = (
	dimensions: readonly ReadonlyMap<string, GroupChange>[],
	dimension: number
): ChangesOfDimension => ({
	everyone: dimensions[0]?.get(EVERYONE),
	groups: dimensions[dimension]
});
