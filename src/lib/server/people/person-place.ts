import { civilDateIn, timeZoneFor } from '../../core/platform/calendar/time-zone';
import type { CivilDate } from '../../core/platform/calendar/civil-date';
import type { WorkCalendar } from '../../core/platform/calendar/working-days';
import { workCalendarOfPlace } from '../../core/platform/calendar/public-holidays';
import { withDaysOff, type DaysOffSettings } from '../../core/platform/organisation-settings/days-off';

/** Where a person's days begin, and which of them are working days. */
export interface PersonPlace {
	readonly zone: string;
	/** False where the stored time zone does not exist: the organisation's stands in, and the case says so. */
	readonly isZoneKnown: boolean;
	/** ISO 3166-1 alpha-2; null where unknown. */
	readonly country: string | null;
	/** ISO 3166-2 without the country; null where unknown. */
	readonly region: string | null;
	readonly calendar: WorkCalendar;
	dayOf(moment: Date): CivilDate;
}

/**
 * The working days of a place: its weekend and public holidays, with the organisation's own days off.
 * @param daysOff null where there are none
 */
export function workCalendarWith(
	place: { readonly country: string | null; readonly region: string | null },
	daysOff: DaysOffSettings | null
): WorkCalendar {
	const calendar = workCalendarOfPlace(place);
	return daysOff ? withDaysOff(calendar, daysOff, place) : calendar;
}

/** What the organisation sets for everybody's days. */
export interface OrganisationDays {
	/** IANA time zone. */
	readonly organisationZone: string;
	/** Null where there are none. */
	readonly daysOff: DaysOffSettings | null;
}

/** A person's place: the one rule for time zones, weekends, public holidays and the organisation's days off. */
export function personPlaceOf(
	person: { readonly timeZone: string; readonly country: string; readonly region?: string },
	{ organisationZone, daysOff }: OrganisationDays
): PersonPlace {
	const { zone, isOwnKnown } = timeZoneFor(person.timeZone, organisationZone);
	const country = /^[A-Z]{2}$/.test(person.country) ? person.country : null;
	const region = country && person.region ? person.region : null;
	return {
		zone,
		isZoneKnown: isOwnKnown,
		country,
		region,
		calendar: workCalendarWith({ country, region }, daysOff),
		dayOf: (moment) => civilDateIn(zone, moment)
	};
}
