import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../seed/random';
import { MIN_GROUP_SIZE } from './group-size-limit';
import { suppressCells, type CellMask, type CountMatrix, type PartOfTotal } from './cell-suppression';
import { hasFeasibilityInterval } from './feasibility-interval';

const SIZE = 3;
const PLACES = Array.from({ length: SIZE }, (_, i) => i);
const sum = (of: readonly number[]) => of.reduce((total, n) => total + n, 0);

/** A table of some size, each cell as it is drawn. */
const drawn = <T>(cell: () => T): T[][] => PLACES.map(() => PLACES.map(cell));

/** Every value that each cell can have in a table with the same sums, cells that are shown as they are, and hidden ones up to their room: by trying all. */
function valuesOf(cells: CountMatrix, isShown: CellMask, room: CountMatrix): Set<number>[][] {
	const found = drawn(() => new Set<number>());
	const [rowSums, columnSums] = [
		cells.map(sum),
		PLACES.map((d) => sum(cells.map((row) => row[d] ?? 0)))
	] as const;
	const flat = cells.flat();
	const made: number[] = [];
	const most = (i: number) => (flat[i] ?? 0) + Math.min(room.flat()[i] ?? 0, 40);
	const go = (i: number): void => {
		const [t, d] = [Math.floor(i / SIZE), i % SIZE];
		if (i === SIZE * SIZE) {
			for (const [at, value] of made.entries()) found[Math.floor(at / SIZE)]?.[at % SIZE]?.add(value);
			return;
		}
		const rowLeft = (rowSums[t] ?? 0) - sum(made.slice(t * SIZE, i));
		const columnLeft = (columnSums[d] ?? 0) - sum(made.filter((_, at) => at % SIZE === d));
		const isLast = d === SIZE - 1 ? rowLeft : t === SIZE - 1 ? columnLeft : null;
		const values = isShown[t]?.[d]
			? [flat[i] ?? 0]
			: isLast === null
				? Array.from({ length: Math.max(0, Math.min(rowLeft, columnLeft, most(i))) + 1 }, (_, v) => v)
				: [isLast];
		for (const value of values) {
			if (value < 0 || value > rowLeft || value > columnLeft || value > most(i)) continue;
			if ((d === SIZE - 1 && value !== rowLeft) || (t === SIZE - 1 && value !== columnLeft)) continue;
			made.push(value);
			go(i + 1);
			made.pop();
		}
	};
	go(0);
	return found;
}

describe('what a reader can tell of a hidden cell', () => {
	it('is what trying every table that keeps all that is known finds: 120 tables', () => {
		const dice = new Dice(29);
		let [certain, uncertain] = [0, 0];
		for (let run = 0; run < 120; run += 1) {
			const cells = drawn(() => dice.int(0, 6));
			const isShown = drawn(() => dice.int(0, 3) === 0);
			const isOpen = dice.int(0, 1) === 0;
			const room = drawn(() => (isOpen ? Infinity : dice.int(0, 4)));
			const closed = PLACES.map(() => false);
			const level = { room, isShown, hasOpenRow: closed, hasOpenColumn: closed };
			const values = valuesOf(cells, isShown, room);
			for (const t of PLACES)
				for (const d of PLACES) {
					if (isShown[t]?.[d]) continue;
					const wanted = (values[t]?.[d]?.size ?? 0) - 1 >= MIN_GROUP_SIZE;
					expect(
						hasFeasibilityInterval(cells, [level], t, d),
						JSON.stringify({ cells, isShown, room, t, d })
					).toBe(wanted);
					if (wanted) uncertain += 1;
					else certain += 1;
				}
		}
		expect(Math.min(certain, uncertain)).toBeGreaterThan(50);
	});
});

describe('suppressCells', () => {
	it('shows only what may be shown, and leaves nothing small to be had by subtracting: 300 tables', () => {
		const dice = new Dice(31);
		const isSafe = ({ n, x }: PartOfTotal) => n === 0 || (x >= MIN_GROUP_SIZE && n - x >= MIN_GROUP_SIZE);
		let shownOnes = 0;
		for (let run = 0; run < 300; run += 1) {
			const people = drawn(() => dice.int(0, 60));
			const counted = people.map((row) => row.map((n) => dice.int(0, n)));
			const partOf = (t: number, d: number): PartOfTotal => ({
				n: people[t]?.[d] ?? 0,
				x: counted[t]?.[d] ?? 0
			});
			const open = PLACES.map((t) => PLACES.map((d) => isSafe(partOf(t, d))));
			const shown = suppressCells(open, people, partOf, isSafe);
			const left = (cells: readonly (readonly [number, number])[]) => {
				const parts = cells.filter(([t, d]) => !shown[t]?.[d]).map(([t, d]) => partOf(t, d));
				return { n: sum(parts.map(({ n }) => n)), x: sum(parts.map(({ x }) => x)) };
			};
			for (const t of PLACES) for (const d of PLACES) if (shown[t]?.[d]) expect(open[t]?.[d]).toBe(true);
			shownOnes += shown.flat().filter((is) => is).length;
			// What is left of a row or a column of which something is shown.
			for (const i of PLACES) {
				const [row, column] = [
					PLACES.map((d) => [i, d] as const),
					PLACES.map((t) => [t, i] as const)
				] as const;
				for (const line of [row, column])
					if (line.some(([t, d]) => shown[t]?.[d]))
						expect(isSafe(left(line)), JSON.stringify(people)).toBe(true);
			}
		}
		expect(shownOnes).toBeGreaterThan(300);
	});
});
