import { isHeading } from './guess-columns';

/** Rows among which the headings are looked for: titles, dates and logos stand above them. */
const LOOKED_AT = 40;

const ADDRESS = /@.+\./;

const filled = (cells: readonly string[]) => cells.filter((cell) => cell.trim() !== '').length;

/**
 * The row that holds a table's headings, from 0: the one with the most headings that are recognised, before the first email address;
 * otherwise the first row with several cells and no address.
 * @returns null where the table begins with a person
 */
export function headingRowOf(rows: readonly (readonly string[])[]): number | null {
	const firstPerson = rows.findIndex((cells) => cells.some((cell) => ADDRESS.test(cell)));
	const before = rows.slice(0, Math.min(firstPerson < 0 ? LOOKED_AT : firstPerson, LOOKED_AT));
	const known = before.map((cells) => cells.filter(isHeading).length);
	const best = known.indexOf(Math.max(0, ...known));
	if ((known[best] ?? 0) >= 2) return best;
	const several = before.findIndex((cells) => filled(cells) >= 2);
	if (several >= 0) return several;
	const one = before.findIndex((cells) => filled(cells) > 0);
	return one < 0 ? null : one;
}
