import type { RosterFault, RosterField } from '$lib/core/exchange';

/** Names of the columns of a list. */
export const FIELD_NAMES: Readonly<Record<RosterField, string>> = {
	name: 'Name',
	email: 'E-mail address',
	staffNumber: 'Staff number',
	team: 'Team',
	phone: 'Phone',
	country: 'Country',
	region: 'Region',
	timeZone: 'Time zone',
	language: 'Language'
};

/** What is wrong with a cell, and what to do. */
export const FAULT_WORDS: Readonly<Record<RosterFault['code'], (fault: RosterFault) => string>> = {
	missing: () => 'is missing. Fill it in.',
	'no-address': ({ text }) => `“${text}” is no e-mail address.`,
	twice: ({ text, first }) => `“${text}” stands in row ${first ?? 0} already. Keep one of them.`,
	'too-long': ({ text }) => `“${text} …” is longer than 200 characters.`,
	'no-country': ({ text }) =>
		`“${text}” is no country that is known. Write its name, or two letters such as PT.`,
	'no-phone': ({ text }) => `“${text}” is no phone number.`,
	'no-region': ({ text }) => `“${text}” is no region code. Write it such as BY.`,
	'no-time-zone': ({ text }) => `“${text}” is no time zone. Write it such as Europe/Lisbon.`,
	'no-language': ({ text }) => `“${text}” is no language code. Write it such as en.`
};
