import { describe, expect, it } from 'vitest';
import { emergencyNumber, DEFAULT_EMERGENCY_NUMBER } from './emergency-number';

describe('the number to call', () => {
	it('is the country’s own, and 112 in the European Union and where nothing is known', () => {
		// What governments publish: gov.uk, 911.gov, the European Commission's page on 112; from memory.
		expect(emergencyNumber('GB')).toBe('999');
		expect(emergencyNumber('US')).toBe('911');
		expect(emergencyNumber('AU')).toBe('000');
		// Those that fell to 112 before, as a second look had them; from memory.
		const others = { TW: '119', PE: '106', EC: '911', UY: '911', QA: '999', BH: '999', OM: '9999', DZ: '14' };
		const more = { JO: '911', KZ: '103', NP: '102', AL: '127', PR: '911' };
		for (const [country, number] of Object.entries({ ...others, ...more }))
			expect(emergencyNumber(country), country).toBe(number);
		for (const country of ['DE', 'FR', 'PT', 'PL', '', 'ZZ', 'toString'])
			expect(emergencyNumber(country), country).toBe(DEFAULT_EMERGENCY_NUMBER);
	});
});
