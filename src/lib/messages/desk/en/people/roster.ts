import { typed } from '../../../typed';
import type { IgnoredRow, RosterColumn, RosterFault } from '$lib/core/people/exchange/roster-fields';

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
		language: 'Language',
		leavesOn: 'Leaving date'
	} satisfies Record<RosterColumn, string>,
	/** Why a row was left out. */
	ignored: {
		'no-person': 'no person in it',
		headings: 'the headings again',
		same: 'the same person again'
	} satisfies Record<IgnoredRow['why'], string>,
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
		'no-language': ({ text }) =>
			`“${text}” isn’t a language that we know. Use its name, or a code such as en.`,
		'no-date': ({ text }) => `“${text}” isn’t a date. Use a date such as 2026-03-31.`
	})
};
