import { Type } from 'typebox';

/** Part of an email address as a regular expression: none of the characters that delimit it in a list or a header (RFC 5322, 3.2.3). */
const ATOM = '[^\\s@<>()\\[\\],;:"\\\\]+';

/** Longest and allowed values of a person's details: one place for the form, the import, the API and the use case. */
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
