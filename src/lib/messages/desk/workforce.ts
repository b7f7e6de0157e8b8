/** Figures of the workforce, and the report on them. Numbers come in as they are written. */
export const workforceTexts = {
	changeOfTheWorst: 'Change of the worst score, 0 to 10, from the first report to the newest',
	ofPeopleWhoHurt: 'People who reported discomfort at either time. The number of people is beside each row.',
	hodgesAndLehmannsEstimate:
		'The change for the same people, with its 95% interval (Hodges–Lehmann estimate, Wilcoxon test).',
	pointsLeftOfThe: 'Points: less discomfort to the left of the line, more to the right',
	who: 'People',
	change: 'Change',
	chance: 'p-value',
	tooFew: 'too few',
	noThingThatIs: 'No equipment would help five people or more.',
	thing: 'Equipment',
	peopleWhomItHelps: 'People helped',
	one: 'Price each',
	together: 'Total',
	allWithAPrice: 'Total with a price',
	noPriceKnown: 'no price',
	byTheEndOf: (slice: string | number) => `By the end of ${slice}`,
	ofWhomNotYet: ({ name, people, open }: { name: string | null; people: string; open: string }) =>
		`${name ? `${name}: ` : ''}${people}, ${open} of them not yet.`,
	howFarOffAt: 'Size of height problems, at first and now',
	first: (check: string | number) => `${check}, first`,
	nowOf: (check: string | number) => `${check}, now`,
	eachMarkIsThe:
		'Each mark is the mean of at least five people. On the line, the height fits. Only people with more than one result are included.',
	check: 'Height',
	people: 'People',
	offOnAverageFirst: 'Average problem, first',
	now: 'Now',
	changeOfTheSame: 'Change for the same people, 95% interval',
	noChange: 'no change',
	byWhat: (title: string | number, by: string | number) => `${title}, by ${by}`,
	shareOfPeople: 'share of people',
	theSamePeopleAt: 'The same people at first and now',
	whoReportedMoreThan: (peopleWords: string | number) => `${peopleWords} reported more than once.`,
	whereOneOfThe:
		'People are in four groups: discomfort both times, only at first, only now, or never. A body region is left out if one group has fewer than five people.',
	place: 'Body region',
	atFirst: 'At first',
	interval: '95% interval',
	percentagePoints: 'Percentage points',
	moreThanAtFirst: 'percentage points more (right) or fewer (left) than at first',
	anything: 'Any discomfort',
	whatOneCosts: 'Prices',
	thePricesAreKept: 'The prices are saved.',
	currency: 'Currency',
	keepThePrices: 'Save prices',
	easyCornerHomeWorkplaces: (from: string | number, to: string | number) =>
		`Easy Corner · Home workstations · ${from} to ${to}`,
	homeWorkplacesTo: (from: string | number, to: string | number) => `Home workstations, ${from} to ${to}`,
	madeOnAsIt: ({
		madeAt,
		to,
		count
	}: {
		madeAt: string | number;
		to: string | number;
		count: string | number;
	}) => `Made on ${madeAt} with data up to ${to}. ${count} Results for fewer than five people are hidden.`,
	howItStands: 'Results',
	whatWasDone: 'Actions taken',
	whatChangedAndHow: 'Changes',
	intervalsAreOfNobody:
		'Intervals are 95% intervals. People chose themselves whether to carry out their plan. A difference between the two groups is a hint, not proof.',
	fromAnswersToPlan: 'Time from the answers to the finished plan',
	notCarriedOutYet: 'Not finished yet',
	everybody: 'Everyone',
	whatIsStillOpen: 'Remaining problems',
	whatItWouldCost: 'Cost of fixing them',
	whatWeAskYou: 'Decisions we ask for',
	nothingTheFiguresAsk: 'There are no decisions to make from these results.',
	whereItHurts: 'Discomfort by body region',
	whatIsOffMost: 'Most common problems',
	whatIsOff: 'Problems',
	someRowsHidden: ({ count, hidden, rows }: { count: string; hidden: number; rows: number }) =>
		`${count} To protect privacy, ${hidden} of ${rows} rows are hidden.`,
	share: 'Share',
	theWorkforce: 'Workforce',
	theView: 'Filters',
	figuresCsv: 'Data (CSV)',
	figuresAreOf: 'Results are for',
	aloneByGapsIn: (by: string | number) =>
		`only, by ${by}. Problems in millimetres, curves and changes over time need more people. Use one filter at a time to see them.`,
	noFigureIsOf:
		'To protect privacy, results for fewer than five people are hidden. So are results from which they could be calculated.',
	figuresOfTodayAre:
		'Only coordinators see today’s results. Comparing two days could reveal one person’s answers.',
	answers: 'Answers',
	discomfort: 'Discomfort',
	whatGoesWithWhat: 'Problems and discomfort',
	doesItHelp: 'Effect of plans',
	howLong: 'Response times',
	whatToBuy: 'Equipment to buy',
	report: 'Report',
	today: 'Today',
	asItStoodOn: 'Data up to',
	by: 'Group by',
	everybodyTogether: 'No grouping',
	allOfThem: 'All groups',
	withinTheTeam: 'Team',
	allTeams: 'All teams',
	answersWorkforceEasyCorner: 'Answers · Workforce · Easy Corner',
	whoAnswers: 'Response rate',
	ofThoseAsked: (answered: string, interval: string) =>
		`of people who were asked in the last year have answered: ${answered} (95% interval ${interval}).`,
	wereAskedAlone: (people: string | number) =>
		`${people} were asked in the last year. To protect privacy, the number who answered is hidden.`,
	tooFewWereAsked: 'Too few people were asked to show a result.',
	halfOfAllAnswers: (median: string | number) => `Half of all answers arrive within ${median}.`,
	whoAnswered: 'Response rate',
	shareThatAnswered: 'share who answered',
	wereAsked: ' were asked in the last year',
	howSoonTheAnswers: 'How quickly people answer',
	notAnsweredYet: 'Not answered yet',
	shareThatHasNot:
		'Share of people who haven’t answered yet. People without an answer are counted up to the closing day. Days are combined so that each step is at least five people.',
	discomfortWorkforceEasyCorner: 'Discomfort · Workforce · Easy Corner',
	whereDoesItHurt: 'Discomfort',
	sayThatSomethingHurts: (hurts: string | number, n: string | number) =>
		`report discomfort (95% interval ${hurts}; ${n}, by their latest report).`,
	howManyOfThem: (people: string | number) =>
		`${people}. To protect privacy, the number with discomfort is hidden.`,
	tooFewForFigure: 'Too few people to show a result.',
	ofThoseWhoReported: (first: string | number, now: string | number) =>
		`Of people who reported more than once, ${first} had discomfort at first and ${now} have it now.`,
	shareOfPeopleByPlace: 'Share of people, by body region',
	anythingHurts: 'Any discomfort',
	whichSideAndWhat: 'Side and type of discomfort',
	onTheLeft: 'on the left',
	onTheRight: 'on the right',
	onBothSides: 'on both sides',
	whatIsOffWorkforce: 'Problems · Workforce · Easy Corner',
	whatIsOffQuestion: 'Problems',
	atWord: 'At',
	ofTheCornersSomething: (found: string | number, n: string | number) =>
		`of workstations there’s a problem now (95% interval ${found}; ${n}).`,
	howManyOfTheir: (people: string | number) =>
		`${people}. To protect privacy, the number with a problem is hidden.`,
	mostOften: (words: string | number) => `Most common: ${words}.`,
	shareOfPeopleByFinding: 'Share of people, by problem',
	whatTheAnswersOr:
		'Problems from answers or measurements that aren’t fixed yet. Problems of fewer than five people are left out.',
	anythingOff: 'Any problem',
	whatGoesWithWhatTitle: 'Problems and discomfort · Workforce · Easy Corner',
	whatGoesWithWhatQuestion: 'Links between problems and discomfort',
	onePairGoesPairs: ({
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
	noFindingGoesWith: 'No link between a problem and discomfort is stronger than chance would explain.',
	tooFewPeopleHave: 'Too few people have both a problem and discomfort to show a result.',
	goingTogetherIsNot: (looked: string | number) =>
		`This shows a link, not a cause. Discomfort also affects what people notice, and both may have another cause. We compared ${looked} pairs with enough people and adjusted the p-values for that.`,
	howManyTimesAs: 'How much more often people with the problem report discomfort',
	leftOfTheLine: (n: string | number) => `${n}. Less often to the left of the line, more often to the right.`,
	timesAsOften: 'times as often',
	findingAndComplaint: 'Problem and discomfort',
	withIt: 'With the problem',
	without: 'Without it',
	timesAsOftenHead: 'Times as often',
	chanceAdjusted: 'Adjusted p-value',
	doesItHelpWorkforce: 'Effect of plans · Workforce · Easy Corner',
	doesItHelpQuestion: 'Do plans help?',
	whetherItHelpedIs:
		'Results are shown for a whole team or for everybody. This list shows the people who carried out their plan.',
	nobodyWasAssignedTo:
		'A difference between the rows is a hint, not proof. People who carry out their plan may differ from those who don’t. Discomfort comes and goes, and people with the most have the most room to improve.',
	planCarriedOutOf: 'People with a plan who reported again: how many carried it out',
	shareThatCarriedThe: 'share who carried out their plan',
	breaks: 'Breaks',
	ofTheBreaksThat: (takenPercent: string | number) =>
		`People took about ${takenPercent}% of the breaks planned in the last four full weeks.`,
	ofAtLeastPeople: (atLeast: string | number) =>
		`This is the total for at least ${atLeast} people who share their breaks, in steps of five. People who share may take more breaks than others.`,
	reportWorkforceEasyCorner: 'Report · Workforce · Easy Corner',
	theReportForManagement: 'Report for management',
	whatWasDoneWhat:
		'A report says what was done, what changed, which problems remain, what fixing them costs, and which decisions you need. It doesn’t change after you’ve made it.',
	theFirstMonthHas: 'You can make the first report when the first month is over.',
	until: 'End of the period',
	time: 'Period',
	makeTheReport: 'Create report',
	to: (fromDay: string | number, toDay: string | number) => `${fromDay} to ${toDay}`,
	made: (madeAt: string | number) => `created ${madeAt}`,
	dataCsv: 'Data (CSV)',
	untilDay: (toDay: string | number) => `until ${toDay}`,
	takeTheReportUntil: (toDay: string | number) => `Delete the report up to ${toDay}`,
	takeAway: 'Delete report',
	noReportHasBeen: 'There are no reports yet.',
	oneMonthAYear: (n: number) => (n === 1 ? 'One month' : n === 12 ? 'A year' : `${n} months`),
	reportUntilEasyCorner: (to: string | number) => `Report up to ${to} · Easy Corner`,
	allReports: 'All reports',
	print: 'Print',
	howLongWorkforceEasy: 'Response times · Workforce · Easy Corner',
	howLongDoesIt: 'Response times',
	ofEverybodyTogetherA:
		'Curves are for everyone together, because a small group could reveal individuals. Weeks are combined so that each step is at least five people. People who aren’t there yet are counted up to the closing day.',
	fromAnswersToAct: 'Time from the answers until the coordinator has dealt with them',
	notDealtWithYet: 'Not dealt with yet',
	answersOfTheTwo: 'Answers from the two years before the closing day.',
	theHouseholdClosesIt: 'Fixed with items at home',
	somethingStaysOpen: 'A problem remains',
	theTwoCurvesDiffer: (p: string) =>
		`If the groups were the same, a difference this large would be rare (log-rank test, p = ${p}).`,
	tooFewForCurve: 'Too few people to show a curve.',
	whatToBuyWorkforce: 'Equipment to buy · Workforce · Easy Corner',
	whatWouldHaveTo: 'Equipment to buy',
	ofPeopleSomethingStays: (open: string | number, n: string | number) =>
		`of people still have a problem that nothing at home can fix (95% interval ${open}; ${n}).`,
	ofThemWouldBe: (closable: string | number) => `Equipment would help ${closable} of them.`,
	forHowManyOf: (people: string | number) =>
		`${people}. To protect privacy, the number with a remaining problem is hidden.`,
	peopleWhomItWould: 'People helped, by the purchase that fixes the most',
	workedOutAnewFor:
		'Calculated for each person with the items they have at home. People who need two items count for both.'
};
