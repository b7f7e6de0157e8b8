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

/** The zone in which somebody's day begins. */
export interface DayZone {
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
export function zoneFor(own: string, organisation: string): DayZone {
	if (own !== '' && isTimeZone(own)) return { zone: own, isOwnKnown: true };
	return { zone: isTimeZone(organisation) ? organisation : 'UTC', isOwnKnown: own === '' };
}

/** The day at a moment in a zone; in UTC where there is no such zone. */
export function dayIn(zone: string, moment: Date): CivilDate {
	const formatter = formatterOf(zone) ?? formatterOf('UTC');
	if (!formatter) throw new RangeError('UTC is always known');
	return formatter.format(moment) as CivilDate;
}

const MINUTES_AN_HOUR = 60;

/** Minutes that the clocks of a zone are ahead of UTC in the middle of each month of a year, January first. */
export function utcOffsetsOf(zone: string, year: number): number[] {
	const formatter = new Intl.DateTimeFormat('en', {
		timeZone: isTimeZone(zone) ? zone : 'UTC',
		timeZoneName: 'longOffset'
	});
	return Array.from({ length: 12 }, (_, month) => {
		const parts = formatter.formatToParts(Date.UTC(year, month, 15, 12));
		const name = parts.find(({ type }) => type === 'timeZoneName')?.value ?? '';
		const [, sign = '+', hours = '0', minutes = '0'] = /([+-])(\d{2}):(\d{2})/.exec(name) ?? [];
		return (sign === '-' ? -1 : 1) * (Number(hours) * MINUTES_AN_HOUR + Number(minutes));
	});
}

const MINUTES_A_DAY = 24 * MINUTES_AN_HOUR;
const MS_A_MINUTE = 60_000;

/** Formatters of days and clocks by zone. */
const clocks = new Map<string, Intl.DateTimeFormat>();

/** What the clocks of a zone show at a moment, as if it were UTC, ms. */
function clockAt(zone: string, moment: number): number {
	let formatter = clocks.get(zone);
	if (!formatter) {
		if (clocks.size >= MOST_ZONES) clocks.clear();
		formatter = new Intl.DateTimeFormat('en', {
			timeZone: zone,
			hourCycle: 'h23',
			...{
				year: 'numeric',
				month: 'numeric',
				day: 'numeric',
				hour: 'numeric',
				minute: 'numeric',
				second: 'numeric'
			}
		});
		clocks.set(zone, formatter);
	}
	const parts = Object.fromEntries(
		formatter.formatToParts(moment).map(({ type, value }) => [type, Number(value)])
	);
	const { year = 0, month = 1, day = 1, hour = 0, minute = 0, second = 0 } = parts;
	return Date.UTC(year, month - 1, day, hour, minute, second);
}

/**
 * The moment at which the clocks of a zone show a time. Where they skip it, in spring, as much later as they skip; where they show
 * it twice, in autumn, the first.
 *
 * @param minute minutes from midnight by the clock
 */
export function momentAt(zone: string, day: CivilDate, minute: number): Date {
	const known = isTimeZone(zone) ? zone : 'UTC';
	const wanted = Date.parse(`${day}T00:00:00Z`) + minute * MS_A_MINUTE;
	// The offset before the time and after it: one of the two is right, or both are where nothing changes.
	const offsets = [-1, 1].map((way) => {
		const near = wanted + way * MINUTES_A_DAY * MS_A_MINUTE;
		return clockAt(known, near) - near;
	});
	const found = offsets
		.map((offset) => wanted - offset)
		.filter((moment) => clockAt(known, moment) === wanted);
	return new Date(found.length > 0 ? Math.min(...found) : wanted - (offsets[0] ?? 0));
}

/** Minutes from midnight that the clocks of a zone show at a moment; 0 before a day, and 24 h after it. */
export function minuteOf(zone: string, day: CivilDate, moment: Date): number {
	const known = isTimeZone(zone) ? zone : 'UTC';
	const on = dayIn(known, moment);
	if (on !== day) return on < day ? 0 : MINUTES_A_DAY;
	return (clockAt(known, moment.getTime()) - Date.parse(`${day}T00:00:00Z`)) / MS_A_MINUTE;
}
