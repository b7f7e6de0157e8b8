import { describe, expect, it } from 'vitest';
import { retentionCutoffs } from './index';

describe('the days of a policy', () => {
	it('are so many years back, on the same day', () => {
		expect(retentionCutoffs({ yearsAfterLeaving: 2, yearsAfterAnswer: 10 }, '2026-11-27')).toEqual({
			left: '2024-11-27',
			answered: '2016-11-27'
		});
	});
	it('are none where nothing is said', () => {
		expect(retentionCutoffs({ yearsAfterLeaving: null, yearsAfterAnswer: null }, '2026-11-27')).toEqual({
			left: null,
			answered: null
		});
	});
	it('are the 28th where there is no 29th of February', () => {
		expect(retentionCutoffs({ yearsAfterLeaving: 1, yearsAfterAnswer: 4 }, '2028-02-29')).toEqual({
			left: '2027-02-28',
			answered: '2024-02-29'
		});
	});
});
