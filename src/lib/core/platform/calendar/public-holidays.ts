import Holidays from 'date-holidays';
import { yearOf, type CivilDate } from './civil-date';
import { workCalendar, type WorkCalendar } from './working-days';

/** The place whose public holidays a person has. */
export interface HolidayPlace {
	/** ISO 3166-1 alpha-2, such as `DE`. */
	readonly country: string;
	/** ISO 3166-2 without the country, such as `BE`; null for national holidays only. */
	readonly region: string | null;
}

function holidaysOf({ country, region }: HolidayPlace): Holidays | null {
	const options = { types: ['public' as const], languages: 'en' };
	const found = region === null ? new Holidays(country, options) : new Holidays(country, region, options);
	// The library answers an unknown country with no rules, and an unknown region with the country's.
	const known = region === null || Object.hasOwn(found.getStates(country) ?? {}, region);
	return found.getRules().length > 0 && known ? found : null;
}

/** Codes of the countries whose public holidays the library `date-holidays` knows. */
export const countriesWithHolidays = (): string[] => Object.keys(new Holidays().getCountries());

/** Whether the library `date-holidays` knows the public holidays of a place. */
export function hasHolidaysFor(place: HolidayPlace): boolean {
	return holidaysOf(place) !== null;
}

/**
 * The working days of a place: its weekend and public holidays. The library's tables are large: for the server and the command line, never
 * for the page. Cost: some milliseconds the first time a year is asked for, then a look-up.
 * @returns null where the place is unknown; the caller decides what to tell the coordinator
 */
export function workCalendarAt(place: HolidayPlace): WorkCalendar | null {
	const holidays = holidaysOf(place);
	if (!holidays) return null;
	const years = new Map<number, ReadonlySet<string>>();
	const daysOff = (year: number) => {
		const known = years.get(year) ?? new Set(holidays.getHolidays(year).map(({ date }) => date.slice(0, 10)));
		years.set(year, known);
		return known;
	};
	return workCalendar(place.country, (date: CivilDate) => daysOff(yearOf(date)).has(date));
}

/** Calendars already made: a country's holidays take some milliseconds, and a workforce lives in few places. */
const made = new Map<string, WorkCalendar>();

/** Most places kept: more than there are, and a limit on what a stream of invented ones can fill. */
const MOST_MADE = 2000;

/**
 * The working days of a person's place: of the region if its holidays are known, otherwise of the country, otherwise that country's weekend
 * alone; without a country, Saturdays and Sundays are free.
 */
export function workCalendarOfPlace(place: {
	readonly country: string | null;
	readonly region: string | null;
}): WorkCalendar {
	const country = place.country ?? '';
	const key = `${country}/${place.region ?? ''}`;
	const known = made.get(key);
	if (known) return known;
	const calendar =
		(country && place.region ? workCalendarAt({ country, region: place.region }) : null) ??
		(country ? workCalendarAt({ country, region: null }) : null) ??
		workCalendar(country, () => false);
	if (made.size >= MOST_MADE) made.clear();
	made.set(key, calendar);
	return calendar;
}
