import {
	addDays as addCivilDays,
	parseCivilDate,
	acceptedDay
} from '../../core/platform/calendar/civil-date';
import { civilDateIn } from '../../core/platform/calendar/time-zone';

/** The date at a moment in a time zone, as an ISO date; in UTC where there is no such zone. */
export function isoDay(moment: Date, timeZone: string): string {
	return civilDateIn(timeZone, moment);
}

/**
 * An ISO date some days later.
 * @throws RangeError for a text that is no date
 */
export function addIsoDays(isoDate: string, days: number): string {
	const day = parseCivilDate(isoDate);
	if (!day) throw new RangeError('An ISO date is a day that exists');
	return addCivilDays(day, days);
}

/** Whether a text is a real ISO date within the lifetime of anyone at work. */
export function isValidDay(text: string): boolean {
	return acceptedDay(text) !== null;
}
