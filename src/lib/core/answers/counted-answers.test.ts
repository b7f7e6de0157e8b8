import { describe, expect, it } from 'vitest';
import { countedIn, countField, countOfLength, lengthOfCount, withCounts } from '.';

const SHEETS = { unit: 'cm', by: 'a4-sheets' };
const SPANS = { unit: 'cm', by: 'hand-span', handSpan: '20.5' };

describe('a length that is counted', () => {
	it('becomes what so many sheets or spans are, and is shown as it was counted (ISO 216, from memory)', () => {
		// Two and a half long sides of A4, 297 mm each.
		expect(lengthOfCount('surfaceHeight', '2 1/2', SHEETS)).toBe('74.3');
		expect(countOfLength('surfaceHeight', { ...SHEETS, surfaceHeight: '74.3' })).toBe('2 1/2');
		expect(lengthOfCount('seatHeight', '2 1/4', SPANS)).toBe('46.1');
		expect(countOfLength('seatHeight', { ...SPANS, seatHeight: '46.1' })).toBe('2 1/4');
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
					const text = countOfLength('surfaceHeight', {
						...answers,
						surfaceHeight: lengthOfCount('surfaceHeight', `${quarters}/4`, answers)
					});
					expect(
						countOfLength('surfaceHeight', {
							...answers,
							surfaceHeight: lengthOfCount('surfaceHeight', text, answers)
						})
					).toBe(text);
				}
	});

	it('is a long one: short ones are counted in cards, what is known by heart not at all', () => {
		expect(countedIn('thigh', SHEETS)?.by).toBe('card');
		expect(countedIn('stature', SHEETS)).toBeNull();
		expect(countedIn('heel', SHEETS)).toBeNull();
		expect(countedIn('surfaceHeight', { by: 'tape' })).toBeNull();
		// A span that is not known yet counts nothing.
		expect(countedIn('surfaceHeight', { by: 'hand-span' })).toBeNull();
		// The person's own lengths are measured as the furniture where nothing else was said.
		expect(countedIn('popliteal', SHEETS)?.by).toBe('a4-sheets');
		expect(countedIn('popliteal', { ...SHEETS, bodyBy: 'tape' })).toBeNull();
	});

	it('that can’t be read stays as it was typed, to be said', () => {
		expect(lengthOfCount('surfaceHeight', 'two', SHEETS)).toBe('two');
		expect(countOfLength('surfaceHeight', { ...SHEETS, surfaceHeight: 'two' })).toBe('two');
	});

	it('is posted by a page without scripts under a name of its own', () => {
		expect(withCounts({ [countField('surfaceHeight')]: '2 1/2', by: 'a4-sheets' }, { unit: 'cm' })).toEqual({
			surfaceHeight: '74.3',
			by: 'a4-sheets'
		});
	});
});
