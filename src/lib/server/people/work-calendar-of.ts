import type { CivilDate, WorkCalendar } from '../../core/calendar';
import { workCalendar } from '../../core/calendar';
import { workCalendarAt } from '../../core/calendar/public-holidays';

/** Calendars that were made: a country's holidays take some milliseconds, and a workforce lives in few countries. */
const made = new Map<string, WorkCalendar>();

/**
 * The working days of a person's country. Where the country is not known, the weekend is Saturday and Sunday and no day is a
 * holiday.
 *
 * @param country ISO 3166-1 alpha-2, or empty
 */
export function workCalendarOf(country: string): WorkCalendar {
	const known = made.get(country);
	if (known) return known;
	const calendar =
		(country ? workCalendarAt({ country, region: null }) : null) ??
		workCalendar(country || 'GB', (_: CivilDate) => false);
	made.set(country, calendar);
	return calendar;
}
