import type { Static } from 'typebox';
import { isTimeZone } from '../../core/platform/calendar/time-zone';
import { PERSON_FIELDS } from '../../core/people/person-fields';
import { hasHolidaysFor } from '../../core/platform/calendar/public-holidays';
import { DomainError } from '../platform/domain-error';

export type PersonDetails = {
	readonly [K in keyof typeof PERSON_FIELDS]: Static<(typeof PERSON_FIELDS)[K]>;
};

/** Trims the input, and refuses what can't be a person's details: all input passes through this one function. */
export function checkPersonDetails(typed: PersonDetails): PersonDetails {
	const read = {
		...typed,
		name: typed.name.trim(),
		email: typed.email.trim().toLowerCase(),
		staffNumber: typed.staffNumber.trim(),
		team: typed.team.trim(),
		phone: typed.phone.trim().replace(/\s+/g, ' ')
	};
	if (read.name === '') throw new DomainError('invalid', 'givePersonName', '/name');
	if (read.timeZone !== '' && !isTimeZone(read.timeZone))
		throw new DomainError('invalid', 'noTimeZone', '/timeZone');
	if (read.region !== '' && !hasHolidaysFor({ country: read.country, region: read.region }))
		throw new DomainError('invalid', 'noRegion', '/region');
	return read;
}
