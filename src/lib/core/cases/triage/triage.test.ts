import { describe, expect, it } from 'vitest';
import { parseCivilDate, type CivilDate } from '../../platform/calendar/civil-date';
import { workCalendar } from '../../platform/calendar/working-days';
import type { RegionReport } from '../discomfort/report';
import { actByDay, checkInDaysAfter, nextReminderDay, recheckDay, remindersFor } from './follow-up-dates';
import { TRIAGE_LEVELS, TRIAGE_POLICIES } from './policy';

const [policy] = TRIAGE_POLICIES;
const sore = (worst: number): RegionReport => ({
	region: 'neck',
	side: null,
	worst,
	days: 3,
	hinders: 'no',
	kinds: ['ache']
});

describe('dates', () => {
	const day = (text: string): CivilDate =>
		parseCivilDate(text) ??
		(() => {
			throw new RangeError(text);
		})();
	const calendar = workCalendar('GB', (date) => date === '2026-05-04');
	const friday = day('2026-05-01');

	it('act by working days of the level, over a weekend and a holiday', () => {
		expect(TRIAGE_LEVELS.map((level) => actByDay(level, friday, policy, calendar))).toEqual([
			'2026-05-01',
			'2026-05-01',
			'2026-05-07',
			'2026-05-11',
			'2026-05-18',
			'2026-06-01',
			null
		]);
	});

	it('look again after a year, or half of one where it hurts', () => {
		expect(recheckDay(friday, [sore(3)], policy, calendar)).toBe('2027-05-03');
		expect(recheckDay(friday, [sore(4)], policy, calendar)).toBe('2026-10-28');
	});

	it('check in after 14 and 42 days, and remind after 3, 7 and 14 working days before the call list', () => {
		expect(checkInDaysAfter(friday, policy, calendar)).toEqual(['2026-05-15', '2026-06-12']);
		// The 14th day after a Monday holiday's Monday moves on to the next day that is worked.
		expect(checkInDaysAfter(day('2026-04-20'), policy, calendar)[0]).toBe('2026-05-05');
		expect(remindersFor(friday, policy, calendar)).toEqual([
			{ on: '2026-05-07', kind: 'letter' },
			{ on: '2026-05-13', kind: 'letter' },
			{ on: '2026-05-22', kind: 'letter' },
			{ on: '2026-05-27', kind: 'call-list' }
		]);
	});

	it('never reminds twice within a working day, where the days have become shorter since', () => {
		const all = remindersFor(friday, policy, calendar);
		expect(nextReminderDay(all, 1, day('2026-05-07'), calendar)).toBe('2026-05-13');
		// Both days are past: the next one is the working day after today.
		expect(nextReminderDay(all, 1, day('2026-05-15'), calendar)).toBe('2026-05-18');
		expect(nextReminderDay(all, 4, day('2026-05-27'), calendar)).toBeNull();
	});
});
