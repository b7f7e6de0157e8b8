import { formatOf } from './reader-formats';

/** Date styles: as the title of today, with the weekday, in full, with the year, as short as possible; a month; a day's name. */
export type DayStyle =
	| 'today'
	| 'weekday'
	| 'long'
	| 'medium'
	| 'short'
	| 'month'
	| 'long-month'
	| 'day-name';

const FORMATS: Readonly<Record<DayStyle, Intl.DateTimeFormatOptions>> = {
	today: { weekday: 'long', day: 'numeric', month: 'long' },
	weekday: { weekday: 'short', day: 'numeric', month: 'short' },
	long: { day: 'numeric', month: 'long', year: 'numeric' },
	medium: { day: 'numeric', month: 'short', year: 'numeric' },
	short: { day: 'numeric', month: 'short' },
	month: { month: 'short', year: 'numeric' },
	'long-month': { month: 'long', year: 'numeric' },
	'day-name': { weekday: 'short' }
};

const dateFormat = (key: string, options: Intl.DateTimeFormatOptions, locale?: string) =>
	formatOf(key, (of) => new Intl.DateTimeFormat(of, options), locale);

/**
 * A date in the reader's language: the one place that writes the desk's dates.
 * @param day ISO date, or a timestamp whose UTC date is meant
 */
export function dayWords(day: string | Date, style: DayStyle = 'long'): string {
	const at = typeof day === 'string' ? new Date(`${day.slice(0, 10)}T00:00:00Z`) : day;
	return dateFormat(style, { ...FORMATS[style], timeZone: 'UTC' }).format(at);
}

/**
 * A timestamp with date and time in the reader's time zone.
 * @param timeZone IANA name
 * @param dateLocale where it isn't for the reader of the desk
 */
export function momentWords(at: Date | string, timeZone: string, dateLocale?: string): string {
	const options = { dateStyle: 'medium', timeStyle: 'short', timeZone } as const;
	return dateFormat(`moment ${timeZone}`, options, dateLocale).format(new Date(at));
}

/**
 * The time only.
 * @param timeZone IANA name
 */
export function timeWords(at: Date | string, timeZone: string): string {
	return dateFormat(`time ${timeZone}`, { hour: '2-digit', minute: '2-digit', timeZone }).format(
		new Date(at)
	);
}
