import type { PurchasingContent } from '$lib/core/platform/organisation-settings/purchasing-file';
import type { SettingsArea } from '$lib/core/platform/organisation-settings/areas';
import type { SettingsChange } from '$lib/core/platform/organisation-settings/settings-change';

/** Settings of the organisation, by area. */
export const settingsTexts = {
	title: (heading: string) => `${heading} · Easy Corner`,
	areas: {
		choices: {
			link: 'Sitting styles and breaks',
			heading: 'Sitting styles and break schedules',
			lead: 'Choose which sitting styles and break schedules people can choose from. Everybody keeps a choice they have made.'
		},
		'days-off': {
			link: 'Days off',
			heading: 'Days off',
			lead: 'Add days on which your organisation doesn’t work, and public holidays on which it does. Deadlines, reminders and check-ins skip days off where each person lives.'
		},
		'household-items': {
			link: 'Household items',
			heading: 'Household items',
			lead: 'Choose which household items people can list, with the sizes they start with. Add items that many of your people have, such as the box their laptop came in.'
		},
		equipment: {
			link: 'Equipment catalogue',
			heading: 'Equipment catalogue',
			lead: 'Choose what people can ask for, with your prices, suppliers and delivery times. Add items of your own and say what they help with.'
		},
		'purchasing-file': {
			link: 'File for purchasing',
			heading: 'File for purchasing',
			lead: 'Give the columns of the equipment file (CSV) the order and headings that your purchasing software expects. Leave columns out, and add ones that say the same in every row, such as a cost centre.'
		},
		'eye-tests': {
			link: 'Eye tests',
			heading: 'Eye tests',
			lead: 'Say in which countries people are entitled to an eye test, by which law, and how to have one. People ask for it on their pages, and you record when it was done. Check each law: local law comes first.'
		},
		teams: {
			link: 'Teams',
			heading: 'Teams',
			lead: 'Add, rename and merge teams. Everybody in a team goes along with its new name; figures that are closed keep the old one.'
		}
	} satisfies Record<SettingsArea, { link: string; heading: string; lead: string }>,
	published: (version: string) => `${version} applies now.`,
	publishedDays: (version: string) =>
		`${version} applies now. We’re counting everybody’s days again; Today says how many cases are left.`,
	fileName: (area: SettingsArea, version: number) => `${area}-${version}.json`,
	howChanged: {
		added: (name: string) => `Added: ${name}`,
		removed: (name: string) => `Removed: ${name}`,
		changed: (name: string) => `Changed: ${name}`
	} satisfies Record<SettingsChange['how'], (name: string) => string>,
	concerned: {
		choices: (n: number) =>
			n === 0
				? 'Nobody uses what you no longer offer.'
				: `${n === 1 ? 'One person uses' : `${n} people use`} what you no longer offer. They keep it.`,
		'days-off': (n: number) =>
			n === 0
				? 'No follow-up falls on a new day off.'
				: `${n === 1 ? 'One follow-up falls' : `${n} follow-ups fall`} on a new day off. ${n === 1 ? 'It keeps its' : 'They keep their'} day until you move ${n === 1 ? 'it' : 'them'}.`,
		'household-items': () =>
			'Items that people have listed stay on their lists, with the sizes they measured.',
		equipment: (n: number) =>
			n === 0
				? 'No open request is for an item that you no longer offer.'
				: `${n === 1 ? 'One open request is' : `${n} open requests are`} for items that you no longer offer. ${n === 1 ? 'It stays' : 'They stay'} with Equipment.`,
		'purchasing-file': () => 'The next file you download has these columns.',
		'eye-tests': () => 'People see it on their pages from now on. Requests that were made stay.',
		teams: (n: number) =>
			n === 0
				? 'Nobody changes team.'
				: `${n === 1 ? 'One person gets' : `${n} people get`} another team’s name.`
	} satisfies Record<SettingsArea, (n: number) => string>,
	noLevels: 'Nobody’s level changes: no level depends on these settings.',
	listed: (n: number) => (n === 1 ? 'See who that is' : `See ${n} of them`),
	choices: {
		styles: 'Sitting styles',
		schedules: 'Break schedules',
		usual: (words: string) => `${words} (usual, stays offered)`,
		oneStyle: 'At least one stays offered.'
	},
	daysOff: {
		day: 'Day',
		name: 'Name',
		country: 'Country',
		everywhere: 'All countries',
		region: 'Region code',
		regionHint: 'As in the people list, such as BE; empty for the whole country.',
		isWorked: 'People work on this day',
		add: 'Add a day',
		remove: (name: string) => `Remove ${name}`,
		newDay: 'New day',
		none: 'No days of your own: public holidays and weekends count as they are.'
	},
	household: {
		kinds: 'Items to list',
		own: 'Items of your own',
		offered: (name: string) => `Offer ${name}`,
		sides: ['Length, mm', 'Width, mm', 'Height, mm'],
		sideOf: (side: string, name: string) => `${side}: ${name}`,
		kind: 'Used like',
		add: 'Add an item of your own',
		newItem: 'New item'
	},
	equipment: {
		currency: 'Currency',
		offered: 'People can ask for it',
		price: 'Price',
		supplier: 'Supplier',
		article: 'Item number',
		delivery: 'Delivery, working days',
		details: 'Details',
		detailsOf: (name: string) => `Details: ${name}`,
		ownName: (language: string) => `Name in ${language}`,
		helps: 'Helps with',
		addProblem: 'Add a problem',
		add: 'Add an item of your own',
		newItem: 'New item'
	},
	purchasing: {
		heading: (content: string) => `Heading of “${content}”`,
		value: (heading: string) => `In every row of “${heading}”`,
		up: (heading: string) => `Move up: ${heading}`,
		down: (heading: string) => `Move down: ${heading}`,
		remove: (heading: string) => `Leave out: ${heading}`,
		leaveOut: 'Leave out',
		add: 'Add this column',
		column: 'Another column',
		newHeading: 'New column',
		contents: {
			thing: 'Code of the item',
			person: 'Employee',
			team: 'Team',
			state: 'State',
			since: 'In this state since',
			asked: 'Requested on',
			closes: 'Problems it helps with',
			supplier: 'Supplier',
			'order number': 'Order number',
			cost: 'Price',
			currency: 'Currency',
			'from the store': 'From stock',
			'back by': 'Back by',
			reason: 'Reason',
			name: 'Name of the item',
			'item number': 'Item number',
			'deliver to': 'Delivery address',
			fixed: 'The same in every row'
		} satisfies Record<PurchasingContent, string>
	},
	teams: {
		name: (i: number) => `Team ${i}`,
		add: 'Add a team',
		remove: (name: string) => `Remove ${name || 'team without a name'}`,
		mergeHint: 'To merge two teams, give both the same name. A team with people in it can’t be removed.',
		none: 'No teams yet.'
	},
	eyeTests: {
		law: 'Law, or who gives it',
		everyMonths: 'Again after, months',
		everyHint: 'Leave the months empty where the law names none.',
		howTo: (language: string) => `How to have one, in ${language}`,
		add: 'Add a country',
		removeOf: (country: string) => `Remove ${country}`,
		again: (months: number) => (months === 1 ? 'every month' : `every ${months} months`),
		details: 'Change',
		detailsOf: (country: string) => `Change: ${country}`,
		otherCountries: 'All other countries'
	},
	remove: 'Remove',
	removeItem: 'Remove this item',
	wholeNumber: 'Type a whole number.',
	amount: 'Type an amount, such as 129.90.'
};
