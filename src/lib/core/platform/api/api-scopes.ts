import type { Permission } from '../access/permissions';

/** What a token may be given, by the permissions of the desk: a token can never do more than its account. */
export const API_SCOPES = [
	'people:read',
	'people:change',
	'assessments:send',
	'rounds:read',
	'rounds:run',
	'cases:read'
] as const satisfies readonly Permission[];

/** One of {@link API_SCOPES}. */
export type ApiScope = (typeof API_SCOPES)[number];

/** For how long a token can be made, days. */
export const TOKEN_DAYS = [30, 90, 365] as const;

/** Longest name of a token, characters, and most tokens of an account. Our assumption. */
export const TOKEN_LIMITS = { name: 60, most: 10 } as const;
