import ICAL from 'ical.js';
import { isTimeZone, minuteOfDay, zonedTimeToInstant } from '../platform/calendar/time-zone';
import type { CivilDate } from '../platform/calendar/civil-date';
import type { BusyTime, PlannedBreak } from './day-plan';

/** A calendar entry that occupies part of a day. */
export interface BusyEntry extends BusyTime {
	/** As in the calendar; never leaves the device. */
	readonly title: string;
}

/** The entries of a calendar file; null where the file is no calendar. */
export type CalendarReading = readonly BusyEntry[] | null;

/** Most occurrences of one entry that are looked at: some thirty years of a daily one. */
const MOST_RETURNS = 12_000;

/** Marks an entry as a call, which can be taken walking. */
const CALL = /\b(?:call|phone|telephone)\b|^\s*tel:|^\s*https?:\/\//i;

/**
 * The moment of a calendar time: by the zone the file describes, else the zone it names, else the person's own clock.
 * @param named the file's name for the zone
 */
function momentOf(time: ICAL.Time, named: string, zone: string): Date {
	const own = time.zone as ICAL.Timezone | null;
	const isKnown = own && own !== ICAL.Timezone.localTimezone;
	if (isKnown) return new Date(time.toUnixTime() * 1000);
	const day =
		`${time.year}-${String(time.month).padStart(2, '0')}-${String(time.day).padStart(2, '0')}` as CivilDate;
	return zonedTimeToInstant(isTimeZone(named) ? named : zone, day, time.hour * 60 + time.minute);
}

/** Whether an entry leaves its time free: cancelled, marked as free, or all-day, which is usually a reminder. */
function leavesFree(component: ICAL.Component): boolean {
	const text = (name: string) => String(component.getFirstPropertyValue(name) ?? '').toUpperCase();
	const start = component.getFirstPropertyValue('dtstart');
	return (
		text('transp') === 'TRANSPARENT' ||
		text('status') === 'CANCELLED' ||
		!(start instanceof ICAL.Time) ||
		start.isDate
	);
}

/** The zone in which an entry begins, as named by the file; empty where there is none. */
const namedZone = (component: ICAL.Component) =>
	String(component.getFirstProperty('dtstart')?.getFirstParameter('tzid') ?? '');

function isCall(component: ICAL.Component): boolean {
	const texts = ['summary', 'location', 'url', 'conference'].map((name) =>
		String(component.getFirstPropertyValue(name) ?? '')
	);
	return texts.some((text) => CALL.test(text));
}

function calendarsOf(text: string): ICAL.Component[] | null {
	try {
		const read = ICAL.parse(text) as unknown[];
		const all = (typeof read[0] === 'string' ? [read] : read) as ConstructorParameters<
			typeof ICAL.Component
		>[0][];
		const calendars = all.map((one) => new ICAL.Component(one)).filter(({ name }) => name === 'vcalendar');
		return calendars.length > 0 ? calendars : null;
	} catch {
		// Whatever went wrong, the file is no calendar: that is all a person can act on.
		return null;
	}
}

/**
 * The entries of an iCalendar file (RFC 5545) that occupy part of a day, with recurrences, exceptions and time zones. Runs on the person's
 * device; the file is never sent.
 * @param zone IANA name of the person's time zone
 */
export function readBusyEntries(text: string, day: CivilDate, zone: string): CalendarReading {
	const calendars = calendarsOf(text);
	if (!calendars) return null;
	const found: BusyEntry[] = [];
	const [dayFrom, dayTo] = [zonedTimeToInstant(zone, day, 0), zonedTimeToInstant(zone, day, 24 * 60)];
	const take = (component: ICAL.Component, start: ICAL.Time, end: ICAL.Time) => {
		if (leavesFree(component)) return;
		const named = namedZone(component);
		const [from, to] = [momentOf(start, named, zone), momentOf(end, named, zone)];
		if (from >= dayTo || to <= dayFrom || to <= from) return;
		found.push({
			from: Math.floor(minuteOfDay(zone, day, from)),
			to: Math.ceil(minuteOfDay(zone, day, to)),
			isCall: isCall(component),
			title: String(component.getFirstPropertyValue('summary') ?? '')
		});
	};
	for (const calendar of calendars) {
		for (const zoneComponent of calendar.getAllSubcomponents('vtimezone')) {
			const made = new ICAL.Timezone(zoneComponent);
			if (made.tzid) ICAL.TimezoneService.register(made);
		}
		const all = calendar.getAllSubcomponents('vevent');
		const moved = all.filter((one) => one.hasProperty('recurrence-id'));
		for (const component of all.filter((one) => !moved.includes(one))) {
			if (!(component.getFirstPropertyValue('dtstart') instanceof ICAL.Time)) continue;
			const uid = component.getFirstPropertyValue('uid');
			const exceptions = moved.filter((one) => uid !== null && one.getFirstPropertyValue('uid') === uid);
			const event = new ICAL.Event(component, { exceptions, strictExceptions: false });
			if (!event.isRecurring()) {
				take(component, event.startDate, event.endDate);
				continue;
			}
			const named = namedZone(component);
			const returns = event.iterator();
			for (let n = 0; n < MOST_RETURNS; n += 1) {
				const next = returns.next() as ICAL.Time | null;
				// An occurrence moved here from a later day is among the exceptions, so the search goes a week beyond the day.
				if (!next || momentOf(next, named, zone).getTime() > dayTo.getTime() + 7 * 86_400_000) break;
				const { item, startDate, endDate } = event.getOccurrenceDetails(next);
				take(item.component, startDate, endDate);
			}
		}
	}
	return found.sort((a, b) => a.from - b.from || a.to - b.to);
}

/** The texts of a calendar entry. */
export interface CalendarEntryWords {
	readonly title: (one: PlannedBreak) => string;
	readonly text: (one: PlannedBreak) => string;
	readonly calendar: string;
}

/**
 * The breaks of a plan as an iCalendar file, each with an alarm at its start and times as instants, so that it rings correctly in any time
 * zone. Marked as free, so that colleagues can still book the time.
 * @param days on which the plan holds
 */
export function breaksCalendar(
	breaks: readonly PlannedBreak[],
	days: readonly CivilDate[],
	zone: string,
	words: CalendarEntryWords,
	now: Date
): string {
	const calendar = new ICAL.Component('vcalendar');
	calendar.updatePropertyWithValue('version', '2.0');
	calendar.updatePropertyWithValue('prodid', '-//Easy Corner//Breaks//EN');
	calendar.updatePropertyWithValue('x-wr-calname', words.calendar);
	for (const day of days)
		for (const one of breaks) {
			const event = new ICAL.Component('vevent');
			const moment = (minute: number) => ICAL.Time.fromJSDate(zonedTimeToInstant(zone, day, minute), true);
			event.updatePropertyWithValue('uid', `${day}-${one.from}-${one.kind}@easy-corner`);
			event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(now, true));
			event.updatePropertyWithValue('dtstart', moment(one.from));
			event.updatePropertyWithValue('dtend', moment(one.to));
			event.updatePropertyWithValue('summary', words.title(one));
			event.updatePropertyWithValue('description', words.text(one));
			event.updatePropertyWithValue('transp', 'TRANSPARENT');
			const alarm = new ICAL.Component('valarm');
			alarm.updatePropertyWithValue('action', 'DISPLAY');
			alarm.updatePropertyWithValue('description', words.title(one));
			alarm.updatePropertyWithValue('trigger', ICAL.Duration.fromString('PT0S'));
			event.addSubcomponent(alarm);
			calendar.addSubcomponent(event);
		}
	return `${calendar.toString()}\r\n`;
}
