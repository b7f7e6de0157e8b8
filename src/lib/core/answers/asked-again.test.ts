import { describe, expect, it } from 'vitest';
import { randomWalker } from '../../../../tests/support/random-walker';
import { openQuestions, questionsOf } from '../asking';
import { BODY_FIELDS, isAskedAgain, RENEWED, withoutRenewed } from '.';

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
const emptied = (...renewed: Parameters<typeof withoutRenewed>[1]) =>
	Object.keys(withoutRenewed(LAST_YEAR, renewed)).sort();

describe('asked again after a year', () => {
	it('is known by the measures of the last time; a further spot, which has no table yet, is not', () => {
		expect(isAskedAgain(LAST_YEAR)).toBe(true);
		expect(isAskedAgain({ ...LAST_YEAR, surfaceHeight: '' })).toBe(false);
		expect(isAskedAgain({})).toBe(false);
	});

	it('asks anew what another chair, other devices or other glasses change, and nothing else', () => {
		expect(emptied()).toEqual([]);
		expect(emptied('chair')).toEqual(['armrest', 'cant.seatGive', 'seatHeight', 'seatKind']);
		expect(emptied('glasses')).toEqual(['distance', 'lenses']);
		expect(emptied('devices')).toEqual(['distance', 'mouse', 'screenKind', 'topAboveBase']);
	});

	it('asks the whole spot anew at another table; the body, the house and a laptop stay', () => {
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

	it('of anybody: what is taken out is asked again on the way through everything, and body, house and all else are kept', () => {
		const asking = { way: 'upright', checklistVersion: 3 } as const;
		const body: ReadonlySet<string> = new Set([...BODY_FIELDS.sitting, ...BODY_FIELDS.standing]);
		for (let seed = 1; seed <= 6; seed += 1) {
			const before = randomWalker(seed, asking);
			const renewed = RENEWED.filter((_, i) => (seed >> i) & 1);
			const gone = withoutRenewed(before, renewed);
			for (const field of Object.keys(gone)) {
				expect(body.has(field), field).toBe(false);
				expect(field).not.toMatch(/^(?:thing|sign|pain)\.|^(?:unit|stature|hurts)$/);
			}
			const after = { ...before, ...gone };
			const open = new Set(openQuestions(after, asking, 'complete').map(({ id }) => id));
			for (const { id } of questionsOf(after, asking)) {
				if (id in gone) expect(open.has(id), `${seed} ${id}`).toBe(true);
				else if (before[id] !== undefined) expect(open.has(id), `${seed} ${id}`).toBe(false);
			}
		}
	});
});
