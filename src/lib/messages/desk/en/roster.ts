import { typed } from '../../typed';
import type { RosterFault, RosterField } from '$lib/core/exchange';

/** A file with a list of people. */
export const rosterTexts = {
	fields: {
		name: 'Name',
		email: 'Email address',
		staffNumber: 'Staff number',
		team: 'Team',
		phone: 'Phone',
		country: 'Country',
		region: 'Region',
		timeZone: 'Time zone',
		language: 'Language'
	} satisfies Record<RosterField, string>,
	/** What is wrong with a cell, and what to do. */
	faults: typed<Readonly<Record<RosterFault['code'], (fault: RosterFault) => string>>>({
		missing: () => 'is missing. Please fill it in.',
		'no-address': ({ text }) => `“${text}” isn’t an email address.`,
		twice: ({ text, first }) => `“${text}” is already in row ${first ?? 0}. Keep one of them.`,
		'too-long': ({ text }) => `“${text} …” is longer than 200 characters.`,
		'no-country': ({ text }) =>
			`We don’t know the country “${text}”. Use its name, or two letters such as PT.`,
		'no-phone': ({ text }) => `“${text}” isn’t a phone number.`,
		'no-region': ({ text }) => `“${text}” isn’t a region code. Use a code such as BY.`,
		'no-time-zone': ({ text }) => `“${text}” isn’t a time zone. Use a name such as Europe/Lisbon.`,
		'no-language': ({ text }) => `“${text}” isn’t a language code. Use a code such as en.`
	})
};
