import { Type } from 'typebox';
import { PERSON_FIELDS } from '../../people/person-fields';

/** A date as text; each use case checks that it exists. */
const day = Type.String({ maxLength: 10 });

/** Longest values of a round's name and email, and its days: one place for the form, the API and the use case. */
export const ROUND_FIELDS = {
	name: Type.String({ maxLength: 80 }),
	country: PERSON_FIELDS.country,
	subject: Type.String({ maxLength: 150 }),
	body: Type.String({ maxLength: 5000 }),
	startsOn: day,
	dueOn: day,
	timeZone: PERSON_FIELDS.timeZone
} as const;

/** Most teams that a round is for, and longest time without an answer by which it leaves people out, days. */
export const ROUND_BOUNDS = { teams: 200, notAnsweredWithinDays: 9999 } as const;
