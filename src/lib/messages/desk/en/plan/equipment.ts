/** Equipment requests, and the stock. */
export const equipmentTexts = {
	requestForThem: 'Request equipment for them',
	addRequest: 'Add request',
	show: 'Show',
	status: 'Status',
	inProgress: (underWay: string | number) => `In progress (${underWay})`,
	thing: 'Equipment',
	allEquipment: 'All equipment',
	team: 'Team',
	allTeams: 'All teams',
	linesAndSums: (lines: number, sums: readonly string[]) =>
		`${lines}${sums.length > 0 ? `, about ${sums.join(' and ')}` : ''}`,
	forWhom: 'For',
	why: 'Why',
	orderAndCost: 'Order and cost',
	since: 'Since',
	daysAgo: (n: number) => (n === 0 ? 'today' : n === 1 ? '1 day' : `${n} days`),
	next: 'Next',
	fixesNothingAlone: 'Doesn’t fix a problem alone',
	fromStock: (backBy: string | null) => `from stock${backBy ? `, due back by ${backBy}` : ''}`,
	sendFromStock: (ofValue: string | number) => `Send from stock: ${ofValue}`,
	sendFromStockMenu: (inStore: string | number) => `Send from stock (${inStore}) …`,
	reasonForEmployee: 'Reason (the employee reads it)',
	dueBack: 'Due back by (if it’s a loan)',
	supplier: 'Supplier',
	orderNumber: 'Order number',
	priceOfOne: 'Price of one',
	requestOf: (name: string, thing: string) => `${name}: ${thing}`,
	tickForOrder: (request: string) => `Order together: ${request}`,
	tickAllForOrder: 'Order all of these together',
	orderTogether: (n: number) => (n === 1 ? 'One order for one item' : `One order for ${n} items`),
	orderTogetherHint:
		'Each person gets an email that there is news. You can undo it today under “Your actions today”.',
	markOrdered: (n: number) => (n === 1 ? 'Mark as ordered' : `Mark ${n} as ordered`),
	orderedTogether: (n: number) =>
		n === 1 ? 'One item is marked as ordered.' : `${n} items are marked as ordered.`,
	price: 'Price',
	currency: 'Currency',
	inStock: (all: number) => `In stock: ${all === 1 ? 'one item' : `${all} items`}`,
	saveCount: 'Save count',
	saved: (hasKept: boolean) => (hasKept ? 'Saved.' : ''),
	pageTitle: 'Equipment · Easy Corner',
	heading: 'Equipment',
	summary: ({
		underWay,
		asked,
		approved
	}: {
		underWay: number;
		asked: string | number;
		approved: string | number;
	}) =>
		underWay === 0
			? 'No open requests.'
			: `${underWay} ${underWay === 1 ? 'request is' : 'requests are'} in progress: ${asked} to decide, ${approved} to order or send.`,
	reserve: (inStore: number) => `Approve and reserve (${inStore} in stock)`,
	reserveOf: (ofValue: string) => `Approve and reserve one from stock: ${ofValue}`,
	sendReserved: 'Send the reserved one …',
	reserved: 'one in stock is reserved',
	reservedOf: (n: number) => `${n} reserved`,
	deliverTo: (address: string) => `Deliver to: ${address}`,
	deliveryTime: (days: number) =>
		days === 1 ? 'usually arrives after 1 working day' : `usually arrives after ${days} working days`,
	catalogue: 'Catalogue and prices',
	exportList: 'Export',
	noneMatch: 'No requests match.',
	requestsHint: 'Equipment that people request on their plan appears here, with the problem it fixes.',
	firstShown: (lines: string | number) =>
		`The first ${lines} are shown. Narrow the list, or export it, to see the rest.`,
	budget: {
		title: 'Budget · Equipment · Easy Corner',
		heading: 'Best use of your budget',
		ofYear: (year: number) => `Budget for ${year}`,
		yearBudget: 'Budget',
		spent: 'Spent',
		promised: 'Approved, not ordered',
		left: 'Left',
		notSet: 'Not set',
		yearScope:
			'Spent is what was ordered this year. Approved items count at today’s price, and items from stock cost nothing.',
		notCounted: (n: number) =>
			n === 1
				? 'One purchase without an amount, or in another currency, isn’t included.'
				: `${n} purchases without an amount, or in another currency, aren’t included.`,
		useWhatIsLeft: 'See what it could buy',
		setBudget: 'Set the budget',
		amountOfYear: (year: number) => `Amount for ${year}`,
		saveBudget: 'Save budget',
		budgetSaved: 'The budget is saved.',
		lead: 'The purchases that fix the most for your money, beyond what each household can already fix. Items in stock, or unused at home, cost nothing. Problems count more for people in pain.',
		link: 'Budget',
		money: (currency: string) => `Budget (${currency})`,
		workOut: 'Calculate',
		noPrices: 'There are no prices yet. Enter prices first.',
		toPrices: 'Enter prices',
		closes: (spent: string, people: number, closes: number) =>
			`${spent} helps ${people === 1 ? 'one person' : `${people} people`} and fixes ${closes === 1 ? 'one problem' : `${closes} problems`}.`,
		nothing: 'Nothing in this price range would fix a problem.',
		isAll: 'That is everything that would help.',
		all: (cost: string, people: number, closes: number) =>
			`Everything that would help costs ${cost}: ${people === 1 ? 'one person' : `${people} people`}, ${closes === 1 ? 'one problem' : `${closes} problems`} fixed.`,
		waiting: (n: number) =>
			n === 1
				? 'One person is waiting for equipment or has just received it. We’ll count them again after their next check.'
				: `${n} people are waiting for equipment or have just received it. We’ll count them again after their next check.`,
		whatToBuy: 'Equipment to buy',
		howMany: 'How many',
		fromStock: (n: number) => `${n} from stock`,
		someFromStock: 'from stock',
		tiedTitle: (n: number) =>
			n === 1
				? 'The same purchase would help one more person just as much:'
				: `The same purchase would help ${n} more people just as much:`,
		andMore: (n: number) => `and ${n} more`,
		step: (money: string, n: number) =>
			n === 0
				? `Another ${money} wouldn’t help anyone else.`
				: n === 1
					? `Another ${money} would help one more person:`
					: `Another ${money} would help ${n} more people:`,
		notProven: 'Some stock is left over, so there may be a slightly better choice.',
		searchEnded: (share: string) =>
			`Very many purchases are worth the same for their cost, so the search was stopped. The best choice would be worth at most ${share} more.`,
		together: 'Total',
		forWhom: 'For',
		gets: 'Equipment',
		hurts: 'Worst discomfort',
		cost: 'Cost',
		ofTen: (worst: number) => (worst === 0 ? 'none' : `${worst} of 10`),
		firstShown: (n: number) =>
			`The first ${n} are shown. Approve these first, then calculate again for the rest.`,
		approve: (n: number) => (n === 1 ? 'Approve for one person' : `Approve for ${n} people`),
		tickAll: 'Approve for everyone on this list',
		approveHint:
			'Each request moves to “approved”, and each person gets an email that there is news. You can undo this today.',
		approved: (n: number) =>
			n === 1
				? 'Approved for one person. You can see it under Equipment.'
				: `Approved for ${n} people. You can see them under Equipment.`,
		toBoard: 'Go to Equipment'
	}
};
