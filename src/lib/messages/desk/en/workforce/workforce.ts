import type { RemeasuredField } from '$lib/core/workstation/side-view/remeasured-heights';
import type { DecisionKind, DecisionResult } from '$lib/core/workforce/decision-outcome';
import type { VisitSignal } from '$lib/core/workforce/teams-to-visit';

/** A team’s share, and that of everyone. */
interface TeamShare {
	readonly team: string;
	readonly share: string;
	readonly all: string;
}

/** How far a kind of pad sinks. */
interface PadFacts {
	readonly kind: string;
	readonly share: string;
	readonly interval: string;
	readonly people: string;
	readonly usual: string;
}

/** Figures of the workforce, and the report on them. Numbers are already formatted. */
export const workforceTexts = {
	changeTitle: 'Change of the worst score, 0 to 10, from the first report to the newest',
	changeScope: 'People who reported discomfort at either time. The number of people is beside each row.',
	changeMethod:
		'The mean change for the same people, with its 95% interval. The p-value is from Wilcoxon’s signed-rank test.',
	changeMethodOld:
		'The change for the same people, with its 95% interval (Hodges–Lehmann estimate, Wilcoxon test).',
	betterSameWorse: 'Better, same, worse',
	changeAxis: 'Points: less discomfort to the left of the line, more to the right',
	people: 'People',
	change: 'Change',
	pValue: 'p-value',
	tooFew: 'too few',
	purchasesHidden:
		'No item is shown. To protect privacy, items that would help fewer than five people are hidden.',
	thing: 'Equipment',
	peopleHelped: 'First choice for',
	peopleHelpedHint:
		'For each person, the cheapest purchase that fixes nearly as much as the best one. Items that come first for fewer than five people are hidden.',
	priceEach: 'Price each',
	total: 'Total',
	totalPriced: 'Total with a price',
	noPrice: 'no price',
	byEndOfDay: 'By the end of day',
	byEndOfWeek: 'By the end of week',
	/** The unit of a curve's time axis. */
	days: 'days',
	weeks: 'weeks',
	/** How many people or answers, and how many of them not yet, or later than the curve covers. */
	notWithin: ({
		name,
		all,
		open,
		isDays
	}: {
		name: string | null;
		all: string;
		open: string;
		isDays: boolean;
	}) =>
		`${name ? `${name}: ` : ''}${all}, ${open} of them not yet, or after more than ${isDays ? '90 days' : 'a year'}.`,
	gapTitle: 'Size of height problems, at first and now',
	firstOf: (check: string | number) => `${check}, first`,
	nowOf: (check: string | number) => `${check}, now`,
	gapAxis: 'mm outside the range: below it to the left of the line, above it to the right',
	gapLegend:
		'Each mark is the mean of at least five people. On the line, the height fits. Only people with more than one result are included.',
	height: 'Height',
	peopleHead: 'People',
	averageFirst: 'Average problem, first',
	now: 'Now',
	changeInterval: 'Mean change for the same people, 95% interval',
	noChange: 'no change',
	titleBy: (title: string, grouping: string) => `${title} (${grouping})`,
	shareOfPeople: 'share of people',
	samePeopleTitle: 'The same people at first and now',
	reportedTwice: (peopleWords: string | number) => `${peopleWords} reported more than once.`,
	fourGroups:
		'People are in four groups: discomfort both times, only at first, only now, or never. A body region is left out if one group has fewer than five people.',
	bodyRegion: 'Body region',
	atFirst: 'At first',
	interval: '95% interval',
	percentagePoints: 'Percentage points',
	pointsAxis: 'percentage points more (right) or fewer (left) than at first',
	anyDiscomfort: 'Any discomfort',
	prices: 'Prices',
	pricesSaved: 'The prices are saved.',
	currency: 'Currency',
	savePrices: 'Save prices',
	reportHead: (from: string | number, to: string | number) =>
		`Easy Corner · Home workstations · ${from} to ${to}`,
	reportTitle: (from: string | number, to: string | number) => `Home workstations, ${from} to ${to}`,
	reportMade: ({
		madeAt,
		to,
		count
	}: {
		madeAt: string | number;
		to: string | number;
		count: string | number;
	}) => `Made on ${madeAt} with data up to ${to}. ${count} Results for fewer than five people are hidden.`,
	results: 'Results',
	actionsTaken: 'Actions taken',
	changes: 'Changes',
	intervalNote:
		'Intervals are 95% intervals. People chose themselves whether to carry out their plan. A difference between the two groups is a hint, not proof.',
	timeToPlan: 'Time from the answers to the finished plan',
	notFinished: 'Not finished yet',
	everyone: 'Everyone',
	remainingProblems: 'Remaining problems',
	costOfFixing: 'Cost of fixing them',
	decisions: 'Decisions we ask for',
	noDecisions: 'There are no decisions to make from these results.',
	discomfortByRegion: 'Discomfort by body region',
	mostCommonProblems: 'Most common problems',
	problems: 'Problems',
	someRowsHidden: ({ count, hidden, rows }: { count: string; hidden: number; rows: number }) =>
		`${count} To protect privacy, ${hidden} of ${rows} rows are hidden.`,
	share: 'Share',
	heading: 'Workforce',
	filters: 'Filters',
	dataCsvLink: 'Data (CSV)',
	resultsOfTeam: (team: string, grouping: string) =>
		`These results are for one team only: ${team}. Grouped by: ${grouping}. Problems in millimetres, curves and changes over time need more people. Use one filter at a time to see them.`,
	smallGroupsHidden:
		'To protect privacy, results for fewer than five people are hidden. So are results from which they could be calculated.',
	closingFigures:
		'Month-end figures change only when at least five people of a group change together. Groups of fewer than fifteen people are part of the total only.',
	countedAt: (time: string) => `Results as of ${time}.`,
	todayForCoordinators:
		'Only coordinators see today’s results. Comparing two days could reveal one person’s answers.',
	answers: 'Answers',
	discomfort: 'Discomfort',
	problemsAndDiscomfort: 'Problems and discomfort',
	effectOfPlans: 'Effect of plans',
	responseTimes: 'Response times',
	equipmentToBuy: 'Equipment to buy',
	report: 'Report',
	today: 'Today',
	dataUpTo: 'Data up to',
	groupBy: 'Group by',
	noGrouping: 'No grouping',
	allGroups: 'All groups',
	team: 'Team',
	allTeams: 'All teams',
	overview: 'Overview',
	overviewTitle: 'Overview · Workforce · Easy Corner',
	monthEnd: 'Day',
	numberOf: ({ share, interval, of }: Readonly<Record<'share' | 'interval' | 'of', string>>) =>
		`${share} (95% interval ${interval}; ${of}).`,
	numberOfHeights: ({ problem, unknown, fits }: Readonly<Record<'problem' | 'unknown' | 'fits', string>>) =>
		`Problem: ${problem} Not known yet: ${unknown}. Fits: ${fits}.`,
	overviewAnswered: 'People who answered',
	overviewAnsweredLink: 'See answers by team',
	overviewHeightsLink: 'See problems',
	overviewDiscomfort: 'People with discomfort',
	overviewDiscomfortLink: 'See discomfort by body region',
	overviewStands: 'Plans still in place after six weeks',
	overviewStandsLink: 'See what plans change',
	overviewMoney: 'Cost of first choices for remaining problems',
	overviewMoneyLink: 'See equipment to buy',
	moneyNow: (amount: string) => `${amount} at today’s prices.`,
	noMoney: 'No amount can be shown.',
	answersTitle: 'Answers · Workforce · Easy Corner',
	responseRate: 'Response rate',
	answeredOf: (answered: string, interval: string) =>
		`of people who were asked in the last year have answered: ${answered} (95% interval ${interval}).`,
	askedHidden: (people: string | number) =>
		`${people} were asked in the last year. To protect privacy, the number who answered is hidden.`,
	tooFewAsked: 'Too few people were asked to show a result.',
	halfWithin: (within: string) => `Half of the people asked had answered ${within}.`,
	responseRateHeading: 'Response rate',
	shareAnswered: 'share who answered',
	askedLastYear: ' were asked in the last year',
	howQuickly: 'How quickly people answer',
	notAnsweredYet: 'Not answered yet',
	notAnsweredLegend:
		'Share of people who haven’t answered yet. People without an answer are counted up to the closing day. Days are combined so that each step is at least five people.',
	discomfortTitle: 'Discomfort · Workforce · Easy Corner',
	discomfortHeading: 'Discomfort',
	reportDiscomfort: (hurts: string | number, n: string | number) =>
		`report discomfort (95% interval ${hurts}; ${n}, by their latest report).`,
	discomfortHidden: (people: string | number) =>
		`${people}. To protect privacy, the number with discomfort is hidden.`,
	tooFewPeople: 'Too few people to show a result.',
	reportedTwiceShares: (first: string | number, now: string | number) =>
		`Of people who reported more than once, ${first} had discomfort at first and ${now} have it now.`,
	shareByRegion: 'Share of people, by body region',
	anyDiscomfortRow: 'Any discomfort',
	sideAndType: 'Side and type of discomfort',
	onTheLeft: 'on the left',
	onTheRight: 'on the right',
	onBothSides: 'on both sides',
	problemsTitle: 'Problems · Workforce · Easy Corner',
	problemsHeading: 'Problems',
	heightProblem: (interval: string, n: string) =>
		`of people have a height problem now (95% interval ${interval}; ${n}).`,
	heightsFit: (fits: string, unknown: string) =>
		`Everything fits for ${fits}. For ${unknown}, it isn’t known yet.`,
	heightsAfter: (fits: string, unknown: string) =>
		`With their plan, everything fits for ${fits}. For ${unknown}, it isn’t known yet.`,
	anyFound: (found: string) =>
		`Together with other problems, such as light or the screen, ${found} have one.`,
	threeParts: 'Heights',
	problemPart: 'Problem',
	unknownPart: 'Not known yet',
	fitsPart: 'Fits',
	unknownOrFits: 'Not known yet, or fits',
	partsTogether: 'They are shown together, because one part has fewer than five people.',
	threePartsScope:
		'“Problem” means that we’re sure of it. “Not known yet” means that no height is known to be wrong, but a measurement is missing or too rough.',
	problemsHidden: (people: string | number) =>
		`${people}. To protect privacy, the number with a problem is hidden.`,
	mostCommon: (words: string | number) => `Most common: ${words}.`,
	heightProblemBy: 'Height problem',
	differsLower: (groups: string) => `Lower than elsewhere, beyond chance: ${groups}.`,
	differsHigher: (groups: string) => `Higher than elsewhere, beyond chance: ${groups}.`,
	differsNone: 'No group differs from the others by more than chance explains.',
	ofDay: (group: string, day: string) => `${group} (${day})`,
	waitingGroups: (groups: string) =>
		`Figures of an earlier day, because too few people have changed since: ${groups}.`,
	differsMethod: (groups: string) =>
		`${groups} Each group is compared with all others, adjusted for the number of groups.`,
	shareByProblem: 'Share of people, by problem',
	problemScope:
		'Problems from answers or measurements that aren’t fixed yet. Problems of fewer than five people are left out.',
	anyProblem: 'Any problem',
	linksTitle: 'Problems and discomfort · Workforce · Easy Corner',
	linksHeading: 'Links between problems and discomfort',
	clearLinks: ({
		sure,
		finding,
		shareWith,
		region,
		shareWithout
	}: {
		sure: number;
		finding: string | number;
		shareWith: string | number;
		region: string | number;
		shareWithout: string | number;
	}) =>
		`${sure === 1 ? 'One link is' : `${sure} links are`} stronger than chance would explain. The clearest: ${shareWith} of people with “${finding}” report discomfort (${region}), compared with ${shareWithout} of the others.`,
	noClearLink: 'No link between a problem and discomfort is stronger than chance would explain.',
	tooFewForLinks: 'Too few people have both a problem and discomfort to show a result.',
	linkNotCause: (looked: string | number) =>
		`This shows a link, not a cause. Discomfort also affects what people notice, and both may have another cause. We compared ${looked} pairs with enough people and adjusted the p-values for that.`,
	howMuchMoreOften: 'How much more often people with the problem report discomfort',
	ratioAxis: (n: string | number) => `${n}. Less often to the left of the line, more often to the right.`,
	timesAsOften: 'times as often',
	problemAndDiscomfort: 'Problem and discomfort',
	withProblem: 'With the problem',
	withoutProblem: 'Without it',
	timesAsOftenHead: 'Times as often',
	adjustedPValue: 'Adjusted p-value',
	effectTitle: 'Effect of plans · Workforce · Easy Corner',
	effectHeading: 'Do plans help?',
	carriedOutOnly:
		'Results are shown for a whole team or for everybody. This list shows the people who carried out their plan.',
	adjusted: ({ by, low, high, isLower }: { by: string; low: string; high: string; isLower: boolean }) =>
		`For people who began with the same score, it fell by ${by} points ${isLower ? 'more' : 'less'} with the plan carried out (95% interval ${low} to ${high}).`,
	adjustedUnclear: (by: string, low: string, high: string) =>
		`For people who began with the same score, there is no clear difference (${by} points, 95% interval ${low} to ${high}).`,
	hintNotProof:
		'This is a hint, not proof. People who carry out their plan may differ from the others in ways that we don’t know. A negative difference means less discomfort with the plan carried out.',
	carriedOutShare: 'People with a plan who reported again: how many carried it out',
	shareCarriedOut: 'share who carried out their plan',
	breaks: 'Breaks',
	breaksTaken: (takenPercent: string | number) =>
		`People took about ${takenPercent}% of the breaks planned in the last four full weeks.`,
	breaksScope: (atLeast: string | number) =>
		`This is the total for at least ${atLeast} people who share their breaks, in steps of five. People who share may take more breaks than others.`,
	reportPageTitle: 'Report · Workforce · Easy Corner',
	reportHeading: 'Report for management',
	reportLead:
		'A report says what was done, what changed, which problems remain, what fixing them costs, and which decisions you need. It doesn’t change after you’ve made it.',
	noMonthYet: 'You can make the first report when the first month is over.',
	endOfPeriod: 'End of the period',
	period: 'Period',
	createReport: 'Create report',
	reportPeriod: (fromDay: string | number, toDay: string | number) => `${fromDay} to ${toDay}`,
	created: (madeAt: string | number) => `created ${madeAt}`,
	dataCsv: 'Data (CSV)',
	upTo: (toDay: string | number) => `until ${toDay}`,
	deleteReportUpTo: (toDay: string | number) => `Delete the report up to ${toDay}`,
	deleteReport: 'Delete report',
	noReports: 'There are no reports yet.',
	months: (n: number) => (n === 1 ? 'One month' : n === 12 ? 'A year' : `${n} months`),
	reportUpToTitle: (to: string | number) => `Report up to ${to} · Easy Corner`,
	allReports: 'All reports',
	print: 'Print',
	timesTitle: 'Response times · Workforce · Easy Corner',
	timesHeading: 'Response times',
	timesLead:
		'Curves are for everyone together, because a small group could reveal individuals. Weeks are combined so that each step is at least five people. People who aren’t there yet are counted up to the closing day.',
	timeToAct: 'Time from the answers until the coordinator has dealt with them',
	notDealtWith: 'Not dealt with yet',
	twoYears: 'Each person’s latest answers, if they are from the two years before the closing day.',
	fixedAtHome: 'Fixed with items at home',
	problemRemains: 'A problem remains',
	curvesDiffer: (p: string) =>
		`If the groups were the same, a difference this large would be rare (log-rank test, p = ${p}).`,
	tooFewForCurve: 'Too few people to show a curve.',
	steps: 'Steps of plans',
	stepsTitle: 'Steps of plans · Workforce · Easy Corner',
	stepsHeading: 'Which steps are done, and stay in place?',
	tooFewSteps: 'Too few people have a plan that is two weeks old.',
	stepsCarriedOut: 'Steps carried out, among people who have them in their plan',
	stepsCarriedOutScope: 'Plans for answers given at least two weeks ago. Steps are in the order of work.',
	stepsByItem: 'Still in place after two weeks, by step and item',
	stepsKeptScope:
		'By the first check-in from that day on. People who haven’t answered one are left out. Steps are in the order of work.',
	stepPlace: 'Step',
	shareOfSteps: 'share of people with this step',
	stepsLeastDone: (step: string, share: string, interval: string) =>
		`People carry out this step least often: ${step} (${share}, 95% interval ${interval}).`,
	stepsLeastKept: (step: string, share: string, interval: string) =>
		`This one is most often undone within two weeks: ${step} (${share} keep it, 95% interval ${interval}).`,
	stepsKept: (days: number) => `Steps still in place after ${days === 14 ? 'two weeks' : 'six weeks'}`,
	stepWithItem: (step: string, item: string) => `${step}: ${item}`,
	builtToPlan: (within: string) => `Heights measured after building: within ${within} of the plan`,
	builtToPlanScope:
		'Of people who measured again once their plan was built. The difference comes from measuring and from building together.',
	shareOfMeasured: 'share of people who measured again',
	heightHead: 'Height',
	builtHeights: {
		seatUnder: 'Seat, with the person on it',
		feetOn: 'Under the feet',
		surface: 'Table top',
		keysOn: 'Under the keyboard',
		screenTop: 'Top of the screen'
	} satisfies Readonly<Record<RemeasuredField, string>>,
	looksTitle: 'Answers compared with what coordinators saw',
	lookedAt: (people: string) => `Coordinators saw the workstations of ${people} by video or in person.`,
	kappa: (value: string, interval: string) =>
		`All heights together agree with a kappa of ${value} (95% interval ${interval}). 0 is what chance would give, 1 is full agreement.`,
	noKappa: 'There are too few different results to work out agreement beyond chance (kappa).',
	looksScope:
		'Today’s results, by the newest look at each workstation. Heights that the answers leave open don’t count. To add a look, record a contact by video or in person.',
	shareAgreed: 'share of people with the same result in both',
	padsTitle: 'How far pads sink',
	padsScope:
		'From seats measured again once a plan was built. New plans use these shares as published at the last month end. People who have measured their own pads keep those shares.',
	padLine: ({ kind, share, interval, people, usual }: PadFacts) =>
		`${kind}: ${share} of the thickness stays under a person (95% interval ${interval}, ${people}). Common practice: ${usual}.`,
	purchaseResults: 'Results of equipment',
	arrivedFor: (people: string, before: string) =>
		`Equipment has arrived for ${people}. Before it came, ${before} of them had a height problem.`,
	solvedNow: ({ solved, share, interval }: { solved: string; share: string; interval: string }) =>
		`${solved} of these have none now (${share}, 95% interval ${interval}).`,
	paidFor: (amount: string) => `Their equipment cost ${amount}.`,
	costOfOne: (amount: string) => `That is ${amount} for each problem that is gone.`,
	costMissing: 'The cost isn’t known, because some items have no price.',
	purchaseResultsScope:
		'Today’s figures. Other changes, such as steps at home, count too. Items from stock cost nothing here.',
	shareSolved: 'share of people whose height problem is gone',
	visitTitle: 'Teams to visit',
	visitNone: 'No team is worse off than the others by more than chance explains.',
	visitTooFew: 'No month end has figures for two teams or more.',
	visitDay: (day: string) => `Figures of ${day}, adjusted for the number of teams and figures compared.`,
	visitLines: {
		answered: ({ team, share, all }: TeamShare) => `${team}: ${share} answered, ${all} of everyone.`,
		problem: ({ team, share, all }: TeamShare) =>
			`${team}: ${share} have a height problem, ${all} of everyone.`,
		hurts: ({ team, share, all }: TeamShare) => `${team}: ${share} have discomfort, ${all} of everyone.`,
		stands: ({ team, share, all }: TeamShare) =>
			`${team}: ${share} of plans are still in place after six weeks, ${all} of everyone’s.`
	} satisfies Readonly<Record<VisitSignal, unknown>>,
	recordDecisions: 'Record decisions',
	recordDecisionsHint: 'The report itself doesn’t change. The next one says what came of these.',
	decisionsSaved: 'Saved.',
	decisionResult: 'Decision',
	decisionNote: 'Note',
	decisionNames: {
		buy: 'Buy equipment',
		teams: 'Speak to teams',
		time: 'Working time for plans',
		first: 'Which problem comes first'
	} satisfies Readonly<Record<DecisionKind, string>>,
	decisionResults: {
		open: 'Not decided yet',
		agreed: 'Agreed',
		declined: 'Declined',
		postponed: 'Postponed'
	} satisfies Readonly<Record<DecisionResult, string>>,
	remark: 'Remark',
	saveDecisions: 'Save decisions',
	lastDecisions: (to: string) => `Decisions of the report up to ${to}`,
	madeBy: (author: string) => `Created by ${author}.`,
	lastMonths: 'The last twelve months',
	monthHeads: {
		answered: 'Answered',
		problem: 'Height problem',
		hurts: 'Discomfort',
		stands: 'Plans still in place',
		money: 'First choices, cost'
	},
	teamFigures: 'Teams',
	teamsHidden: (n: number) =>
		n === 1
			? 'One team is too small to be shown. It is part of the total.'
			: `${n} teams are too small to be shown. They are part of the total.`,
	toBuyTitle: 'Equipment to buy · Workforce · Easy Corner',
	toBuyHeading: 'Equipment to buy',
	stillOpen: (open: string | number, n: string | number) =>
		`of people still have a height problem that nothing at home can fix (95% interval ${open}; ${n}).`,
	equipmentHelps: (closable: string | number) => `Equipment would help ${closable} of them.`,
	equipmentHelpsHidden: 'To protect privacy, we hide how many of them equipment would help.',
	openHidden: (people: string | number) =>
		`${people}. To protect privacy, the number with a remaining problem is hidden.`,
	helpedBy: 'People helped by each item',
	toBuyMethod:
		'Calculated for each person with the items they have at home. A person counts for every item that would help them, alone or with another one.'
};
