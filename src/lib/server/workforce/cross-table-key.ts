import { sql, type SQL } from 'drizzle-orm';
import type { CrossTable, Tally } from '../../core/workforce';

/** Stands between the two keys of a cell; in neither of them. */
const BETWEEN = '\u001f';

/** The key of a cell of two dimensions, as a statement groups by it. */
export const crossTableKey = (row: SQL, column: SQL): SQL => sql`${row} || ${BETWEEN}::text || ${column}`;

/** What was counted by {@link crossTableKey}, as a grid. */
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
