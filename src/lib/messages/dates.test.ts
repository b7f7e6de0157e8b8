import { describe, expect, it } from 'vitest';
import { dayWords, momentWords, timeWords } from './dates';

describe('dates of the desk', () => {
	it('write an ISO day as that day, in every style, whatever the zone of the machine', () => {
		expect(dayWords('2026-03-04')).toBe('4 March 2026');
		expect(dayWords('2026-03-04', 'medium')).toBe('4 Mar 2026');
		expect(dayWords('2026-03-04', 'short')).toBe('4 Mar');
		expect(dayWords('2026-03-04', 'weekday')).toMatch(/^Wed,? 4 Mar$/);
		expect(dayWords('2026-03-04', 'today')).toMatch(/^Wednesday,? 4 March$/);
		// A timestamp as in JSON.
		expect(dayWords('2026-03-04T23:30:00.000Z', 'short')).toBe('4 Mar');
		expect(dayWords(new Date('2026-03-04T23:30:00Z'), 'short')).toBe('4 Mar');
	});

	it('write a moment as the reader’s clock has it', () => {
		const late = new Date('2026-03-04T23:30:00Z');
		expect(momentWords(late, 'UTC')).toBe('4 Mar 2026, 23:30');
		expect(momentWords(late, 'Europe/Lisbon')).toBe('4 Mar 2026, 23:30');
		expect(momentWords(late, 'Asia/Tokyo')).toBe('5 Mar 2026, 08:30');
		expect(timeWords(late.toISOString(), 'Asia/Tokyo')).toBe('08:30');
	});
});
