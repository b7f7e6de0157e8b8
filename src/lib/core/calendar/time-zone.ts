import { fromAbsolute, parseDate, toCalendarDateTime, toZoned } from '@internationalized/date';
import type { CivilDate } from './civil-date';

/** Zones that were asked about: making a formatter takes some hundred microseconds. */
const formatters = new Map<string, Intl.DateTimeFormat | null>();

/** More names than there are zones; a bound on what a stream of invented ones can fill. */
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
		// The only fault there can be: no such zone.
	}
	formatters.set(zone, made);
	return made;
}

/** Whether a text names a time zone of the IANA database; an offset such as `+02:00` is none. The one validator for every door. */
export function isTimeZone(text: string): boolean {
	return /^[A-Za-z]/.test(text) && formatterOf(text) !== null;
}

/** The zone in which someone's day begins. */
export interface PersonTimeZone {
	readonly zone: string;
	/** False where the person's own zone is not known, so that the organisation's stands in. */
	readonly isOwnKnown: boolean;
}

/**
 * The zone that counts for a person, the one rule for it: their own, else the organisation's, else UTC. A stored zone that does not
 * exist counts as none, and never throws.
 *
 * @param own the person's; empty for the organisation's
 */
export function timeZoneFor(own: string, organisation: string): PersonTimeZone {
	if (own !== '' && isTimeZone(own)) return { zone: own, isOwnKnown: true };
	return { zone: isTimeZone(organisation) ? organisation : 'UTC', isOwnKnown: own === '' };
}

/** The day at a moment in a zone; in UTC where there is no such zone. */
export function civilDateIn(zone: string, moment: Date): CivilDate {
	const formatter = formatterOf(zone) ?? formatterOf('UTC');
	if (!formatter) throw new RangeError('UTC is always known');
	return formatter.format(moment) as CivilDate;
}

const MS_A_MINUTE = 60_000;
const MINUTES_A_DAY = 24 * 60;

/** Minutes that the clocks of a zone are ahead of UTC in the middle of each month of a year, January first. */
export function utcOffsetsOf(zone: string, year: number): number[] {
	const known = isTimeZone(zone) ? zone : 'UTC';
	return Array.from(
		{ length: 12 },
		(_, month) => fromAbsolute(Date.UTC(year, month, 15, 12), known).offset / MS_A_MINUTE
	);
}

/**
 * The moment at which the clocks of a zone show a time. Where they skip it, in spring, as much later as they skip; where they show
 * it twice, in autumn, the first.
 *
 * @param minute minutes from midnight by the clock
 */
export function zonedTimeToInstant(zone: string, day: CivilDate, minute: number): Date {
	const time = toCalendarDateTime(parseDate(day)).add({ minutes: minute });
	return toZoned(time, isTimeZone(zone) ? zone : 'UTC', 'compatible').toDate();
}

/** Minutes from midnight that the clocks of a zone show at a moment; 0 before a day, and 24 h after it. */
export function minuteOfDay(zone: string, day: CivilDate, moment: Date): number {
	const known = isTimeZone(zone) ? zone : 'UTC';
	const on = civilDateIn(known, moment);
	if (on !== day) return on < day ? 0 : MINUTES_A_DAY;
	const { hour, minute, second } = fromAbsolute(moment.getTime(), known);
	return hour * 60 + minute + second / 60;
}
