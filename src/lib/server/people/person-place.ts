import { civilDateIn, timeZoneFor, type CivilDate, type WorkCalendar } from '../../core/calendar';
import { workCalendarOfPlace } from '../../core/calendar/public-holidays';

/** Where a person's days begin, and which of them are worked. */
export interface PersonPlace {
	readonly zone: string;
	/** False where the stored zone does not exist: the organisation's stands in, and the case says so. */
	readonly isZoneKnown: boolean;
	/** ISO 3166-1 alpha-2; null where not known. */
	readonly country: string | null;
	/** ISO 3166-2 without the country; null where not known. */
	readonly region: string | null;
	readonly calendar: WorkCalendar;
	/** The day there at a moment. */
	dayOf(moment: Date): CivilDate;
}

/** The place of a person: the one rule for zones, weekends and holidays. */
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
