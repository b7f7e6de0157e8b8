import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import { BOARD_COLUMNS, type BoardColumn } from '../../plan/equipment/board-columns';
import {
	FIXED_COLUMN,
	purchasingChanges,
	purchasingTable,
	USUAL_PURCHASING_FILE,
	type PurchasingColumn
} from './purchasing-file';

/** A request whose every value names its column. */
const request = (n: number) =>
	Object.fromEntries(BOARD_COLUMNS.map((column) => [column, `${column} ${n}`])) as Record<
		BoardColumn,
		string
	>;

const column = (content: PurchasingColumn['content'], heading: string, value = ''): PurchasingColumn => ({
	content,
	heading,
	value
});

describe('the file for purchasing', () => {
	it('is as it always was where nothing is set: every column under its own name', () => {
		const [head, row, ...more] = purchasingTable(USUAL_PURCHASING_FILE, [request(1)]);
		expect(head).toEqual([...BOARD_COLUMNS]);
		expect(row).toEqual(BOARD_COLUMNS.map((name) => `${name} 1`));
		expect(more).toEqual([]);
	});

	it('has its own order and headings, and what is the same in every row', () => {
		const columns = [
			column('cost', 'Net'),
			column(FIXED_COLUMN, 'Cost centre', '4711'),
			column('name', 'Article')
		];
		expect(purchasingTable({ columns }, [request(1), request(2)])).toEqual([
			['Net', 'Cost centre', 'Article'],
			['cost 1', '4711', 'name 1'],
			['cost 2', '4711', 'name 2']
		]);
	});

	it('says what was added, left out, renamed, filled otherwise and moved, and nothing of what stayed', () => {
		const before = {
			columns: [column('name', 'A'), column('cost', 'B'), column('team', 'C'), column('person', 'D')]
		};
		const of = (...columns: PurchasingColumn[]) => purchasingChanges(before, { columns });
		const [a, b, c, d] = before.columns as [
			PurchasingColumn,
			PurchasingColumn,
			PurchasingColumn,
			PurchasingColumn
		];
		expect(of(a, b, c, d)).toEqual([]);
		expect(of(a, b, c)).toEqual([{ how: 'removed', name: 'D' }]);
		expect(of(a, b, c, d, column(FIXED_COLUMN, 'E', '1'))).toEqual([{ how: 'added', name: 'E' }]);
		expect(of({ ...a, content: 'thing' }, b, c, d)).toEqual([{ how: 'changed', name: 'A' }]);
		expect(of(b, a, c, d).map(({ how }) => how)).toEqual(['changed', 'changed', 'changed']);
		// Every other order of the same columns is a change.
		for (let seed = 1; seed <= 50; seed += 1) {
			const dice = new Dice(seed);
			const shuffled = [...before.columns].sort(() => (dice.chance(0.5) ? 1 : -1));
			const isSame = shuffled.every((one, i) => one === before.columns[i]);
			expect(of(...shuffled).length === 0).toBe(isSame);
		}
	});
});
