/** States of a person's newest self-assessment. */
export const PERSON_STATES = ['none', 'sent', 'started', 'answered', 'revoked'] as const;

/** One of {@link PERSON_STATES}. */
export type PersonState = (typeof PERSON_STATES)[number];

/** Groups that a list of people can show: those who are here, those who have left, and those whose emails bounce. */
export const PEOPLE_GROUPS = ['here', 'left', 'bounced'] as const;

/** Acts that can be done to many people at once. */
export const BULK_ACTS = ['send', 'team', 'leave', 'return', 'follow-up'] as const;

/** Sort orders of the list of people. */
export const PEOPLE_ORDERS = ['name', 'team', 'answered', 'checks-off', 'follow-up'] as const;

/** One of {@link PEOPLE_ORDERS}. */
export type PeopleOrder = (typeof PEOPLE_ORDERS)[number];

/** Orders whose usual direction is descending, for screen readers. */
export const DESCENDING_ORDERS: readonly PeopleOrder[] = ['answered', 'checks-off'];

/** Columns of the list of people that each user can show or hide; the name is always shown. */
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

/** The columns shown where nobody has chosen. */
const DEFAULT_PEOPLE_COLUMNS: readonly PeopleColumn[] = ['team', 'level', 'state', 'checks-off', 'follow-up'];

/** The columns of a dot-separated list in their fixed order; the default ones where the list names none. */
export function parsePeopleColumns(list: string): readonly PeopleColumn[] {
	const wanted = new Set(list.split('.'));
	const chosen = PEOPLE_COLUMNS.filter((column) => wanted.has(column));
	return chosen.length > 0 ? chosen : DEFAULT_PEOPLE_COLUMNS;
}
