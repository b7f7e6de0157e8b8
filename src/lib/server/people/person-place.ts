import { civilDateIn, timeZoneFor, type CivilDate, type WorkCalendar } from '../../core/calendar';
import { workCalendarOfPlace } from '../../core/calendar/public-holidays';

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
	/** The date there at a moment. */
	dayOf(moment: Date): CivilDate;
}

/** A person's place: the one rule for time zones, weekends and public holidays. */
export function personPlaceOf(
	person: { readonly timeZone: string; readonly country: string; readonly region?: string },
	organisationZone: string
): PersonPlace {
	const { zone, isOwnKnown } = timeZoneFor(person.timeZone, organisationZone);
	const country = /^[A-Z]{2}$/.test(person.country) ? person.country : null;
	const region = country && person.region ? person.region : null;
	return {
		zone,
		isZoneKnown: isOwnKnown,
		country,
		region,
		calendar: workCalendarOfPlace({ country, region }),
		dayOf: (moment) => civilDateIn(zone, moment)
	};
}
