import { sql, type SQL } from 'drizzle-orm';
import type { CrossTable } from '../../core/workforce/cross-tables';
import type { Tally } from '../../core/workforce/figures';

/** Separates the two keys of a cell; contained in neither. */
const BETWEEN = '\u001f';

/** The key of a cell of two dimensions, for grouping in a statement. */
export const crossTableKey = (row: SQL, column: SQL): SQL => sql`${row} || ${BETWEEN}::text || ${column}`;

/** Counts by {@link crossTableKey}, as a grid. */
export function crossTableOf({ groups, people, counts }: Tally): CrossTable {
	const keys = groups.map((key) => key.split(BETWEEN));
	const names = (at: 0 | 1) => [...new Set(keys.map((key) => key[at] ?? ''))].sort();
	const [rows, columns] = [names(0), names(1)];
	const places = keys.map(([row = '', column = '']) => [rows.indexOf(row), columns.indexOf(column)] as const);
	const matrix = (of: readonly number[]) => {
		const cells = rows.map(() => columns.map(() => 0));
		for (const [i, [row, column]] of places.entries()) {
			const line = cells[row];
			if (line) line[column] = of[i] ?? 0;
		}
		return cells;
	};
	return {
		rows,
		columns,
		people: matrix(people),
		counts: Object.fromEntries(Object.entries(counts).map(([code, of]) => [code, matrix(of)]))
	};
}
