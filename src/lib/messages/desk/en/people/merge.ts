import type { RosterField } from '$lib/core/people/exchange/roster-fields';

/** Two records of one person made one. */
export const mergeTexts = {
	link: 'Merge with another record …',
	title: (name: string) => `Merge records of ${name} · Easy Corner`,
	heading: (name: string) => `Merge two records of ${name}`,
	lead: 'For a person who is listed twice, perhaps with two addresses. Everything from the other record moves into this one, and the other record disappears.',
	search: 'Find the other record',
	searchHint: 'Part of the name, the team or the email address.',
	find: 'Find',
	none: 'No other record matches.',
	choose: (name: string) => `Compare with ${name}`,
	another: 'Compare with another record',
	keep: 'Which details stay?',
	thisOne: 'This record',
	otherOne: 'The other record',
	details: {
		name: 'Name',
		email: 'Email address',
		staffNumber: 'Staff number',
		team: 'Team',
		phone: 'Phone number',
		country: 'Country',
		region: 'Region',
		timeZone: 'Time zone',
		language: 'Language'
	} satisfies Record<RosterField, string>,
	nothing: 'nothing',
	same: (value: string) => `${value} in both`,
	what: 'After merging',
	happens: [
		'Answers, plans, messages, notes, referrals and emails of both are kept together. The case is assessed again by all of it; earlier results of the other record go.',
		'Of two open links, the newer one works. Of two open follow-ups, the sooner one stays.',
		'Links that were sent for answered self-assessments keep working.',
		'Earlier figures count two people, later ones count one.'
	],
	waits: (name: string) =>
		`A warning sign of ${name} waits for its outcome. Record it first: an outcome for one record must not close a sign in the other.`,
	confirm: 'Both records are of the same person. I know that this can’t be undone.',
	merge: 'Merge the records',
	followUpOutcome: 'Merged with the follow-up of another record',
	back: 'Back to the case'
};
