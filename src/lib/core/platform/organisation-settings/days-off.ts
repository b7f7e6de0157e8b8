import { parseCivilDate, addDays, type CivilDate } from '../calendar/civil-date';
import type { WorkCalendar } from '../calendar/working-days';
import type { SettingsChange, SettingsFault } from './settings-change';
import { entryChanges } from './entry-changes';

/** A day that differs from the public holidays of a place. */
export interface DayOff {
	/** ISO date. */
	readonly date: CivilDate;
	readonly name: string;
	/** ISO 3166-1 alpha-2; empty for every country. */
	readonly country: string;
	/** ISO 3166-2 without the country; empty for the whole country. */
	readonly region: string;
	/** True for a public holiday, or a day of the weekend, on which people work. */
	readonly isWorked: boolean;
}

/** Days on which an organisation doesn't work, besides public holidays, and holidays on which it does. */
export interface DaysOffSettings {
	readonly days: readonly DayOff[];
}

/** Most days in the list. Our assumption: five years of several places. */
export const MAX_DAYS_OFF = 500;

/** Public holidays as they are. */
export const NO_DAYS_OFF: DaysOffSettings = { days: [] };

const keyOf = ({ date, country, region }: DayOff) => `${date} ${country} ${region}`;

/** More days off in a row than this leave no day to act on, in any calendar. Our assumption. */
const MOST_IN_A_ROW = 30;

function isTooLong({ days }: DaysOffSettings): boolean {
	const off = new Set(days.filter(({ isWorked }) => !isWorked).map(({ date }) => date));
	return [...off].some((first) => {
		let run = 0;
		for (let day = first; off.has(day); day = addDays(day, 1)) run += 1;
		return run > MOST_IN_A_ROW;
	});
}

/** Every fault: a date that doesn't exist, a day without a name, a region without its country, the same day twice, a year of days off. */
export function daysOffFaults(settings: DaysOffSettings): SettingsFault[] {
	const seen = new Set<string>();
	const faults = settings.days.flatMap((day, i): SettingsFault[] => {
		const at = `/days/${i}`;
		const found: SettingsFault[] = [];
		if (parseCivilDate(day.date) === null)
			found.push({ code: 'settingsNoSuchDay', at: `${at}/date`, name: day.date });
		if (day.name.trim() === '') found.push({ code: 'settingsUnnamed', at: `${at}/name`, name: day.date });
		if (day.region !== '' && day.country === '')
			found.push({ code: 'settingsNoPlace', at: `${at}/region`, name: day.name });
		if (seen.has(keyOf(day))) found.push({ code: 'settingsSameDay', at: `${at}/date`, name: day.name });
		seen.add(keyOf(day));
		return found;
	});
	return faults.length === 0 && isTooLong(settings)
		? [{ code: 'settingsTooManyDaysOff', at: '/days', name: String(MOST_IN_A_ROW) }]
		: faults;
}

/** Which days another version adds, changes and takes away. */
export const daysOffChanges = (before: DaysOffSettings, after: DaysOffSettings): SettingsChange[] =>
	entryChanges(
		before.days,
		after.days,
		keyOf,
		({ name }) => name,
		({ date }) => date
	);

/**
 * A place's working days with the organisation's own: the narrowest entry for a day counts, then the public holidays and the weekend.
 * @param place the country as ISO 3166-1 alpha-2 and the region as ISO 3166-2 without it; null where unknown
 */
export function withDaysOff(
	calendar: WorkCalendar,
	{ days }: DaysOffSettings,
	place: { readonly country: string | null; readonly region: string | null }
): WorkCalendar {
	const own = new Map<CivilDate, DayOff>();
	const isNarrower = (one: DayOff, other: DayOff) =>
		one.country.length + one.region.length > other.country.length + other.region.length;
	for (const day of days) {
		const isHere =
			(day.country === '' || day.country === place.country) &&
			(day.region === '' || day.region === place.region);
		const known = own.get(day.date);
		if (isHere && (!known || isNarrower(day, known))) own.set(day.date, day);
	}
	if (own.size === 0) return calendar;
	return {
		weekend: calendar.weekend,
		isHoliday: (date) => {
			const day = own.get(date);
			return day ? !day.isWorked : calendar.isHoliday(date);
		},
		isWorkedAnyway: (date) => own.get(date)?.isWorked === true
	};
}
