import type { PeopleColumn, PeopleOrder } from '$lib/core/people';

/** The list of people: headings, and the sort order by a column and reversed. */
export const columnTexts = {
	names: {
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
	} satisfies Record<PeopleColumn | 'name', string>,
	orders: {
		name: ['A to Z', 'Z to A'],
		team: ['A to Z', 'Z to A'],
		answered: ['newest first', 'oldest first'],
		'checks-off': ['most first', 'fewest first'],
		'follow-up': ['next first', 'last first']
	} satisfies Record<PeopleOrder, [string, string]>
};
