import { describe, expect, it } from 'vitest';
import { missingMeasures } from './missing-measures';

const fits = { verdict: 'fits' } as const;

describe('an inspector’s record without measures', () => {
	it('says that none were needed only where nothing is off and nothing was found', () => {
		expect(missingMeasures({ problems: [], standing: [fits, { verdict: 'unsure' }] })).toBe('noMeasures');
		expect(missingMeasures({ problems: [{ how: null }], standing: [fits] })).toBe('noMeasuresYet');
		expect(missingMeasures({ problems: [{ how: 'not-here' }], standing: [] })).toBe('noMeasuresYet');
		expect(missingMeasures({ problems: [{ how: 'done' }], standing: [{ verdict: 'off' }] })).toBe(
			'noMeasuresYet'
		);
		expect(missingMeasures({ problems: [{ how: 'done' }], standing: [fits] })).toBe('measuresAbove');
	});
});
