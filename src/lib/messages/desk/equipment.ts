/** The board of requests, and the store. */
export const equipmentTexts = {
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
	closesNoHeightBy: 'Fixes no height alone',
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
		'Equipment that people ask for on their plan appears here, with the problem that it fixes.',
	theFirstAreShown: (lines: string | number) =>
		`The first ${lines} are shown. Narrow the list, or export it, to see the rest.`,
	budget: {
		title: 'Budget · Equipment · Easy Corner',
		heading: 'Where the money does most',
		lead: 'The purchases that fix the most for your money, beyond what each household can already fix. What’s in stock, or unused at home, costs nothing. Problems count more for people in pain.',
		link: 'Budget',
		money: (currency: string) => `Money to spend, ${currency}`,
		workOut: 'Work it out',
		noPrices: 'Nothing has a price yet. Say what things cost first.',
		toPrices: 'Say what things cost',
		closes: (spent: string, people: number, closes: number) =>
			`${spent} helps ${people === 1 ? 'one person' : `${people} people`} and fixes ${closes === 1 ? 'one problem' : `${closes} problems`}.`,
		nothing: 'Nothing that is sold would close anything for this money.',
		isAll: 'That is everything that would help.',
		all: (cost: string, people: number, closes: number) =>
			`Everything that would help costs ${cost}: ${people === 1 ? 'one person' : `${people} people`}, ${closes === 1 ? 'one problem' : `${closes} problems`} fixed.`,
		waiting: (n: number) =>
			n === 1
				? 'One person waits for a thing, or has just got one, and is looked at again after it.'
				: `${n} people wait for a thing, or have just got one, and are looked at again after it.`,
		whatToBuy: 'What to buy',
		howMany: 'How many',
		fromStock: (n: number) => `${n} from stock`,
		someFromStock: 'from stock',
		tiedTitle: (n: number) =>
			n === 1
				? 'One more person would gain exactly as much from the same things:'
				: `${n} more people would gain exactly as much from the same things:`,
		andMore: (n: number) => `and ${n} more`,
		step: (money: string, n: number) =>
			n === 0
				? `Another ${money} would help nobody new.`
				: n === 1
					? `Another ${money} would help one more person:`
					: `Another ${money} would help ${n} more people:`,
		notProven: 'Some of the stock is left over. There may be a slightly better choice.',
		together: 'Together',
		forWhom: 'For',
		gets: 'Gets',
		hurts: 'Hurts at worst',
		cost: 'Cost',
		ofTen: (worst: number) => (worst === 0 ? 'nothing' : `${worst} of 10`),
		firstShown: (n: number) => `The first ${n} are shown and can be approved; then look again for the rest.`,
		approve: (n: number) => (n === 1 ? 'Approve for one person' : `Approve for ${n} people`),
		tickAll: 'Approve for everyone on this list',
		approveHint:
			'Each thing goes to the board as approved, and each person gets a letter that there is news. It can be taken back today.',
		approved: (n: number) =>
			n === 1
				? 'Approved for one person: it stands on the board.'
				: `Approved for ${n} people: it all stands on the board.`,
		toBoard: 'Go to the board'
	}
};
