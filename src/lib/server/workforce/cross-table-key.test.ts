import { describe, expect, it } from 'vitest';
import { crossTableOf } from './cross-table-key';

describe('crossTableOf', () => {
	it('puts each group into its cell, whatever order they come in, and nobody where there is no group', () => {
		const grid = crossTableOf({
			groups: ['B\u001fPT', 'A\u001fDE', 'A\u001fPT'],
			people: [7, 3, 5],
			counts: { neck: [2, 0, 1] }
		});
		expect(grid).toEqual({
			rows: ['A', 'B'],
			columns: ['DE', 'PT'],
			people: [
				[3, 5],
				[0, 7]
			],
			counts: {
				neck: [
					[0, 1],
					[0, 2]
				]
			}
		});
	});
});
