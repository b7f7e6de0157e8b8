import type { PeopleColumn, PeopleOrder } from '$lib/core/people';

/** What a column of the list of people is called. */
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

/** How the list goes when it is sorted by a column, and from its other end. */
export const ORDER_WORDS: Readonly<Record<PeopleOrder, readonly [string, string]>> = {
	name: ['A to Z', 'Z to A'],
	team: ['A to Z', 'Z to A'],
	answered: ['newest first', 'oldest first'],
	'checks-off': ['most first', 'fewest first'],
	'follow-up': ['next first', 'last first']
};

/** Orders whose usual way goes down: for who is read the table to. */
export const GOES_DOWN: readonly PeopleOrder[] = ['answered', 'checks-off'];
