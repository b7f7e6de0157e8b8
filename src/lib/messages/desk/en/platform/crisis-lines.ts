/** The page on which crisis lines are set. */
export const crisisLineTexts = {
	title: 'Crisis lines · Easy Corner',
	heading: 'Crisis lines',
	lead: 'If an employee reports thoughts of ending their life, their page shows the crisis line of their country beside the emergency number. Easy Corner comes with no crisis lines: please enter numbers that you’ve checked, and check them again every few months.',
	none: 'No crisis line is set.',
	noneHint: 'Until you add one, the page says so and gives the emergency number.',
	country: 'Country',
	countryCode: 'Country code',
	countryHint: 'Two letters, such as GB',
	name: 'Name of the line',
	nameHint: 'As people there know it',
	phone: 'Phone number',
	phoneHint: 'As people in that country dial it',
	addHeading: 'Add or change a crisis line',
	save: 'Save crisis line',
	remove: (country: string) => `Remove the line for ${country}`,
	saved: (country: string) => `Saved. Employees in ${country} see it from now on.`,
	removed: (country: string) => `Removed. Employees in ${country} see the emergency number alone.`,
	link: 'Set crisis lines'
};
