const names = new Intl.DisplayNames('en-GB', { type: 'region' });

const countryName = (code: string) => names.of(code) ?? code;

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
	countryName,
	name: 'Name of the line',
	nameHint: 'As people there know it',
	phone: 'Phone number',
	phoneHint: 'As people in that country dial it',
	addHeading: 'Add or change a crisis line',
	save: 'Save crisis line',
	remove: (code: string) => `Remove the line for ${countryName(code)}`,
	saved: (code: string) => `Saved. Employees in ${countryName(code)} see it from now on.`,
	removed: (code: string) => `Removed. Employees in ${countryName(code)} see the emergency number alone.`,
	link: 'Set crisis lines'
};
