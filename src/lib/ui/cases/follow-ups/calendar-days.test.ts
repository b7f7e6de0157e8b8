import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calendarHref, CALENDAR_VIEWS, daysFromTo, daysOn, stepRange } from './calendar-days';

const isoDay = fc
	.date({ min: new Date('1990-01-01'), max: new Date('2090-01-01'), noInvalidDate: true })
	.map((date) => date.toISOString().slice(0, 10));

const dayOf = (href: string) => new URLSearchParams(href).get('day') ?? '';

describe('days of the calendar', () => {
	it('are counted over months, years, leap days and the change of clocks', () => {
		expect(daysOn('2026-12-31', 1)).toBe('2027-01-01');
		expect(daysOn('2028-02-28', 1)).toBe('2028-02-29');
		expect(daysOn('2026-03-28', 2)).toBe('2026-03-30');
		expect(daysOn('2026-03-01', -1)).toBe('2026-02-28');
	});

	it('come back as they went, and are each there once in order', () => {
		fc.assert(
			fc.property(isoDay, fc.integer({ min: 0, max: 400 }), (day, n) => {
				const until = daysOn(day, n);
				expect(daysOn(until, -n)).toBe(day);
				const all = daysFromTo(day, until);
				expect(all).toHaveLength(n + 1);
				expect([...new Set(all)].sort()).toEqual(all);
				expect([all[0], all.at(-1)]).toEqual([day, until]);
			})
		);
	});
});

describe('a step in a view', () => {
	it('goes on by what the view shows, and back to where it was', () => {
		fc.assert(
			fc.property(isoDay, fc.constantFrom(...CALENDAR_VIEWS), (day, view) => {
				const there = dayOf(stepRange(view, day, 1));
				expect(there > day).toBe(true);
				const back = dayOf(stepRange(view, there, -1));
				// A month is opened at its first day.
				expect(back).toBe(view === 'month' ? `${day.slice(0, 7)}-01` : day);
			})
		);
	});

	it('keeps the view, and never leaves out a month', () => {
		expect(stepRange('month', '2026-01-31', 1)).toBe(calendarHref('month', '2026-02-01'));
		expect(stepRange('month', '2026-12-05', 1)).toBe('?view=month&day=2027-01-01');
		expect(stepRange('week', '2026-11-23', -1)).toBe('?view=week&day=2026-11-16');
		expect(stepRange('list', '2026-11-29', 1)).toBe('?view=list&day=2027-01-28');
	});
});
