import type { DiscomfortChange } from '$lib/core/discomfort';

/** A case: who they are, what they answered, what is said and done. */
export const caseTexts = {
	checklistVersionAnswersFind: (version: string | number, found: number) =>
		`Checklist version ${version}${found > 0 ? `; ${found} answers find something` : ''}.`,
	selfAssessments: (count: number, when: string) => `${count} self-assessments: ${when}.`,
	notAsked: (notAsked: string | number) => `Not asked: ${notAsked}`,
	lookedAfterBy: 'Looked after by',
	nobodyInParticular: 'Nobody in particular',
	keep: 'Keep',
	iLookAfterThem: (words: string | number) => `${words}: I look after them`,
	putOff: (reason: string | number) => `Put off: ${reason}`,
	takeUpNow: 'Take up now',
	whyItCanWait: 'Why it can wait',
	theCorner: 'The corner',
	answered: (answeredAt: string | number) => `Answered ${answeredAt}.`,
	asOf: (knownAt: string | number) => `As of ${knownAt}`,
	whyItIsSettled: 'Why it is settled',
	settled: (day: string | null, reason: string) =>
		`Settled${day ? ` ${day}` : ''}${reason ? `: ${reason}` : ''}.`,
	openAgain: 'Open again',
	sendAnotherSelfAssessment: 'Send another self-assessment',
	whereTheLetterIs: (hasPost: boolean) =>
		hasPost
			? 'The letter lies in the post office.'
			: 'The link is made. No mail server is set up, so pass it on yourself.',
	thisLinkIsShown: (name: string | number) => `This link is shown once, and opens ${name}’s answers:`,
	goToThePost: 'Go to the post office',
	lettersComeBack: 'letters come back',
	lookedAfterByWhom: (owner: string | number) => `looked after by ${owner}`,
	timeZoneIsNot: (timeZone: string | number, zone: string | number) =>
		`time zone “${timeZone}” is not known: ${zone} is used`,
	by: (level: string, actBy: string | null) => `${level}${actBy ? `, by ${actBy}` : ''}`,
	sinceThePersonSays: (on: string | number, hasSign: boolean) =>
		`since ${on}${hasSign ? '; the person says it was a slip' : ''}`,
	recordThe: 'Record the',
	wholeCase: 'Whole case',
	readNeedsNoAnswer: 'Read, needs no answer',
	recordMore: (closable: number) => `${closable > 0 ? 'Record the outcome' : 'Record a call or a talk'} …`,
	noteOf: (hasAuthorName: string | number | null | undefined, text: string | number) =>
		`Note${hasAuthorName ? ` of ${hasAuthorName}` : ''}: ${text}`,
	noAnswersToShow: 'No answers to show yet.',
	atFirst: 'At first',
	now: 'Now',
	afterThePlan: 'After the plan',
	whoLooksAfterThem: 'Who looks after them',
	nothingWasAskedFor: 'Nothing was asked for.',
	whoTheyAre: 'Who they are',
	whatShouldBeChanged: (replace: string | number) =>
		`${replace}. What should be changed at work, and what left alone?`,
	partsOfTheCase: 'Parts of the case',
	thePlanTheyHave: 'The plan they have',
	given: (madeAt: string | number) => `Given ${madeAt}`,
	ofStepsStandCarried: (done: number, all: number, carriedOut: string | null) =>
		`; ${done} of ${all} steps stand${carriedOut ? `, carried out on ${carriedOut}` : ''}`,
	whyNothingToBuild: (hasHeightsFit: boolean) =>
		hasHeightsFit
			? 'Nothing to build: the heights fit.'
			: 'Nothing to build: nothing in the house makes it better.',
	moreOrLessOf: 'More or less of it: what each would give',
	theyWorkOnThis: 'They work on this one',
	earlierPlansWhatThey: 'Earlier plans: what they were given when',
	stepsGiven: (steps: string | null | undefined) => steps || 'nothing to do',
	noAnswers: (state: string | null | undefined) => state ?? 'No answers',
	sendASelfAssessment: (name: string | number) =>
		`Send a self-assessment: ${name} gets a personal link, measures at home, and the section, the checks and the plan appear here.`,
	theLetterWentOut: (sentAt: string | number) => `The letter went out on ${sentAt}.`,
	lastSaved: (savedAt: string | number) => `Last saved ${savedAt}.`,
	theLastLinkHas:
		'The last link has ended, or the answers were withdrawn. Send another if it is still wanted.',
	nothingSentYet: 'Nothing sent yet',
	begunNotFinished: 'Begun, not finished',
	notAnsweredYet: 'Not answered yet',
	asTheyStoodThen: 'As they stood then',
	worthAskingForNext: (measureNext: string | number) => `Worth asking for next: ${measureNext}.`,
	spotAfterItsPlan: (n: string | number, posture: string | number) => `Spot ${n}, ${posture}, after its plan`,
	phoneLead: 'Phone:',
	how: 'How',
	result: 'Result',
	whomYouSpokeWith: 'Who you spoke with',
	whatWasSaid: 'What was said',
	thisIsTheOutcome: 'This is the outcome of',
	note: 'Note',
	whatComesNext: 'What comes next',
	choose: 'Choose …',
	ifAClinicianComes: 'If a clinician comes next, refer the case first: then it can be chosen here.',
	whyNothing: 'Why nothing',
	lookAgainOnTry: (isLook: boolean) => (isLook ? 'Look again on' : 'Try again, or look again, on'),
	recordIt: (isClosing: boolean) => (isClosing ? 'Record the outcome' : 'Record'),
	openTheCalendar: 'Open the calendar',
	ofWord: (last: string | number) => `${last} of 10`,
	worstOfTo: (name: string | number, points: string | number) => `${name}, worst of 0 to 10: ${points}`,
	since: ({
		changeMark,
		change,
		dayWords
	}: {
		changeMark: string | number;
		change: string | number;
		dayWords: string | number;
	}) => `${changeMark} ${change} since ${dayWords}`,
	firstReport: 'first report',
	hindersMuchALittle: (isMuch: boolean) => `; hinders ${isMuch ? 'much' : 'a little'}`,
	worstInSevenDays:
		'Worst in seven days, 0 to 10. The dotted line is 4: from there on it is for this week. A change counts from 2 points, or 30 %.',
	noticeablyBetter: 'noticeably better',
	noticeablyWorse: 'noticeably worse',
	aboutTheSame: 'about the same',
	theFollowUpIs: (reason: string | null | undefined) => `${reason || 'The follow-up'} is done …`,
	whatCameOfIt: 'What came of it',
	nextOneOnIf: 'Next one on, if there is one',
	whatFor: 'What for',
	done: 'Done',
	lookAgainOn: (words: string | number) => `${words}: look again on`,
	hasTheFootrestArrived: 'Has the footrest arrived?',
	changeSet: (hasFollowUp: boolean) => (hasFollowUp ? 'Change' : 'Set'),
	followUpWasSet: (isSet: boolean, isFreeDay: boolean) =>
		isSet
			? `Set. It comes up on the day sheet on that day${isFreeDay ? ', a free day where they live' : ''}.`
			: '',
	askedHowItHolds: (isCheckIn: boolean) =>
		`${isCheckIn ? 'Asked how it holds on' : 'Next full look on'}, automatically`,
	move: 'Move',
	followUpDone: (reason: string | null | undefined, hasOutcome: string | number | null | undefined) =>
		`${reason || 'Follow-up'}${hasOutcome ? `: ${hasOutcome}` : ', done'}`,
	yourCoordinator: ({
		isFromPerson,
		personName,
		authorName
	}: {
		isFromPerson: boolean;
		personName: string | number;
		authorName: string | null | undefined;
	}) => (isFromPerson ? personName : (authorName ?? 'Your coordinator')),
	aNoteForEach: (givenName: string | number) => `A note for each other; ${givenName} does not see it`,
	keptBack: 'Stays with us, also where they ask for their data',
	keepTheNote: 'Keep the note',
	theCountrysWeekendAnd: 'The country’s weekend and public holidays move due dates.',
	kept: (isKept: boolean) => (isKept ? 'Kept.' : ''),
	name: 'Name',
	eMailAddress: 'E-mail address',
	staffNumber: 'Staff number',
	team: 'Team',
	phoneField: 'Phone',
	countryTwoLetters: 'Country, two letters',
	regionItsShortCode: 'Region, its short code',
	timeZone: 'Time zone',
	europeLisbon: 'Europe/Lisbon',
	language: 'Language',
	withWord: 'With',
	aClinician: (clinicianName: string | null | undefined) => clinicianName || 'a clinician',
	sinceAnswerWantedBy: (at: string, answerBy: string | null, question: string) =>
		`since ${at}${answerBy ? `, answer wanted by ${answerBy}` : ''}: ${question}`,
	theLetter: 'The letter',
	clinician: 'Clinician',
	byPrintedLetter: 'By printed letter',
	to: 'To',
	theirDoctorOrWho: 'Their doctor, or who they go to',
	whatYouAsk: 'What you ask',
	beforeAnythingIsPassed: 'Before anything is passed on: how did they agree?',
	howTheyAgreed: (isSpoken: boolean) => (isSpoken ? 'They said yes' : 'They wrote yes'),
	answerWantedBy: 'Answer wanted by',
	lookAtTheLetter: 'Look at the letter',
	askFirstItSays: (personName: string | number, spoken: string | number) =>
		`Ask ${personName} first. It says then that they ${spoken}, or in writing.`,
	askedOfClinician: ({
		at,
		clinicianName,
		question
	}: {
		at: string | number;
		clinicianName: string | null | undefined;
		question: string | number;
	}) => `${at}, ${clinicianName || 'a clinician'}: ${question}`,
	silenceOf: (isClosed: boolean) => (isClosed ? 'did not answer' : 'silent so far'),
	letterNotWrittenYet: 'letter not written yet',
	couldNotBeReached: 'could not be reached',
	nameOfTheRound: 'Name of the round',
	spring: 'Spring',
	who: 'Who',
	everyoneWhoIsHere: (size: number) =>
		size === 0 ? 'Everyone who is here and can be reached. Choose teams to narrow it.' : '',
	country: 'Country',
	everyCountry: 'every country',
	onlyWhoHasNot: 'Only who has not answered for so many days',
	everyone: '0: everyone',
	firstDay: 'First day',
	lastDay: 'Last day',
	whoStaysSilentIs: (days: string) =>
		`People who don’t answer get a reminder after ${days} working days of their own country, then appear on your call list.`,
	keptNothingIsSent: (isKept: boolean) => (isKept ? 'Kept. Nothing is sent yet.' : ''),
	subject: 'Subject',
	letter: 'Letter',
	areFilledInFor: (roundFields: string | number) => `${roundFields} are filled in for each person.`,
	asItArrives: 'As it arrives',
	odoFennick: 'Odo Fennick',
	wayOfSittingThat: 'Way of sitting that results are judged by',
	howMuchIsAsked: 'How much is asked',
	howOftenToBreak: 'How often to break',
	asTheirRoundSays: 'As their round says',
	anotherWayOfSitting:
		'Another way of sitting holds for what they have answered too: their plan is worked out again, and steps that stay right stay done. They read which way it is, and why.',
	set: 'Set',
	wasSet: (isKept: boolean) => (isKept ? 'Set.' : ''),
	toThem: (personName: string | number) => `to ${personName} …`,
	recordACallOr: 'Record a call or a talk …',
	forEachOther: 'for each other …',
	reportOfDiscomfort: (worsts: readonly number[], change: DiscomfortChange | null) => {
		if (worsts.length === 0) return 'no report of discomfort';
		const words = change === 'same' ? ', about the same' : change ? `, noticeably ${change}` : '';
		return `worst ${worsts.join(', then ')} of 10${words}`;
	},
	message: 'Message',
	aLetterSaysThat: 'A letter says that there is a message; its words stay here.',
	send: 'Send',
	howTheyBreak: 'How they break',
	asTheyChoseThemselves: (hasOwnRhythm: boolean) =>
		`, ${hasOwnRhythm ? 'as they chose themselves' : 'as it was set'}`,
	nothingWasSentTo: 'Nothing was sent to them yet.',
	whetherTheyDoStays: 'Whether they do stays with them: they don’t share it.',
	theyShareItNo: 'They share it; no week has come in yet.',
	weekOf: 'Week of',
	taken: 'Taken',
	planned: 'Planned',
	easyCorner: (name: string | number) => `${name} · Easy Corner`,
	discomfort: 'Discomfort',
	letterToAClinician: 'Letter to a clinician · Easy Corner',
	backToTheCase: 'Back to the case',
	print: 'Print',
	/** What was answered, by part. */
	answersOf: {
		person: 'Person',
		stature: 'Stature',
		shoes: 'Shoes',
		hand: 'Writing hand',
		pointer: 'Mouse hand',
		lenses: 'Glasses',
		back: 'Back eased by',
		wrists: 'Wrists',
		toAllowFor: 'To allow for',
		unusedAtHome: 'Unused at home',
		oneArm: (isRight: boolean) => `${isRight ? 'Right' : 'Left'} arm only`,
		measured: 'Measured on the body',
		nothing: 'Nothing',
		allEstimated: 'all estimated from stature',
		spot: 'Spot',
		posture: 'Posture',
		measuredWith: 'Furniture measured with',
		surface: 'Surface',
		surfaceIs: (kind: string, height: string, depth: string) => `${kind}, ${height} high, ${depth} deep`,
		moves: (lowest: string, highest: string) => `, moves ${lowest} to ${highest}`,
		seat: 'Seat',
		seatIs: (kind: string, height: string, give: string) => `${kind}, ${height}, gives ${give}`,
		backOfSeat: 'Back',
		backIs: (hasBackrest: boolean, hasCurve: boolean) =>
			`${hasBackrest ? 'backrest' : 'no backrest'}${hasCurve ? ' with lumbar curve' : ''}`,
		screen: 'Screen',
		topOf: (kind: string, top: string) => `${kind}, top ${top} above its base`,
		away: (distance: string) => `, ${distance} away`,
		footBar: 'Bar for the feet',
		tray: 'Keyboard tray',
		trayIs: (height: string, thickness: string) => `${height} high, ${thickness} thick`,
		keys: 'Keys',
		keysAre: (isSeparate: boolean) => (isSeparate ? 'separate keyboard' : 'the laptop’s own'),
		pointing: 'Pointing',
		inTheHouse: 'In the house',
		nothingListed: 'nothing was listed'
	}
};
