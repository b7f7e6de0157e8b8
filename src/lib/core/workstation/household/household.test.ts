import { describe, expect, it } from 'vitest';
import { PLAIN_CHAIR } from '../../../../../tests/support/plain-chair';
import { randomCorner } from '../../../../../tests/support/random-corner';
import type { Corner, HouseholdItem } from '../corner/corner';
import { placementModes } from './placement-modes';
import { pieceTypes } from './piece-types';

const rises = (kind: HouseholdItem['kind'], size: [number, number, number]) =>
	placementModes({ kind, size }).map((mode) => [mode.name, mode.rise, ...mode.footprint]);

describe('placementModes', () => {
	it('lays books, reams, binders and games flat, on the largest face', () => {
		expect(rises('book', [42, 330, 250])).toEqual([['flat', 42, 330, 250]]);
		expect(rises('ream', [297, 52, 210])).toEqual([['flat', 52, 297, 210]]);
	});

	it('stands a box on any of its three faces, equal ones once', () => {
		expect(rises('sturdy-box', [400, 300, 120])).toEqual([
			['face-400x300', 120, 400, 300],
			['face-400x120', 300, 400, 120],
			['face-300x120', 400, 300, 120]
		]);
		expect(rises('light-box', [200, 200, 200])).toHaveLength(1);
		expect(rises('light-box', [300, 200, 200])).toHaveLength(2);
	});

	it('takes a step stool as it is now', () => {
		expect(rises('step-stool', [280, 400, 220])).toEqual([['stands', 220, 400, 280]]);
	});

	it('lets soft things give under a person', () => {
		expect(rises('pillow', [600, 400, 120])).toEqual([['flat', 36, 600, 400]]);
		expect(rises('cushion', [400, 400, 75])).toEqual([['flat', 45, 400, 400]]);
	});

	it('folds a towel as paper folds: each fold halves the longer side and doubles the layers', () => {
		expect(rises('towel', [1400, 700, 5])).toEqual([
			['fold-2', 8, 700, 700],
			['fold-4', 16, 700, 350],
			['fold-8', 32, 350, 350],
			['fold-16', 64, 350, 175]
		]);
		// Volume under no load: layers x area stays what it was.
		for (const [, rise, a, b] of rises('blanket', [1600, 1280, 10]))
			expect((Number(rise) / 0.8) * Number(a) * Number(b)).toBeCloseTo(1600 * 1280 * 10, 3);
	});

	it('has no way to stack a bolster', () => {
		expect(rises('bolster', [600, 180, 180])).toEqual([]);
	});
});

describe('pieceTypes', () => {
	const base = randomCorner(2, { rigid: 0, soft: 0, span: 0 });
	const corner = (household: HouseholdItem[], kind: 'laptop' | 'monitor' = 'laptop'): Corner => ({
		...base,
		spot: {
			...base.spot,
			keys: { kind: 'separate', homeRow: 20, base: [440, 130] },
			posture: 'sitting',
			seat: PLAIN_CHAIR,
			screen: { ...base.spot.screen, kind, base: [320, 220] }
		},
		household
	});
	const stationsOf = (item: Omit<HouseholdItem, 'id' | 'label'>, kind: 'laptop' | 'monitor' = 'laptop') => {
		const [type] = pieceTypes(corner([{ id: 'x', label: 'x', ...item }], kind));
		return Object.entries(type?.modes ?? {})
			.filter(([, modes]) => modes.length > 0)
			.map(([station]) => station);
	};

	it('puts soft things on the seat and nowhere else, rigid things never on it', () => {
		expect(stationsOf({ kind: 'pillow', size: [600, 400, 120] })).toEqual(['seat']);
		expect(stationsOf({ kind: 'book', size: [330, 250, 42] })).toEqual(['feet', 'keys', 'mouse', 'screen']);
	});

	it('keeps games from under feet, and light boxes, binders and bolsters from every stack', () => {
		expect(stationsOf({ kind: 'light-box', size: [330, 250, 60] })).toEqual([]);
		expect(stationsOf({ kind: 'board-game', size: [380, 270, 55] })).toEqual(['keys', 'mouse', 'screen']);
		expect(stationsOf({ kind: 'step-stool', size: [330, 250, 150] })).toEqual(['feet', 'screen']);
		expect(stationsOf({ kind: 'binder', size: [320, 285, 75] })).toEqual([]);
		expect(stationsOf({ kind: 'bolster', size: [600, 180, 180] })).toEqual([]);
	});

	it('compares footprints to the millimetre: 0.8 of a laptop, 0.75 and 0.9 of a keyboard, all of a monitor’s foot', () => {
		const laptop = (size: [number, number, number]) => stationsOf({ kind: 'book', size }, 'laptop');
		expect(laptop([256, 176, 30])).toContain('screen');
		expect(laptop([255, 176, 30])).not.toContain('screen');
		expect(laptop([330, 117, 30])).toContain('keys');
		expect(laptop([330, 116, 30])).not.toContain('keys');
		expect(laptop([329, 117, 30])).not.toContain('keys');
		expect(stationsOf({ kind: 'book', size: [320, 220, 30] }, 'monitor')).toContain('screen');
		expect(stationsOf({ kind: 'book', size: [319, 220, 30] }, 'monitor')).not.toContain('screen');
	});

	it('counts alike pieces as one type, whatever they are called', () => {
		const types = pieceTypes(
			corner([
				{ id: 'b', kind: 'book', label: 'atlas', size: [330, 250, 42], count: 2 },
				{ id: 'a', kind: 'book', label: 'cookbook', size: [42, 330, 250] },
				{ id: 'c', kind: 'book', label: 'thin', size: [330, 250, 20] }
			])
		);
		expect(types.map((type) => type.ids)).toEqual([['a', 'b', 'b#2'], ['c']]);
	});
});
