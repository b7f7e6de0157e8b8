import type { PeopleColumn, PeopleOrder } from '$lib/core/people';

/** What a column of the list of people is called. */
export const COLUMN_WORDS: Readonly<Record<PeopleColumn | 'name', string>> = {
	name: 'Name',
	team: 'Team',
	email: 'E-mail address',
	'staff-number': 'Staff number',
	phone: 'Phone',
	country: 'Country',
	owner: 'Looked after by',
	level: 'Level',
	state: 'Self-assessment',
	answered: 'Answered',
	'checks-off': 'Checks off',
	'follow-up': 'Follow-up'
};

/** How the list goes when it is sorted by a column, and from its other end. */
export const ORDER_WORDS: Readonly<Record<PeopleOrder, readonly [string, string]>> = {
	name: ['A to Z', 'Z to A'],
	team: ['A to Z', 'Z to A'],
	answered: ['the newest first', 'the oldest first'],
	'checks-off': ['the most first', 'the fewest first'],
	'follow-up': ['the next first', 'the last first']
};

/** Orders whose usual way goes down: for who is read the table to. */
export const GOES_DOWN: readonly PeopleOrder[] = ['answered', 'checks-off'];
