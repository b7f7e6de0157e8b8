import { deskLocale } from './desk-language';
import { messagesFor } from './index';

/** Date styles: as the title of today, with the weekday, in full, with the year, or as short as possible. */
export type DayStyle = 'today' | 'weekday' | 'long' | 'medium' | 'short' | 'month';

const FORMATS: Readonly<Record<DayStyle, Intl.DateTimeFormatOptions>> = {
	today: { weekday: 'long', day: 'numeric', month: 'long' },
	weekday: { weekday: 'short', day: 'numeric', month: 'short' },
	long: { day: 'numeric', month: 'long', year: 'numeric' },
	medium: { day: 'numeric', month: 'short', year: 'numeric' },
	short: { day: 'numeric', month: 'short' },
	month: { month: 'short', year: 'numeric' }
};

const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(
	key: string,
	options: Intl.DateTimeFormatOptions,
	dateLocale: string = messagesFor(deskLocale()).dateLocale
): Intl.DateTimeFormat {
	const full = `${dateLocale} ${key}`;
	const known = formats.get(full) ?? new Intl.DateTimeFormat(dateLocale, options);
	formats.set(full, known);
	return known;
}

/**
 * A date in the desk's format: the one place that formats it.
 * @param day ISO date, or a timestamp whose UTC date is meant
 */
export function dayWords(day: string | Date, style: DayStyle = 'long'): string {
	const at = typeof day === 'string' ? new Date(`${day.slice(0, 10)}T00:00:00Z`) : day;
	return formatOf(style, { ...FORMATS[style], timeZone: 'UTC' }).format(at);
}

/**
 * A timestamp with date and time in the reader's time zone.
 * @param timeZone IANA name
 */
export function momentWords(
	at: Date | string,
	timeZone: string,
	dateLocale: string = messagesFor(deskLocale()).dateLocale
): string {
	const options = { dateStyle: 'medium', timeStyle: 'short', timeZone } as const;
	return formatOf(`moment ${timeZone}`, options, dateLocale).format(new Date(at));
}

/**
 * The time only.
 * @param timeZone IANA name
 */
export function timeWords(at: Date | string, timeZone: string): string {
	return formatOf(`time ${timeZone}`, { hour: '2-digit', minute: '2-digit', timeZone }).format(new Date(at));
}
