import type { Corner } from '$lib/core/workstation/corner/corner';
import type { SeatKind } from '$lib/core/workstation/corner/vocabulary';
import type { DiscomfortChange } from '$lib/core/cases/discomfort/discomfort-change';

type ScreenKind = Corner['spot']['screen']['kind'];

/** A case: the person, their answers, and what was said and done. */
export const caseTexts = {
	checklistSummary: (version: string | number, found: number) =>
		`Checklist version ${version}${found > 0 ? `. ${found === 1 ? 'One answer shows a problem' : `${found} answers show problems`}` : ''}.`,
	selfAssessments: (count: number, when: string) => `${count} self-assessments: ${when}.`,
	questionsNotAsked: (notAsked: string | number) => `Questions not asked: ${notAsked}`,
	assignedTo: 'Assigned to',
	unassigned: 'Unassigned',
	saveAssignment: 'Save',
	takeCase: (words: string | number) => `${words}: take this case`,
	postponed: (reason: string | number) => `Postponed: ${reason}`,
	backToList: 'Back to the list',
	postponeReason: 'Why it can be postponed',
	workstation: 'Workstation',
	answeredOn: (answeredAt: string | number) => `Answered ${answeredAt}.`,
	asOf: (knownAt: string | number) => `As of ${knownAt}`,
	doneReason: 'Why nothing more is needed',
	markedDone: (day: string | null, reason: string) =>
		`Marked as done${day ? ` on ${day}` : ''}${reason ? `: ${reason}` : ''}.`,
	reopenCase: 'Reopen case',
	sendAnother: 'Send another self-assessment',
	sentWhere: (hasPost: boolean) =>
		hasPost
			? 'The email is in the test inbox.'
			: 'The link is ready. No mail server is set up, so please pass it on yourself.',
	linkShownOnce: (name: string | number) => `This link opens ${name}’s answers. It’s shown only once:`,
	openTestInbox: 'Open the test inbox',
	emailsReturned: 'emails are returned',
	assignedToName: (owner: string | number) => `assigned to ${owner}`,
	unknownTimeZone: (timeZone: string | number, zone: string | number) =>
		`we don’t know the time zone “${timeZone}”, so we use ${zone}`,
	levelAndDay: (level: string, actBy: string | null) => `${level}${actBy ? `, by ${actBy}` : ''}`,
	signSince: (on: string | number, hasSign: boolean) =>
		`since ${on}${hasSign ? '; they say they tapped it by mistake' : ''}`,
	openFullCase: 'Open full case',
	markRead: 'Mark as read',
	recordContact: (closable: number) => `${closable > 0 ? 'Record outcome' : 'Record a contact'} …`,
	noteBy: (hasAuthorName: string | number | null | undefined, text: string | number) =>
		`Note${hasAuthorName ? ` by ${hasAuthorName}` : ''}: ${text}`,
	noAnswersToShow: 'No answers to show yet.',
	atFirst: 'At first',
	now: 'Now',
	afterPlan: 'After the plan',
	assignment: 'Assignment',
	noEquipmentRequested: 'No equipment was requested.',
	personalDetails: 'Personal details',
	referralQuestion: (replace: string | number) =>
		`${replace}. Which changes at work do you advise, and what should stay the same?`,
	partsOfCase: 'Parts of the case',
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
	currentPlan: 'Current plan',
	planGiven: (madeAt: string | number) => `Given ${madeAt}`,
	planProgress: (done: number, all: number, carriedOut: string | null) =>
		`. ${done} of ${all} steps are done${carriedOut ? `, finished on ${carriedOut}` : ''}`,
	noPlanNeeded: (hasHeightsFit: boolean) =>
		hasHeightsFit
			? 'No changes needed: the heights fit.'
			: 'No changes possible with the items they have at home.',
	options: 'Options: what each number of changes would fix',
	theirChoice: 'Their current choice',
	earlierPlans: 'Earlier plans',
	stepsOrNone: (steps: string | null | undefined) => steps || 'nothing to do',
	noAnswers: (state: string | null | undefined) => state ?? 'No answers',
	sendLead: (name: string | number) =>
		`Send a self-assessment. ${name} gets a personal link and measures at home. The side view, results and plan then appear here.`,
	emailWentOut: (sentAt: string | number) => `The email went out on ${sentAt}.`,
	lastSaved: (savedAt: string | number) => `Last saved ${savedAt}.`,
	linkEnded:
		'The last link no longer works, or the answers were withdrawn. Send another self-assessment if you still need one.',
	nothingSent: 'Nothing sent yet',
	startedNotFinished: 'Started, not finished',
	notAnswered: 'Not answered yet',
	resultsThen: 'Results at that time',
	measureNext: (measureNext: string | number) => `Most useful to measure next: ${measureNext}.`,
	workstationAfterPlan: (n: string | number, posture: string | number) =>
		`Workstation ${n}, ${posture}, after its plan`,
	phoneLead: 'Phone:',
	how: 'How',
	result: 'Result',
	spokeWith: 'Person you spoke with',
	contactNotes: 'Notes',
	alsoHere: (names: string, n: number) => `${names} ${n === 1 ? 'has' : 'have'} this case open too.`,
	lookTitle: 'Heights as you saw them',
	lookHint:
		'Use your own judgement. The level of the case stays the same. Results compare it with the answers.',
	hazardsFixed: 'They say this is fixed',
	hazardsFixedHint: 'Tick only what the person said. The next check-in asks about it again.',
	contactResolves: 'This contact resolves',
	note: 'Note',
	nextStep: 'Next step',
	choose: 'Choose …',
	referFirst: 'If a clinician is the next step, refer the case first. You can then choose it here.',
	noNextStepReason: 'Why no next step',
	nextContactOn: (isLook: boolean) => (isLook ? 'Follow up on' : 'Try again on'),
	saveContact: (isClosing: boolean) => (isClosing ? 'Save outcome' : 'Save contact'),
	openCalendar: 'Open the calendar',
	earlierMonth: 'Previous month',
	laterMonth: 'Next month',
	ofTen: (last: string | number) => `${last} of 10`,
	scoresOverTime: (name: string | number, points: string | number) =>
		`${name}, worst score from 0 to 10: ${points}`,
	changeSince: ({
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
	hindersMuch: 'hinders work a lot',
	hinders: (isMuch: boolean) => `, hinders work ${isMuch ? 'a lot' : 'a little'}`,
	scoreLegend:
		'Worst score in the last seven days, 0 to 10. From 4 (dotted line), act this week. A change counts from 2 points or 30%.',
	noticeablyBetter: 'noticeably better',
	noticeablyWorse: 'noticeably worse',
	aboutTheSame: 'about the same',
	finishFollowUp: (reason: string | null | undefined) => `${reason || 'Follow-up'}: mark as done …`,
	followUpNotes: 'Notes on the follow-up',
	nextFollowUpOn: 'Next follow-up on (optional)',
	reason: 'Reason',
	done: 'Done',
	actOn: (words: string | number) => `${words} on`,
	reasonExample: 'Has the footrest arrived?',
	setOrChange: (hasFollowUp: boolean) => (hasFollowUp ? 'Change' : 'Set'),
	followUpSet: (isSet: boolean, isFreeDay: boolean) =>
		isSet
			? `Saved. It appears in Today on that day${isFreeDay ? ', which is a day off where they live' : ''}.`
			: '',
	automaticEmailOn: (isCheckIn: boolean) =>
		`${isCheckIn ? 'Check-in goes out on' : 'Next self-assessment goes out on'}, automatically`,
	move: 'Move',
	followUpDone: (reason: string | null | undefined, hasOutcome: string | number | null | undefined) =>
		`${reason || 'Follow-up'}${hasOutcome ? `: ${hasOutcome}` : ', done'}`,
	noteLabel: (givenName: string | number) => `Note for colleagues (${givenName} doesn’t see it)`,
	notesLeftOut: 'Notes aren’t included when they ask for their data',
	saveNote: 'Save note',
	countryHint: 'Due dates skip this country’s weekends and public holidays.',
	saved: (isKept: boolean) => (isKept ? 'Saved.' : ''),
	name: 'Name',
	emailAddress: 'Email address',
	staffNumber: 'Staff number',
	team: 'Team',
	phone: 'Phone',
	countryCode: 'Country code (two letters)',
	regionCode: 'Region code',
	timeZone: 'Time zone',
	timeZoneExample: 'Europe/Lisbon',
	language: 'Language',
	referredTo: 'Referred to',
	clinicianName: (clinicianName: string | null | undefined) => clinicianName || 'a clinician',
	referralSince: (at: string, answerBy: string | null, question: string) =>
		`since ${at}${answerBy ? `, answer needed by ${answerBy}` : ''}: ${question}`,
	referralLetter: 'Referral letter',
	clinician: 'Clinician',
	byPrintedLetter: 'By printed letter',
	to: 'To',
	theirDoctor: 'Their doctor or clinic',
	yourQuestion: 'Your question',
	consentQuestion: 'How did they give consent?',
	consentWay: (isSpoken: boolean) => (isSpoken ? 'Verbally' : 'In writing'),
	answerNeededBy: 'Answer needed by',
	previewLetter: 'Preview the referral letter',
	askConsentFirst: (personName: string | number, spoken: string | number) =>
		`Ask ${personName} first. The letter then says that they ${spoken}, or in writing.`,
	askedClinician: ({
		at,
		clinicianName,
		question
	}: {
		at: string | number;
		clinicianName: string | null | undefined;
		question: string | number;
	}) => `${at}, ${clinicianName || 'a clinician'}: ${question}`,
	noAnswerYet: (isClosed: boolean) => (isClosed ? 'no answer' : 'no answer yet'),
	haveAnswered: 'answered',
	emailNotSent: 'email not sent yet',
	skipped: 'skipped',
	notReachable: 'could not be reached',
	roundName: 'Name of the assessment round',
	roundNameExample: 'Spring',
	people: 'People',
	everyoneReachable: (size: number) =>
		size === 0 ? 'All current employees whose email address works. Choose teams to narrow the list.' : '',
	country: 'Country',
	allCountries: 'All countries',
	withoutAnswerSince: 'Only people without an answer in the last … days',
	everyone: 'Everyone',
	firstDay: 'First day',
	lastDay: 'Last day',
	reminderPlan: (days: string) =>
		`People who don’t answer get a reminder after ${days} working days of their own country, then appear on your call list.`,
	roundSaved: (isKept: boolean) => (isKept ? 'Saved. Nothing is sent yet.' : ''),
	subject: 'Subject',
	emailText: 'Email text',
	fieldsHint: (roundFields: string | number) => `We fill in ${roundFields} for each person.`,
	preview: 'As it arrives',
	exampleName: 'Odo Fennick',
	styleForResults: 'Sitting style for the results',
	questionnaireLength: 'Length of the questionnaire',
	breakSchedule: 'Break schedule',
	asInRound: 'Same as their round',
	newStyleHint:
		'A new sitting style also applies to answers they’ve already given. We make a new plan, and steps that still apply stay ticked. They can read which style it is and why.',
	saveSettings: 'Save settings',
	settingsSaved: (isKept: boolean) => (isKept ? 'Saved.' : ''),
	writeTo: (personName: string | number) => `to ${personName} …`,
	recordContactMenu: 'Record a contact …',
	noteMenu: 'for colleagues …',
	discomfortReports: (worstScores: readonly number[], change: DiscomfortChange | null) => {
		if (worstScores.length === 0) return 'no discomfort reported';
		const words = change === 'same' ? ', about the same' : change ? `, noticeably ${change}` : '';
		return `worst ${worstScores.join(', then ')} of 10${words}`;
	},
	message: 'Message',
	messageHint: 'They get an email that there is a message. The email doesn’t repeat it.',
	sendMessage: 'Send message',
	breaks: 'Breaks',
	breaksSetBy: (hasOwnRhythm: boolean) => `, ${hasOwnRhythm ? 'chosen by them' : 'set by a coordinator'}`,
	noBreakSchedule: 'No break schedule was sent to them yet.',
	breaksNotShared: 'They don’t share whether they take breaks.',
	breaksSharedNoWeek: 'They share their breaks. No week has arrived yet.',
	weekOf: 'Week of',
	taken: 'Taken',
	planned: 'Planned',
	pageTitle: (name: string | number) => `${name} · Easy Corner`,
	discomfort: 'Discomfort',
	letterTitle: 'Referral letter · Easy Corner',
	backToCase: 'Back to the case',
	print: 'Print',
	/** The answers, by section. */
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
		fromPhoto: (length: string, spread: string) => `${length} ± ${spread}, from a side photo`,
		photo: (day: string) => `Side photo, ${day}`,
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
		nothingListed: 'none listed',
		postures: { sitting: 'Sitting', standing: 'Standing' } satisfies Record<
			Corner['spot']['posture'],
			string
		>,
		seats: {
			chair: 'Chair',
			stool: 'Stool or bench',
			ball: 'Ball',
			wheelchair: 'Wheelchair',
			sofa: 'Sofa or armchair',
			bed: 'Bed',
			saddle: 'Saddle seat',
			kneeling: 'Kneeling chair',
			floor: 'Floor'
		} satisfies Record<SeatKind, string>,
		screens: { laptop: 'Laptop', monitor: 'Separate screen' } satisfies Record<ScreenKind, string>
	}
};
