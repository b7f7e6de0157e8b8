import { MIN_GROUP_SIZE } from './group-size-limit';
import type { CellMask, CountMatrix } from './cell-suppression';

/** A two-dimensional table as a reader knows it: row and column sums, and the published cells. */
export interface PartlyKnownTable {
	/** How much larger each cell could be given what it is counted among; Infinity for everyone. */
	readonly room: CountMatrix;
	readonly isShown: CellMask;
	/** Rows and columns whose sums are not published: only their total is. */
	readonly hasOpenRow: readonly boolean[];
	readonly hasOpenColumn: readonly boolean[];
}

/** A {@link PartlyKnownTable} with the room left, cells in one list. */
interface Level {
	readonly room: number[];
	readonly isHidden: readonly boolean[];
	readonly hasOpenRow: readonly boolean[];
	readonly hasOpenColumn: readonly boolean[];
}

/**
 * Changes to a table's cells that keep everything known about it. People may move from cell to cell together with what they are counted
 * among, as far up as that is hidden too: at each level within the room that the next one leaves.
 */
class Moves {
	private readonly rows: number;
	private readonly columns: number;
	private readonly now: number[];
	private readonly levels: readonly Level[];

	constructor(cells: CountMatrix, levels: readonly PartlyKnownTable[]) {
		[this.rows, this.columns] = [cells.length, cells[0]?.length ?? 0];
		this.now = cells.flat();
		this.levels = levels.map(({ room, isShown, ...open }) => ({
			...open,
			room: room.flat(),
			isHidden: isShown.flat().map((is) => !is)
		}));
	}

	/** How far a cell can move up (1) or down (-1), at most to `wanted`. */
	reach(row: number, column: number, direction: 1 | -1, wanted: number): number {
		let moved = 0;
		while (moved < wanted && this.levels.some((level) => this.step(level, row, column, direction)))
			moved += 1;
		return moved;
	}

	private canMove(level: Level, cell: number, by: 1 | -1): boolean {
		return level.isHidden[cell] === true && ((by > 0 ? level.room[cell] : this.now[cell]) ?? 0) > 0;
	}

	private move(level: Level, cell: number, by: 1 | -1): void {
		this.now[cell] = (this.now[cell] ?? 0) + by;
		level.room[cell] = (level.room[cell] ?? 0) - by;
	}

	/**
	 * Moves a cell by one, and others in turn so that each row and column keeps its sum: a shortest path through the table from the cell's
	 * column back to its row. Steps from a column to a row change the cell against the direction, steps from a row to a column along it.
	 */
	private step(level: Level, row: number, column: number, direction: 1 | -1): boolean {
		const { rows, columns } = this;
		const start = row * columns + column;
		if (!this.canMove(level, start, direction)) return false;
		const against = direction > 0 ? -1 : 1;
		// Nodes: rows, then columns, then one for all rows and one for all columns with open sums.
		const [anyRow, anyColumn] = [rows + columns, rows + columns + 1];
		const from = new Int32Array(rows + columns + 2).fill(-1);
		const queue = [rows + column];
		from[rows + column] = rows + column;
		for (let at = 0; at < queue.length && from[row] === -1; at += 1) {
			const place = queue[at] ?? 0;
			const visit = (next: number) => {
				if (from[next] !== -1) return;
				from[next] = place;
				queue.push(next);
			};
			if (place === anyRow) level.hasOpenRow.forEach((isOpen, t) => isOpen && visit(t));
			else if (place === anyColumn) level.hasOpenColumn.forEach((isOpen, d) => isOpen && visit(rows + d));
			else if (place >= rows) {
				const d = place - rows;
				for (let t = 0; t < rows; t += 1) {
					const cell = t * columns + d;
					if (cell !== start && this.canMove(level, cell, against)) visit(t);
				}
				if (level.hasOpenColumn[d]) visit(anyColumn);
			} else {
				for (let d = 0; d < columns; d += 1) {
					const cell = place * columns + d;
					if (cell !== start && this.canMove(level, cell, direction)) visit(rows + d);
				}
				if (level.hasOpenRow[place]) visit(anyRow);
			}
		}
		if (from[row] === -1) return false;
		this.move(level, start, direction);
		for (let to = row; to !== rows + column; to = from[to] ?? rows + column) {
			const before = from[to] ?? 0;
			if (before >= anyRow || to >= anyRow) continue;
			const isFromRow = before < rows;
			const [t, d] = isFromRow ? [before, to - rows] : [to, before - rows];
			this.move(level, t * columns + d, isFromRow ? direction : against);
		}
		return true;
	}
}

/**
 * Whether a hidden cell can have {@link MIN_GROUP_SIZE} values other than its own, given everything known about its table. Cost: cells of
 * the table times its levels.
 * @param cells the cell counts
 * @param levels the table itself, and those of what it is counted among, one above the other
 */
export function hasFeasibilityInterval(
	cells: CountMatrix,
	levels: readonly PartlyKnownTable[],
	row: number,
	column: number
): boolean {
	const up = new Moves(cells, levels).reach(row, column, 1, MIN_GROUP_SIZE);
	return (
		up >= MIN_GROUP_SIZE ||
		up + new Moves(cells, levels).reach(row, column, -1, MIN_GROUP_SIZE - up) >= MIN_GROUP_SIZE
	);
}
