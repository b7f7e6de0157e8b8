import { describe, expect, it } from 'vitest';
import { emergencyNumber, USUAL_EMERGENCY_NUMBER } from './index';

describe('the number to call', () => {
	it('is the country’s own, and 112 in the European Union and where nothing is known', () => {
		// What governments publish: gov.uk, 911.gov, the European Commission's page on 112; from memory.
		expect(emergencyNumber('GB')).toBe('999');
		expect(emergencyNumber('US')).toBe('911');
		expect(emergencyNumber('AU')).toBe('000');
		for (const country of ['DE', 'FR', 'PT', 'PL', '', 'ZZ', 'toString'])
			expect(emergencyNumber(country), country).toBe(USUAL_EMERGENCY_NUMBER);
	});
});
