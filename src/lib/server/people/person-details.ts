import { Type, type Static } from 'typebox';
import { isTimeZone } from '../../core/calendar';
import { hasHolidaysFor } from '../../core/calendar/public-holidays';
import { DomainError } from '../domain-error';

/** Part of an email address as a regular expression: none of the characters that delimit it in a list or a header (RFC 5322, 3.2.3). */
const ATOM = '[^\\s@<>()\\[\\],;:"\\\\]+';

/** Longest and allowed values of a person's details: one place for the form, the import and the use case. */
export const PERSON_FIELDS = {
	name: Type.String({ minLength: 1, maxLength: 120 }),
	email: Type.String({ maxLength: 254, pattern: `^\\s*${ATOM}@${ATOM}\\.${ATOM}\\s*$` }),
	staffNumber: Type.String({ maxLength: 40 }),
	team: Type.String({ maxLength: 80 }),
	phone: Type.String({ maxLength: 40, pattern: '^[0-9+()./ -]*$' }),
	country: Type.String({ pattern: '^(?:[A-Z]{2})?$' }),
	region: Type.String({ pattern: '^[A-Z0-9]{0,3}$' }),
	timeZone: Type.String({ maxLength: 60 }),
	language: Type.String({ pattern: '^[a-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$' })
} as const;

/** A person's details as a coordinator can change them. */
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
