import type { DiscomfortChange } from '$lib/core/discomfort';

/** A case: the person, their answers, and what was said and done. */
export const caseTexts = {
	checklistVersionAnswersFind: (version: string | number, found: number) =>
		`Checklist version ${version}${found > 0 ? `. ${found === 1 ? 'One answer shows a problem' : `${found} answers show problems`}` : ''}.`,
	selfAssessments: (count: number, when: string) => `${count} self-assessments: ${when}.`,
	notAsked: (notAsked: string | number) => `Questions not asked: ${notAsked}`,
	lookedAfterBy: 'Assigned to',
	nobodyInParticular: 'Unassigned',
	keep: 'Save',
	iLookAfterThem: (words: string | number) => `${words}: take this case`,
	putOff: (reason: string | number) => `Postponed: ${reason}`,
	takeUpNow: 'Back to the list',
	whyItCanWait: 'Why it can be postponed',
	theCorner: 'Workstation',
	answered: (answeredAt: string | number) => `Answered ${answeredAt}.`,
	asOf: (knownAt: string | number) => `As of ${knownAt}`,
	whyItIsSettled: 'Why nothing more is needed',
	settled: (day: string | null, reason: string) =>
		`Marked as done${day ? ` on ${day}` : ''}${reason ? `: ${reason}` : ''}.`,
	openAgain: 'Reopen case',
	sendAnotherSelfAssessment: 'Send another self-assessment',
	whereTheLetterIs: (hasPost: boolean) =>
		hasPost
			? 'The email is in the test inbox.'
			: 'The link is ready. No mail server is set up, so please pass it on yourself.',
	thisLinkIsShown: (name: string | number) => `This link opens ${name}’s answers. It’s shown only once:`,
	goToThePost: 'Open the test inbox',
	lettersComeBack: 'emails are returned',
	lookedAfterByWhom: (owner: string | number) => `assigned to ${owner}`,
	timeZoneIsNot: (timeZone: string | number, zone: string | number) =>
		`we don’t know the time zone “${timeZone}”, so we use ${zone}`,
	by: (level: string, actBy: string | null) => `${level}${actBy ? `, by ${actBy}` : ''}`,
	sinceThePersonSays: (on: string | number, hasSign: boolean) =>
		`since ${on}${hasSign ? '; they say they tapped it by mistake' : ''}`,
	wholeCase: 'Open full case',
	readNeedsNoAnswer: 'Mark as read',
	recordMore: (closable: number) => `${closable > 0 ? 'Record outcome' : 'Record a contact'} …`,
	noteOf: (hasAuthorName: string | number | null | undefined, text: string | number) =>
		`Note${hasAuthorName ? ` by ${hasAuthorName}` : ''}: ${text}`,
	noAnswersToShow: 'No answers to show yet.',
	atFirst: 'At first',
	now: 'Now',
	afterThePlan: 'After the plan',
	whoLooksAfterThem: 'Assignment',
	nothingWasAskedFor: 'No equipment was requested.',
	whoTheyAre: 'Personal details',
	whatShouldBeChanged: (replace: string | number) =>
		`${replace}. What should change at work, and what should stay the same?`,
	partsOfTheCase: 'Parts of the case',
	parts: {
		timeline: 'Timeline',
		checks: 'Checks',
		plan: 'Plan',
		answers: 'Answers',
		'follow-up': 'Follow-up',
		things: 'Equipment',
		clinician: 'Clinician',
		person: 'Person'
	},
	newPart: 'new',
	stepsDone: (done: number, of: number) => `${done} of ${of}`,
	thePlanTheyHave: 'Current plan',
	given: (madeAt: string | number) => `Given ${madeAt}`,
	ofStepsStandCarried: (done: number, all: number, carriedOut: string | null) =>
		`. ${done} of ${all} steps are done${carriedOut ? `, finished on ${carriedOut}` : ''}`,
	whyNothingToBuild: (hasHeightsFit: boolean) =>
		hasHeightsFit
			? 'No changes needed: the heights fit.'
			: 'No changes possible with the items they have at home.',
	moreOrLessOf: 'Options: what each number of changes would fix',
	theyWorkOnThis: 'Their current choice',
	earlierPlansWhatThey: 'Earlier plans',
	stepsGiven: (steps: string | null | undefined) => steps || 'nothing to do',
	noAnswers: (state: string | null | undefined) => state ?? 'No answers',
	sendASelfAssessment: (name: string | number) =>
		`Send a self-assessment. ${name} gets a personal link and measures at home. The side view, results and plan then appear here.`,
	theLetterWentOut: (sentAt: string | number) => `The email went out on ${sentAt}.`,
	lastSaved: (savedAt: string | number) => `Last saved ${savedAt}.`,
	theLastLinkHas:
		'The last link no longer works, or the answers were withdrawn. Send another self-assessment if you still need one.',
	nothingSentYet: 'Nothing sent yet',
	begunNotFinished: 'Started, not finished',
	notAnsweredYet: 'Not answered yet',
	asTheyStoodThen: 'Results at that time',
	worthAskingForNext: (measureNext: string | number) => `Most useful to measure next: ${measureNext}.`,
	spotAfterItsPlan: (n: string | number, posture: string | number) =>
		`Workstation ${n}, ${posture}, after its plan`,
	phoneLead: 'Phone:',
	how: 'How',
	result: 'Result',
	whomYouSpokeWith: 'Person you spoke with',
	whatWasSaid: 'Notes',
	thisIsTheOutcome: 'This contact resolves',
	note: 'Note',
	whatComesNext: 'Next step',
	choose: 'Choose …',
	ifAClinicianComes: 'If a clinician is the next step, refer the case first. You can then choose it here.',
	whyNothing: 'Why no next step',
	lookAgainOnTry: (isLook: boolean) => (isLook ? 'Follow up on' : 'Try again on'),
	recordIt: (isClosing: boolean) => (isClosing ? 'Save outcome' : 'Save contact'),
	openTheCalendar: 'Open the calendar',
	ofWord: (last: string | number) => `${last} of 10`,
	worstOfTo: (name: string | number, points: string | number) =>
		`${name}, worst score from 0 to 10: ${points}`,
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
	postponedUntil: (day: string, reason: string) => `postponed until ${day}: ${reason}`,
	hindersALot: 'hinders work a lot',
	hindersMuchALittle: (isMuch: boolean) => `, hinders work ${isMuch ? 'a lot' : 'a little'}`,
	worstInSevenDays:
		'Worst score in the last seven days, 0 to 10. From 4 (dotted line), act this week. A change counts from 2 points or 30%.',
	noticeablyBetter: 'noticeably better',
	noticeablyWorse: 'noticeably worse',
	aboutTheSame: 'about the same',
	theFollowUpIs: (reason: string | null | undefined) => `${reason || 'Follow-up'}: mark as done …`,
	whatCameOfIt: 'Notes on the follow-up',
	nextOneOnIf: 'Next follow-up on (optional)',
	whatFor: 'Reason',
	done: 'Done',
	lookAgainOn: (words: string | number) => `${words} on`,
	hasTheFootrestArrived: 'Has the footrest arrived?',
	changeSet: (hasFollowUp: boolean) => (hasFollowUp ? 'Change' : 'Set'),
	followUpWasSet: (isSet: boolean, isFreeDay: boolean) =>
		isSet
			? `Saved. It appears in Today on that day${isFreeDay ? ', which is a day off where they live' : ''}.`
			: '',
	askedHowItHolds: (isCheckIn: boolean) =>
		`${isCheckIn ? 'Check-in goes out on' : 'Next self-assessment goes out on'}, automatically`,
	move: 'Move',
	followUpDone: (reason: string | null | undefined, hasOutcome: string | number | null | undefined) =>
		`${reason || 'Follow-up'}${hasOutcome ? `: ${hasOutcome}` : ', done'}`,
	aNoteForEach: (givenName: string | number) => `Note for colleagues (${givenName} doesn’t see it)`,
	keptBack: 'Notes aren’t included when they ask for their data',
	keepTheNote: 'Save note',
	theCountrysWeekendAnd: 'Due dates skip this country’s weekends and public holidays.',
	kept: (isKept: boolean) => (isKept ? 'Saved.' : ''),
	name: 'Name',
	eMailAddress: 'Email address',
	staffNumber: 'Staff number',
	team: 'Team',
	phoneField: 'Phone',
	countryTwoLetters: 'Country code (two letters)',
	regionItsShortCode: 'Region code',
	timeZone: 'Time zone',
	europeLisbon: 'Europe/Lisbon',
	language: 'Language',
	withWord: 'Referred to',
	aClinician: (clinicianName: string | null | undefined) => clinicianName || 'a clinician',
	sinceAnswerWantedBy: (at: string, answerBy: string | null, question: string) =>
		`since ${at}${answerBy ? `, answer needed by ${answerBy}` : ''}: ${question}`,
	theLetter: 'Referral letter',
	clinician: 'Clinician',
	byPrintedLetter: 'By printed letter',
	to: 'To',
	theirDoctorOrWho: 'Their doctor or clinic',
	whatYouAsk: 'Your question',
	beforeAnythingIsPassed: 'How did they give consent?',
	howTheyAgreed: (isSpoken: boolean) => (isSpoken ? 'Verbally' : 'In writing'),
	answerWantedBy: 'Answer needed by',
	lookAtTheLetter: 'Preview the referral letter',
	askFirstItSays: (personName: string | number, spoken: string | number) =>
		`Ask ${personName} first. The letter then says that they ${spoken}, or in writing.`,
	askedOfClinician: ({
		at,
		clinicianName,
		question
	}: {
		at: string | number;
		clinicianName: string | null | undefined;
		question: string | number;
	}) => `${at}, ${clinicianName || 'a clinician'}: ${question}`,
	silenceOf: (isClosed: boolean) => (isClosed ? 'no answer' : 'no answer yet'),
	haveAnswered: 'answered',
	letterNotWrittenYet: 'email not sent yet',
	skipped: 'skipped',
	couldNotBeReached: 'could not be reached',
	nameOfTheRound: 'Name of the assessment round',
	spring: 'Spring',
	who: 'People',
	everyoneWhoIsHere: (size: number) =>
		size === 0 ? 'All current employees whose email address works. Choose teams to narrow the list.' : '',
	country: 'Country',
	everyCountry: 'All countries',
	onlyWhoHasNot: 'Only people without an answer in the last … days',
	everyone: 'Everyone',
	firstDay: 'First day',
	lastDay: 'Last day',
	whoStaysSilentIs: (days: string) =>
		`People who don’t answer get a reminder after ${days} working days of their own country, then appear on your call list.`,
	keptNothingIsSent: (isKept: boolean) => (isKept ? 'Saved. Nothing is sent yet.' : ''),
	subject: 'Subject',
	letter: 'Email text',
	areFilledInFor: (roundFields: string | number) => `We fill in ${roundFields} for each person.`,
	asItArrives: 'As it arrives',
	odoFennick: 'Odo Fennick',
	wayOfSittingThat: 'Sitting style for the results',
	howMuchIsAsked: 'Length of the questionnaire',
	howOftenToBreak: 'Break schedule',
	asTheirRoundSays: 'Same as their round',
	anotherWayOfSitting:
		'A new sitting style also applies to answers they’ve already given. We make a new plan, and steps that still apply stay ticked. They can read which style it is and why.',
	set: 'Save settings',
	wasSet: (isKept: boolean) => (isKept ? 'Saved.' : ''),
	toThem: (personName: string | number) => `to ${personName} …`,
	recordACallOr: 'Record a contact …',
	forEachOther: 'for colleagues …',
	reportOfDiscomfort: (worsts: readonly number[], change: DiscomfortChange | null) => {
		if (worsts.length === 0) return 'no discomfort reported';
		const words = change === 'same' ? ', about the same' : change ? `, noticeably ${change}` : '';
		return `worst ${worsts.join(', then ')} of 10${words}`;
	},
	message: 'Message',
	aLetterSaysThat: 'They get an email that there is a message. The email doesn’t repeat it.',
	send: 'Send message',
	howTheyBreak: 'Breaks',
	asTheyChoseThemselves: (hasOwnRhythm: boolean) =>
		`, ${hasOwnRhythm ? 'chosen by them' : 'set by a coordinator'}`,
	nothingWasSentTo: 'No break schedule was sent to them yet.',
	whetherTheyDoStays: 'They don’t share whether they take breaks.',
	theyShareItNo: 'They share their breaks. No week has arrived yet.',
	weekOf: 'Week of',
	taken: 'Taken',
	planned: 'Planned',
	easyCorner: (name: string | number) => `${name} · Easy Corner`,
	discomfort: 'Discomfort',
	letterToAClinician: 'Referral letter · Easy Corner',
	backToTheCase: 'Back to the case',
	print: 'Print',
	/** What was answered, by part. */
	answersOf: {
		person: 'Person',
		stature: 'Height',
		shoes: 'Shoes',
		hand: 'Writing hand',
		pointer: 'Mouse hand',
		lenses: 'Glasses',
		back: 'Back feels better with',
		wrists: 'Wrists',
		toAllowFor: 'Health and access needs',
		unusedAtHome: 'Unused items at home',
		oneArm: (isRight: boolean) => `${isRight ? 'Right' : 'Left'} arm only`,
		measured: 'Measured on the body',
		nothing: 'Nothing',
		allEstimated: 'Everything estimated from height',
		spot: 'Workstation',
		posture: 'Position',
		measuredWith: 'Furniture measured with',
		surface: 'Surface',
		surfaceIs: (kind: string, height: string, depth: string) => `${kind}, ${height} high, ${depth} deep`,
		moves: (lowest: string, highest: string) => `, moves ${lowest} to ${highest}`,
		seat: 'Seat',
		seatIs: (kind: string, height: string, give: string) => `${kind}, ${height}, sinks ${give}`,
		backOfSeat: 'Back',
		backIs: (hasBackrest: boolean, hasCurve: boolean) =>
			`${hasBackrest ? 'backrest' : 'no backrest'}${hasCurve ? ' with lumbar curve' : ''}`,
		screen: 'Screen',
		topOf: (kind: string, top: string) => `${kind}, top ${top} above its base`,
		away: (distance: string) => `, ${distance} away`,
		footBar: 'Foot bar',
		tray: 'Keyboard tray',
		trayIs: (height: string, thickness: string) => `${height} high, ${thickness} thick`,
		keys: 'Keyboard',
		keysAre: (isSeparate: boolean) => (isSeparate ? 'separate keyboard' : 'laptop’s own keyboard'),
		pointing: 'Pointing',
		inTheHouse: 'Household items',
		nothingListed: 'none listed'
	}
};
