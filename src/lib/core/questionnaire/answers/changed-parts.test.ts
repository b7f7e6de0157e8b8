import { describe, expect, it } from 'vitest';
import { isPrefilled, clearChangedParts } from './changed-parts';

const LAST_YEAR = {
	unit: 'cm',
	stature: '170',
	sittingElbow: '23',
	popliteal: '41',
	lenses: 'none',
	by: 'tape',
	posture: 'sitting',
	surfaceHeight: '74',
	seatKind: 'chair',
	seatHeight: '46',
	'cant.seatGive': 'yes',
	armrest: 'no',
	screenKind: 'laptop',
	topAboveBase: '22',
	mouse: 'none',
	distance: '55',
	'check.lamp': 'yes',
	'thing.0.kind': 'box'
};
const emptied = (...renewed: Parameters<typeof clearChangedParts>[1]) =>
	Object.keys(clearChangedParts(LAST_YEAR, renewed)).sort();

describe('asked again after a year', () => {
	it('is known by the measures of the last time; a further spot, which has no table yet, is not', () => {
		expect(isPrefilled(LAST_YEAR)).toBe(true);
		expect(isPrefilled({ ...LAST_YEAR, surfaceHeight: '' })).toBe(false);
		expect(isPrefilled({})).toBe(false);
	});

	it('asks again what another chair, other devices or other glasses change, and nothing else', () => {
		expect(emptied()).toEqual([]);
		expect(emptied('chair')).toEqual(['armrest', 'cant.seatGive', 'seatHeight', 'seatKind']);
		expect(emptied('glasses')).toEqual(['distance', 'lenses']);
		expect(emptied('devices')).toEqual(['distance', 'mouse', 'screenKind', 'topAboveBase']);
	});

	it('asks the whole spot again at another table; the body, the house and a laptop stay', () => {
		expect(emptied('place')).toEqual([
			'armrest',
			'cant.seatGive',
			'check.lamp',
			'distance',
			'posture',
			'seatHeight',
			'seatKind',
			'surfaceHeight'
		]);
		expect(emptied('place', 'chair')).toEqual(emptied('place'));
	});
});
