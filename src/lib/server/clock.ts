import { addDays as addCivilDays, parseCivilDate, civilDateIn, acceptedDay } from '../core/calendar';

/** The day at a moment in a time zone, as an ISO date; in UTC where there is no such zone. */
export function isoDay(moment: Date, timeZone: string): string {
	return civilDateIn(timeZone, moment);
}

/** An ISO date some days later. @throws RangeError for a text that is no day */
export function addIsoDays(isoDate: string, days: number): string {
	const day = parseCivilDate(isoDate);
	if (!day) throw new RangeError('An ISO date is a day that exists');
	return addCivilDays(day, days);
}

/** Whether a text is a day that exists, written as an ISO date, and lies in a century that a person works in. */
export function isValidDay(text: string): boolean {
	return acceptedDay(text) !== null;
}
