/** The board of requests, and the store. */
export const equipment = {
	askForSomethingIn: 'Ask for something in their place',
	askForIt: 'Ask for it',
	show: 'Show',
	whereItStands: 'Where it stands',
	underWay: (underWay: string | number) => `Under way (${underWay})`,
	thing: 'Thing',
	allThings: 'All things',
	team: 'Team',
	allTeams: 'All teams',
	about: (lines: number, sums: readonly string[]) =>
		`${lines}${sums.length > 0 ? `, about ${sums.join(' and ')}` : ''}`,
	forWord: 'For',
	why: 'Why',
	orderAndCost: 'Order and cost',
	since: 'Since',
	next: 'Next',
	closesNoHeightBy: 'Closes no height by itself',
	fromTheStoreBack: (backBy: string | null) => `from the store${backBy ? `, back by ${backBy}` : ''}`,
	fromTheStoreFor: (ofValue: string | number) => `From the store: ${ofValue}`,
	fromTheStoreMore: (inStore: string | number) => `From the store (${inStore}) …`,
	whyAsThePerson: 'Why, as the person reads it',
	comesBackByWhere: 'Comes back by, where it is lent',
	where: 'Where',
	orderNumber: 'Order number',
	whatItCosts: 'What it costs',
	currency: 'Currency',
	inTheStoreOne: (all: number) => `In the store: ${all === 1 ? 'one thing' : `${all} things`}`,
	count: 'Count',
	kept: (hasKept: boolean) => (hasKept ? 'Kept.' : ''),
	equipmentEasyCorner: 'Equipment · Easy Corner',
	equipment: 'Equipment',
	nobodyWaitsForA: ({
		underWay,
		asked,
		approved
	}: {
		underWay: number;
		asked: string | number;
		approved: string | number;
	}) =>
		underWay === 0
			? 'Nobody waits for a thing.'
			: `${underWay} ${underWay === 1 ? 'thing is' : 'things are'} under way: ${asked} to decide on, ${approved} to order or send.`,
	prices: 'Prices',
	exportWord: 'Export',
	nothingHere: 'Nothing here.',
	whatPeopleAskFor:
		'What people ask for on their plan appears here, with the gap that it closes at their corner.',
	theFirstAreShown: (lines: string | number) =>
		`The first ${lines} are shown. Narrow the list, or export it, to see the rest.`
};
