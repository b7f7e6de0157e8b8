import type { PeopleColumn, PeopleOrder } from '$lib/core/people';

/** Headings of the list of people. */
export const COLUMN_WORDS: Readonly<Record<PeopleColumn | 'name', string>> = {
	name: 'Name',
	team: 'Team',
	email: 'Email address',
	'staff-number': 'Staff number',
	phone: 'Phone',
	country: 'Country',
	owner: 'Assigned to',
	level: 'Level',
	state: 'Self-assessment',
	answered: 'Answered',
	'checks-off': 'Height problems',
	'follow-up': 'Follow-up'
};

/** Descriptions of the sort order by a column, and reversed. */
export const ORDER_WORDS: Readonly<Record<PeopleOrder, readonly [string, string]>> = {
	name: ['A to Z', 'Z to A'],
	team: ['A to Z', 'Z to A'],
	answered: ['newest first', 'oldest first'],
	'checks-off': ['most first', 'fewest first'],
	'follow-up': ['next first', 'last first']
};

/** Orders whose usual direction is descending, for screen readers. */
export const GOES_DOWN: readonly PeopleOrder[] = ['answered', 'checks-off'];
