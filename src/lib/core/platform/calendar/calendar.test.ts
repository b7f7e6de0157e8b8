import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { referenceText } from '../../../../../tests/support/reference';
import { addDays, parseCivilDate, daysBetween, weekdayOf, type CivilDate } from './civil-date';
import { addWorkingDays, isWorkingDay, nextWorkingDay, workCalendar } from './working-days';
import { weekendOf } from './weekend';
import { hasHolidaysFor, workCalendarAt } from './public-holidays';

const day = (text: string): CivilDate => {
	const date = parseCivilDate(text);
	if (!date) throw new RangeError(`${text} is no day`);
	return date;
};

interface HolidayTable {
	readonly calendars: Readonly<
		Record<
			string,
			{ readonly agreed_by_all_available: readonly string[]; readonly disputed: readonly string[] }
		>
	>;
}

/** Weekday public holidays that three libraries agree on; see `tests/data/reference`. */
const table = JSON.parse(referenceText('holidays-reference.json')) as HolidayTable;

describe('workCalendarAt against a table of holidays', () => {
	it.each(Object.keys(table.calendars))('agrees on every weekday of %s that is not disputed', (name) => {
		const { agreed_by_all_available: agreed = [], disputed = [] } = table.calendars[name] ?? {};
		const [where = '', year = ''] = name.split(' ');
		const [country = '', region = null] = where.split('-');
		const calendar = workCalendarAt({ country, region });
		if (!calendar) throw new Error(`${where} is not known`);
		expect(agreed.length).toBeGreaterThan(2);
		for (let date = day(`${year}-01-01`); date.startsWith(year); date = addDays(date, 1)) {
			const isWeekday = weekdayOf(date) > 0 && weekdayOf(date) < 6;
			if (isWeekday && !disputed.includes(date))
				expect(calendar.isHoliday(date), date).toBe(agreed.includes(date));
		}
	});

	it('does not know what is no country or region, and says so', () => {
		expect(hasHolidaysFor({ country: 'DE', region: 'BE' })).toBe(true);
		expect(hasHolidaysFor({ country: 'XX', region: null })).toBe(false);
		expect(workCalendarAt({ country: 'DE', region: 'NOWHERE' })).toBeNull();
	});
});

describe('parseCivilDate', () => {
	it('takes days of the calendar and nothing else', () => {
		expect(parseCivilDate('2028-02-29')).toBe('2028-02-29');
		for (const text of [
			'2027-02-29',
			'2026-13-01',
			'2026-04-31',
			'26-01-01',
			'2026-1-1',
			'',
			'2026-01-01T00:00'
		])
			expect(parseCivilDate(text)).toBeNull();
	});

	it('counts there and back, over leap years and the ends of months', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 40_000 }), fc.integer({ min: -4000, max: 4000 }), (from, by) => {
				const date = addDays(day('1970-01-01'), from);
				expect(daysBetween(date, addDays(date, by))).toBe(by);
				expect((weekdayOf(date) + by + 7000) % 7).toBe(weekdayOf(addDays(date, by)));
			})
		);
		expect(addDays(day('2028-02-28'), 2)).toBe('2028-03-01');
	});
});

describe('working days', () => {
	const calendar = workCalendar('DE', (date) => date === '2026-12-25' || date === '2026-12-28');

	it('skip weekends and holidays', () => {
		// Thursday the 24th; the 25th and Monday the 28th are free.
		expect(addWorkingDays(day('2026-12-24'), 1, calendar)).toBe('2026-12-29');
		expect(nextWorkingDay(day('2026-12-25'), calendar)).toBe('2026-12-29');
		expect(addWorkingDays(day('2026-12-26'), 0, calendar)).toBe('2026-12-29');
		expect(addWorkingDays(day('2026-12-21'), 0, calendar)).toBe('2026-12-21');
	});

	it('land on a working day, with just so many after the start', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 1, max: 60 }), (from, n) => {
				const start = addDays(day('2024-01-01'), from);
				const end = addWorkingDays(start, n, calendar);
				const between = Array.from({ length: daysBetween(start, end) }, (_, i) => addDays(start, i + 1));
				expect(between.filter((d) => isWorkingDay(d, calendar))).toHaveLength(n);
				expect(isWorkingDay(end, calendar)).toBe(true);
			}),
			{ numRuns: 60 }
		);
	});

	it('refuse a calendar in which nobody ever works', () => {
		expect(() =>
			nextWorkingDay(
				day('2026-01-01'),
				workCalendar('DE', () => true)
			)
		).toThrow(RangeError);
	});
});

describe('weekendOf against the week data of this machine’s Unicode library', () => {
	it('agrees for forty countries', () => {
		type WithWeek = Intl.Locale & {
			weekInfo?: { weekend: number[] };
			getWeekInfo?: () => { weekend: number[] };
		};
		const countries =
			'AE AF AR AU BD BH BR CA CH CN DE DZ EG ES FR GB IL IN IQ IR IT JO JP KR KW LY MX NL NO OM PL QA SA SD SE SG SY TH TR UG US YE ZA';
		for (const country of countries.split(' ')) {
			const locale: WithWeek = new Intl.Locale(`und-${country}`);
			const weekend = (locale.getWeekInfo?.() ?? locale.weekInfo)?.weekend;
			if (!weekend) throw new Error('No week data');
			// There 7 is Sunday.
			expect([country, [...weekendOf(country)].sort()]).toEqual([country, weekend.map((d) => d % 7).sort()]);
		}
	});
});
