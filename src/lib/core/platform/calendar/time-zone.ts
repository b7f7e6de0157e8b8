import { fromAbsolute, parseDate, toCalendarDateTime, toZoned } from '@internationalized/date';
import type { CivilDate } from './civil-date';

/** Time zones already asked for: making a formatter takes some hundred microseconds. */
const formatters = new Map<string, Intl.DateTimeFormat | null>();

/** More names than there are zones; a limit on what a stream of invented ones can fill. */
const MOST_ZONES = 1000;

function formatterOf(zone: string): Intl.DateTimeFormat | null {
	const known = formatters.get(zone);
	if (known !== undefined) return known;
	if (formatters.size >= MOST_ZONES) formatters.clear();
	let made: Intl.DateTimeFormat | null = null;
	try {
		// Swedish writes dates as ISO 8601 does.
		made = new Intl.DateTimeFormat('sv-SE', {
			timeZone: zone,
			year: 'numeric',
			month: '2-digit',
			day: '2-digit'
		});
	} catch {
		// The only possible error: no such time zone.
	}
	formatters.set(zone, made);
	return made;
}

/** Whether a text names a time zone of the IANA database; an offset such as `+02:00` does not. The one validator for all input. */
export function isTimeZone(text: string): boolean {
	return /^[A-Za-z]/.test(text) && formatterOf(text) !== null;
}

/** The time zone in which a person's day begins. */
export interface PersonTimeZone {
	readonly zone: string;
	/** False where the person's own zone is unknown and the organisation's stands in. */
	readonly isOwnKnown: boolean;
}

/**
 * The time zone that applies to a person: their own, otherwise the organisation's, otherwise UTC. A stored zone that does not exist is
 * ignored; never throws.
 * @param own the person's; empty for the organisation's
 */
export function timeZoneFor(own: string, organisation: string): PersonTimeZone {
	if (own !== '' && isTimeZone(own)) return { zone: own, isOwnKnown: true };
	return { zone: isTimeZone(organisation) ? organisation : 'UTC', isOwnKnown: own === '' };
}

/** The date at a moment in a time zone; in UTC where there is no such zone. */
export function civilDateIn(zone: string, moment: Date): CivilDate {
	const formatter = formatterOf(zone) ?? formatterOf('UTC');
	if (!formatter) throw new RangeError('UTC is always known');
	return formatter.format(moment) as CivilDate;
}

const MS_A_MINUTE = 60_000;
const MINUTES_A_DAY = 24 * 60;

/** Minutes by which a zone is ahead of UTC in the middle of each month of a year, January first. */
export function utcOffsetsOf(zone: string, year: number): number[] {
	const known = isTimeZone(zone) ? zone : 'UTC';
	return Array.from(
		{ length: 12 },
		(_, month) => fromAbsolute(Date.UTC(year, month, 15, 12), known).offset / MS_A_MINUTE
	);
}

/**
 * The moment at which a zone's clocks show a time. Where they skip it in spring, later by the skipped time; where they show it twice in
 * autumn, the first.
 * @param minute minutes from midnight by the clock
 */
export function zonedTimeToInstant(zone: string, day: CivilDate, minute: number): Date {
	const time = toCalendarDateTime(parseDate(day)).add({ minutes: minute });
	return toZoned(time, isTimeZone(zone) ? zone : 'UTC', 'compatible').toDate();
}

/** Minutes from midnight on a zone's clocks at a moment; 0 before the day, and 24 h after it. */
export function minuteOfDay(zone: string, day: CivilDate, moment: Date): number {
	const known = isTimeZone(zone) ? zone : 'UTC';
	const on = civilDateIn(known, moment);
	if (on !== day) return on < day ? 0 : MINUTES_A_DAY;
	const { hour, minute, second } = fromAbsolute(moment.getTime(), known);
	return hour * 60 + minute + second / 60;
}
