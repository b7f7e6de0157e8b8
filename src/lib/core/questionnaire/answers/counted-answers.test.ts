import { describe, expect, it } from 'vitest';
import { countingUnitOf, countField, lengthToCount, countToLength, countsToLengths } from './counted-answers';

const SHEETS = { unit: 'cm', by: 'a4-sheets' };
const SPANS = { unit: 'cm', by: 'hand-span', handSpan: '20.5' };

describe('a length that is counted', () => {
	it('becomes what so many sheets or spans are, and is shown as it was counted (ISO 216, from memory)', () => {
		// Two and a half long sides of A4, 297 mm each.
		expect(countToLength('surfaceHeight', '2 1/2', SHEETS)).toBe('74.3');
		expect(lengthToCount('surfaceHeight', { ...SHEETS, surfaceHeight: '74.3' })).toBe('2 1/2');
		expect(countToLength('seatHeight', '2 1/4', SPANS)).toBe('46.1');
		expect(lengthToCount('seatHeight', { ...SPANS, seatHeight: '46.1' })).toBe('2 1/4');
	});

	it('comes back for every quarter, in each unit', () => {
		for (const unit of ['cm', 'mm', 'in'])
			for (const known of [SHEETS, SPANS])
				for (let quarters = 2; quarters < 24; quarters += 1) {
					const answers = {
						...known,
						unit,
						...(known === SPANS ? { handSpan: unit === 'in' ? '8' : unit === 'mm' ? '205' : '20.5' } : {})
					};
					const text = lengthToCount('surfaceHeight', {
						...answers,
						surfaceHeight: countToLength('surfaceHeight', `${quarters}/4`, answers)
					});
					expect(
						lengthToCount('surfaceHeight', {
							...answers,
							surfaceHeight: countToLength('surfaceHeight', text, answers)
						})
					).toBe(text);
				}
	});

	it('is a long one: short ones are counted in cards, what is known by heart not at all', () => {
		expect(countingUnitOf('thigh', SHEETS)?.by).toBe('card');
		expect(countingUnitOf('stature', SHEETS)).toBeNull();
		expect(countingUnitOf('heel', SHEETS)).toBeNull();
		expect(countingUnitOf('surfaceHeight', { by: 'tape' })).toBeNull();
		// A span that is not known yet counts nothing.
		expect(countingUnitOf('surfaceHeight', { by: 'hand-span' })).toBeNull();
		// The person's own lengths are measured as the furniture where nothing else was said.
		expect(countingUnitOf('popliteal', SHEETS)?.by).toBe('a4-sheets');
		expect(countingUnitOf('popliteal', { ...SHEETS, bodyBy: 'tape' })).toBeNull();
	});

	it('that can’t be read stays as it was typed, to be said', () => {
		expect(countToLength('surfaceHeight', 'two', SHEETS)).toBe('two');
		expect(lengthToCount('surfaceHeight', { ...SHEETS, surfaceHeight: 'two' })).toBe('two');
	});

	it('is posted by a page without scripts under a name of its own', () => {
		expect(
			countsToLengths({ [countField('surfaceHeight')]: '2 1/2', by: 'a4-sheets' }, { unit: 'cm' })
		).toEqual({
			surfaceHeight: '74.3',
			by: 'a4-sheets'
		});
	});
});
