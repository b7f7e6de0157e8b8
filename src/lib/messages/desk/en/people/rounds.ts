/** Rounds. */
export const roundTexts = {
	deleteDraft: 'Delete the draft',
	sendTo: (matches: number) => `Send to ${matches === 1 ? 'one person' : `${matches} people`}`,
	sendMenu: (matches: number) => `Send to ${matches === 1 ? 'one person' : `${matches} people`} …`,
	sendHint: (startsOn: string, reminders: string) =>
		`The invitations go out from ${startsOn} on. People who don’t answer get reminders after ${reminders} working days, then they are on the call list.`,
	seeReminder: 'See the reminder',
	paused: 'Paused',
	pause: 'Pause',
	resume: 'Resume',
	pausedHint: 'No invitations or reminders go out while the round is paused. Links keep working.',
	correctMenu: 'Extend or correct …',
	correctHint: (waiting: number) =>
		waiting === 0
			? 'All invitations have gone out, so they keep the old day and text. Reminders use the new subject.'
			: waiting === 1
				? 'One invitation hasn’t gone out yet: it gets the new day and text. The others keep theirs.'
				: `${waiting} invitations haven’t gone out yet: they get the new day and text. The others keep theirs.`,
	lastDay: 'Last day for answers',
	subject: 'Subject',
	body: 'Email',
	saveCorrection: 'Save changes',
	reopenMenu: 'Reopen the round …',
	reopenHint:
		'Emails that weren’t sent yet go out. People who haven’t answered leave the call list and get reminders again from tomorrow.',
	confirmReopening: 'Yes, reopen the round',
	closeMenu: 'Close the round …',
	closeHint: 'We send no more reminders. Links keep working, and you can reopen the round.',
	addToCallList: (silent: string | number) => `Add the ${silent} who haven’t answered to the call list`,
	confirmClosing: 'Yes, close the round',
	results: 'Results',
	compareWith: 'Compare with',
	answeredBoth: (people: number) =>
		`Only the ${people === 1 ? 'one person' : `${people} people`} who answered both rounds`,
	people: 'People',
	answered: 'Answered',
	answeredAfterClosing: 'of these, after it was closed',
	medianDays: 'Median days to answer',
	withHeightProblem: 'With a height problem when they answered',
	withDiscomfort: 'With discomfort of 4 or more',
	notAnswered: 'Not answered',
	remindMany: (nudgeable: number) =>
		nudgeable === 1 ? 'Remind one person now' : `Remind ${nudgeable} people now`,
	remindHint: 'This counts as their next reminder. People who got an email in the last day are left out.',
	everyoneAnswered: 'Everyone has answered.',
	remindOne: (name: string | number) => `Remind now: ${name}`,
	remindNow: 'Remind now',
	firstHundred: 'The first 100 are shown.',
	reminding: (n: number) => `We’re reminding ${n === 1 ? 'one person' : `${n} people`} now.`,
	emailReturned: 'email returned: correct the address',
	reminders: (sent: number, of: number, next: string) => `${sent} of ${of} reminders${next}`,
	nextReminder: (on: string | number) => `, next ${on}`,
	namesAndMore: (names: readonly string[], more: number) =>
		`${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}.`,
	recipients: 'Recipients',
	goesTo: (n: number) => `The round goes to ${n === 1 ? 'one person' : `${n} people`}`,
	leftOut: (n: string | number, leftOutWords: string | number) => `Left out: ${n}, ${leftOutWords}`,
	leftOutHint: 'You can still send them one from their case.',
	pageTitle: 'Rounds · Easy Corner',
	heading: 'Assessment rounds',
	lead: 'Send self-assessments to many people at once, with reminders.',
	newRound: 'New round',
	noneYet:
		'No rounds yet. Create one: choose the people, the email and the dates. Nothing is sent until you’ve seen how many people it goes to.',
	summary: ({
		roundStates,
		startsOn,
		dueOn
	}: {
		roundStates: string | number;
		startsOn: string | number;
		dueOn: string | number;
	}) => `${roundStates} · ${startsOn} to ${dueOn}`,
	titleOf: (name: string | number) => `${name} · Easy Corner`,
	fullSummary: ({
		roundStates,
		startsOn,
		dueOn,
		timeZone,
		checklistVersion
	}: {
		roundStates: string | number;
		startsOn: string | number;
		dueOn: string | number;
		timeZone: string | number;
		checklistVersion: string | number;
	}) => `${roundStates} · ${startsOn} to ${dueOn}, ${timeZone} · checklist version ${checklistVersion}`,
	forecast: {
		heading: 'Forecast',
		afterwards: 'Forecast and results so far',
		lead: (from: number) =>
			`From how long answers, calls and check-ins took after the last ${from} invitations. Nine times in ten, the number lies in the range.`,
		tooFew: (least: number) => `There’s no forecast yet: it needs at least ${least} earlier invitations.`,
		week: 'Week',
		from: (day: string) => `from ${day}`,
		kinds: { answers: 'Answers', calls: 'People called', checkIns: 'Check-ins sent', hours: 'Hours of work' },
		range: (low: string, high: string) => `${low} to ${high}`,
		came: (n: string) => `so far: ${n}`,
		outside: 'outside the range',
		total: 'In all',
		minutes: (answers: number, calls: number, checkIns: number) =>
			`Hours count ${answers} minutes for reading an answer, ${calls} for a call with its note and ${checkIns} for reading a check-in.`
	},
	saveDraft: 'Save draft',
	newRoundTitle: 'New round · Easy Corner',
	saveAsDraft: 'Save draft'
};
