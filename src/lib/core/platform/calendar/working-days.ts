import { addDays, weekdayOf, type CivilDate } from './civil-date';
import { weekendOf } from './weekend';

/** The working days of a place. */
export interface WorkCalendar {
	/** Days of the weekend, 0 Sunday to 6 Saturday. */
	readonly weekend: readonly number[];
	readonly isHoliday: (date: CivilDate) => boolean;
	/** Whether people work on a day of the weekend. */
	readonly isWorkedAnyway?: (date: CivilDate) => boolean;
}

/** No real calendar has more free days in a row than this; one that does is broken. */
const MOST_FREE_DAYS_IN_A_ROW = 60;

/**
 * A calendar made of a country's weekend and the given public holidays.
 * @param country ISO 3166-1 alpha-2
 */
export function workCalendar(country: string, isHoliday: (date: CivilDate) => boolean): WorkCalendar {
	return { weekend: weekendOf(country), isHoliday };
}

/** Whether a day is a working day: neither weekend nor public holiday. */
export function isWorkingDay(date: CivilDate, calendar: WorkCalendar): boolean {
	if (calendar.isWorkedAnyway?.(date)) return true;
	return !calendar.weekend.includes(weekdayOf(date)) && !calendar.isHoliday(date);
}

/**
 * The day itself if it is a working day, otherwise the next one.
 * @throws RangeError for a calendar without a working day within two months
 */
export function nextWorkingDay(date: CivilDate, calendar: WorkCalendar): CivilDate {
	let day = date;
	for (let i = 0; i <= MOST_FREE_DAYS_IN_A_ROW; i += 1) {
		if (isWorkingDay(day, calendar)) return day;
		day = addDays(day, 1);
	}
	throw new RangeError(`No working day within ${MOST_FREE_DAYS_IN_A_ROW} days of ${date}`);
}

/**
 * The day that many working days later. 0 is the day itself or the next working day; from a day off, the first working day after it counts
 * as 1. Cost: one step per calendar day.
 * @param days 0 or more, whole
 */
export function addWorkingDays(date: CivilDate, days: number, calendar: WorkCalendar): CivilDate {
	if (days === 0) return nextWorkingDay(date, calendar);
	let day = date;
	for (let left = days; left > 0; left -= 1) day = nextWorkingDay(addDays(day, 1), calendar);
	return day;
}
