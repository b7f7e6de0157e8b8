/** Figures of the workforce, and the report on them. Numbers come in as they are written. */
export const workforceTexts = {
	changeOfTheWorst: 'Change of the worst score, 0 to 10, from the first report to the newest',
	ofPeopleWhoHurt: 'Of people who hurt at one of the two times; how many stands beside each row.',
	hodgesAndLehmannsEstimate:
		'Hodges and Lehmann’s estimate of the change of the same people, with its 95 % interval; Wilcoxon’s test.',
	pointsLeftOfThe: 'points: left of the line less discomfort, right of it more',
	who: 'Who',
	change: 'Change',
	chance: 'Chance',
	tooFew: 'too few',
	noThingThatIs: 'No thing that is sold would help five people or more.',
	thing: 'Thing',
	peopleWhomItHelps: 'People helped',
	one: 'One',
	together: 'Together',
	allWithAPrice: 'All with a price',
	noPriceKnown: 'no price known',
	byTheEndOf: (slice: string | number) => `By the end of ${slice}`,
	ofWhomNotYet: ({ name, people, open }: { name: string | null; people: string; open: string }) =>
		`${name ? `${name}: ` : ''}${people}, ${open} of them not yet.`,
	howFarOffAt: 'How far off, at first and now',
	first: (check: string | number) => `${check}, first`,
	nowOf: (check: string | number) => `${check}, now`,
	eachMarkIsThe:
		'Each mark is the mean of five people or more next to each other; on the line the check fits. Of people who have been judged more than once.',
	check: 'Check',
	people: 'People',
	offOnAverageFirst: 'Off on average, first',
	now: 'Now',
	changeOfTheSame: 'Change of the same people, 95 % interval',
	noChange: 'no change',
	byWhat: (title: string | number, by: string | number) => `${title}, by ${by}`,
	shareOfPeople: 'share of people',
	theSamePeopleAt: 'The same people at first and now',
	whoReportedMoreThan: (peopleWords: string | number) => `${peopleWords} who reported more than once.`,
	whereOneOfThe:
		'Where one of the four kinds of people (both times, only then, only now, never) has fewer than five, the place is left out.',
	place: 'Place',
	atFirst: 'At first',
	percentagePoints: 'Percentage points',
	anything: 'Anything',
	whatOneCosts: 'What one costs',
	thePricesAreKept: 'The prices are kept.',
	currency: 'Currency',
	keepThePrices: 'Keep the prices',
	easyCornerHomeWorkplaces: (from: string | number, to: string | number) =>
		`Easy Corner · Home workplaces · ${from} to ${to}`,
	homeWorkplacesTo: (from: string | number, to: string | number) => `Home workplaces, ${from} to ${to}`,
	madeOnAsIt: ({
		madeAt,
		to,
		count
	}: {
		madeAt: string | number;
		to: string | number;
		count: string | number;
	}) => `Made on ${madeAt}, as it stood on ${to}. ${count} No figure is of fewer than five people.`,
	howItStands: 'How it stands',
	whatWasDone: 'What was done',
	whatChangedAndHow: 'What changed, and how sure that is',
	intervalsAreOfNobody:
		'Intervals are of 95 %. Nobody was assigned to anything by chance: a difference between people who did and did not carry a plan out is a hint, no proof.',
	fromAnswersToPlan: 'From the answers to the plan carried out',
	notCarriedOutYet: 'Not carried out yet',
	everybody: 'Everybody',
	whatIsStillOpen: 'What is still open',
	whatItWouldCost: 'What it would cost',
	whatWeAskYou: 'What we ask you to decide',
	nothingTheFiguresAsk: 'Nothing: the figures ask for no decision.',
	whereItHurts: 'Where it hurts',
	whatIsOffMost: 'What is off most often',
	whatIsOff: 'What is off',
	someRowsHidden: ({ count, hidden, rows }: { count: string; hidden: number; rows: number }) =>
		`${count} Of ${hidden} of ${rows} rows nothing may be shown.`,
	share: 'Share',
	theWorkforce: 'The workforce',
	theView: 'The view',
	figuresCsv: 'Figures (CSV)',
	figuresAreOf: 'Figures are of',
	aloneByGapsIn: (by: string | number) =>
		`alone, by ${by}. Gaps in millimetres, curves and the same people then and now need more people than that leaves: they are shown for one filter at a time.`,
	noFigureIsOf:
		'No figure is of fewer than five people, nor one from which such a figure could be worked out; it says “not shown” there.',
	figuresOfTodayAre:
		'Figures of today are for coordinators alone: two days side by side would tell what one person answered.',
	answers: 'Answers',
	discomfort: 'Discomfort',
	whatGoesWithWhat: 'What goes with what',
	doesItHelp: 'Does it help',
	howLong: 'How long',
	whatToBuy: 'What to buy',
	report: 'Report',
	today: 'Today',
	asItStoodOn: 'As it stood on',
	by: 'By',
	everybodyTogether: 'Everybody together',
	allOfThem: 'All of them',
	withinTheTeam: 'Within the team',
	allTeams: 'All teams',
	answersWorkforceEasyCorner: 'Answers · Workforce · Easy Corner',
	whoAnswers: 'Who answers?',
	ofThoseAsked: (answered: string, interval: string) =>
		`of those who were asked in the year before have answered what they were sent last: ${answered} (${interval}).`,
	wereAskedAlone: (people: string | number) =>
		`${people} were asked in the year before. How many of them answered can’t be shown: on one side there are fewer than five.`,
	tooFewWereAsked: 'Too few were asked for any figure.',
	halfOfAllAnswers: (median: string | number) => `Half of all answers are there within ${median}.`,
	whoAnswered: 'Who answered',
	shareThatAnswered: 'share that answered',
	wereAsked: ' were asked in the year before',
	howSoonTheAnswers: 'How soon the answers come',
	notAnsweredYet: 'Not answered yet',
	shareThatHasNot:
		'Share that has not answered yet. People without an answer are counted until the closing day. Days are put together until each step is of five people or more.',
	discomfortWorkforceEasyCorner: 'Discomfort · Workforce · Easy Corner',
	whereDoesItHurt: 'Where does it hurt?',
	sayThatSomethingHurts: (hurts: string | number, n: string | number) =>
		`say that something hurts (${hurts}; ${n} as they last reported).`,
	howManyOfThem: (people: string | number) => `${people}. How many of them hurt can’t be shown.`,
	tooFewForFigure: 'Too few people for any figure.',
	ofThoseWhoReported: (first: string | number, now: string | number) =>
		`Of those who reported more than once, ${first} hurt at first and ${now} do now.`,
	shareOfPeopleByPlace: 'Share of people, by place',
	anythingHurts: 'Anything hurts',
	whichSideAndWhat: 'Which side, and what it is like',
	onTheLeft: 'on the left',
	onTheRight: 'on the right',
	onBothSides: 'on both sides',
	whatIsOffWorkforce: 'What is off · Workforce · Easy Corner',
	whatIsOffQuestion: 'What is off?',
	atWord: 'At',
	ofTheCornersSomething: (found: string | number, n: string | number) =>
		`of the corners something is off as they stand (${found}; ${n}).`,
	howManyOfTheir: (people: string | number) => `${people}. How many of their corners are off can’t be shown.`,
	mostOften: (words: string | number) => `Most often: ${words}.`,
	shareOfPeopleByFinding: 'Share of people, by what was found',
	whatTheAnswersOr:
		'What the answers or the measurements found and nothing has put right yet. Problems of fewer than five people are left out.',
	anythingOff: 'Anything off',
	whatGoesWithWhatTitle: 'What goes with what · Workforce · Easy Corner',
	whatGoesWithWhatQuestion: 'What goes with what?',
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
		`${sure === 1 ? 'One pair goes' : `${sure} pairs go`} together more, or less, than chance would let them. The surest: of people with “${finding}” ${shareWith} report discomfort (${region}), of the others ${shareWithout}.`,
	noFindingGoesWith: 'No finding goes with a complaint more than chance would let it.',
	tooFewPeopleHave: 'Too few people have a finding and a complaint for any figure.',
	goingTogetherIsNot: (looked: string | number) =>
		`Going together is not causing: what hurts also decides what is asked and seen, and both may come of something else. ${looked} pairs with enough people were looked at; their probabilities are adjusted for that.`,
	howManyTimesAs: 'How many times as often it hurts with the finding as without',
	leftOfTheLine: (n: string | number) => `${n}. Left of the line less often, right of it more often.`,
	timesAsOften: 'times as often',
	findingAndComplaint: 'Finding and complaint',
	withIt: 'With it',
	without: 'Without',
	timesAsOftenHead: 'Times as often',
	chanceAdjusted: 'Chance, adjusted',
	doesItHelpWorkforce: 'Does it help · Workforce · Easy Corner',
	doesItHelpQuestion: 'Does it help?',
	whetherItHelpedIs:
		'Results are shown for a whole team or for everybody. This list shows the people who carried out their plan.',
	nobodyWasAssignedTo:
		'Nobody was assigned to anything by chance: who carries a plan out may differ from who does not, discomfort comes and goes, and whoever hurt most at first has most room to get better. A difference between the rows is a hint, no proof.',
	planCarriedOutOf: 'Plan carried out, of those with a plan who reported again',
	shareThatCarriedThe: 'share that carried the plan out',
	breaks: 'Breaks',
	ofTheBreaksThat: (takenPercent: string | number) =>
		`Of the breaks that were planned in the last four whole weeks, about ${takenPercent} % were taken.`,
	ofAtLeastPeople: (atLeast: string | number) =>
		`Of at least ${atLeast} people who share it, all together: those who do may well be those who move. In steps of five, so that no single person shows.`,
	reportWorkforceEasyCorner: 'Report · Workforce · Easy Corner',
	theReportForManagement: 'The report for management',
	whatWasDoneWhat:
		'What was done, what changed and how sure that is, what is still open, what it would cost and what is to be decided. A report is worked out once and stays as it was made.',
	theFirstMonthHas: 'The first month has to end before there is anything to report.',
	until: 'Until',
	time: 'Time',
	makeTheReport: 'Make the report',
	to: (fromDay: string | number, toDay: string | number) => `${fromDay} to ${toDay}`,
	made: (madeAt: string | number) => `made ${madeAt}`,
	dataCsv: 'Data (CSV)',
	untilDay: (toDay: string | number) => `until ${toDay}`,
	takeTheReportUntil: (toDay: string | number) => `Take the report until ${toDay} away`,
	takeAway: 'Take away',
	noReportHasBeen: 'No report has been made yet.',
	oneMonthAYear: (n: number) => (n === 1 ? 'One month' : n === 12 ? 'A year' : `${n} months`),
	reportUntilEasyCorner: (to: string | number) => `Report until ${to} · Easy Corner`,
	allReports: 'All reports',
	print: 'Print',
	howLongWorkforceEasy: 'How long · Workforce · Easy Corner',
	howLongDoesIt: 'How long does it take?',
	ofEverybodyTogetherA:
		'Of everybody together: a curve of a small group would be one of single people. Weeks are put together until each step is of five people or more. Who has not got there yet is counted until the closing day.',
	fromAnswersToAct: 'From the answers to the coordinator’s having dealt with them',
	notDealtWithYet: 'Not dealt with yet',
	answersOfTheTwo: 'Answers of the two years before the closing day.',
	theHouseholdClosesIt: 'The household closes it',
	somethingStaysOpen: 'Something stays open',
	theTwoCurvesDiffer: (p: string) =>
		`The two curves differ as far as this by chance with a probability of ${p} (log-rank).`,
	tooFewForCurve: 'Too few people for any curve.',
	whatToBuyWorkforce: 'What to buy · Workforce · Easy Corner',
	whatWouldHaveTo: 'What would have to be bought?',
	forWord: 'For',
	ofPeopleSomethingStays: (open: string | number, n: string | number) =>
		`of people something stays open that nothing at home closes (${open}; ${n}).`,
	ofThemWouldBe: (closable: string | number) =>
		`${closable} of them would be helped by something that is sold.`,
	forHowManyOf: (people: string | number) =>
		`${people}. For how many of them something stays open can’t be shown.`,
	peopleWhomItWould: 'People it would help, by the purchase that fixes most',
	workedOutAnewFor:
		'Worked out again for each of them with what they have at home. People who need two things together count with both.'
};
