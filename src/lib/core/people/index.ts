/** Where the newest self-assessment of a person stands. */
export const PERSON_STATES = ['none', 'sent', 'started', 'answered', 'revoked'] as const;

/** One of {@link PERSON_STATES}. */
export type PersonState = (typeof PERSON_STATES)[number];

/** What can be done to many people at once. */
export const BULK_ACTS = ['send', 'team', 'leave', 'return', 'follow-up'] as const;

/** What a list of people can be sorted by. */
export const PEOPLE_ORDERS = ['name', 'team', 'answered', 'checks-off', 'follow-up'] as const;

/** One of {@link PEOPLE_ORDERS}. */
export type PeopleOrder = (typeof PEOPLE_ORDERS)[number];

/** Columns of the list of people that are shown or not as a user likes; the name always is. */
export const PEOPLE_COLUMNS = [
	'team',
	'email',
	'staff-number',
	'phone',
	'country',
	'owner',
	'level',
	'state',
	'answered',
	'checks-off',
	'follow-up'
] as const;

/** One of {@link PEOPLE_COLUMNS}. */
export type PeopleColumn = (typeof PEOPLE_COLUMNS)[number];

/** The columns that are shown where nobody has chosen. */
export const DEFAULT_PEOPLE_COLUMNS: readonly PeopleColumn[] = [
	'team',
	'level',
	'state',
	'checks-off',
	'follow-up'
];

/** The chosen columns of a list apart by dots, in their one order; the usual ones where none of it is one. */
export function parsePeopleColumns(list: string): readonly PeopleColumn[] {
	const wanted = new Set(list.split('.'));
	const chosen = PEOPLE_COLUMNS.filter((column) => wanted.has(column));
	return chosen.length > 0 ? chosen : DEFAULT_PEOPLE_COLUMNS;
}
