import { leftOutSentence } from './sheet-sentences';
/** The day sheet. */
export const daySheetTexts = {
	caseOf: (name: string | number) => `The case of ${name}`,
	caseNotLoaded: 'We couldn’t load the case. Open it, or choose the line again.',
	openingCase: 'Opening the case …',
	selectedCases: 'Selected cases',
	casesSelected: (lines: number) => (lines === 1 ? '1 case selected' : `${lines} cases selected`),
	finishMany: (n: number) => (n === 1 ? 'Finish one follow-up' : `Finish ${n} follow-ups`),
	markDone: (settleable: string | number) => `Mark ${settleable} as done`,
	clearSelection: 'Clear selection',
	leftOut: (n: string | number) => leftOutSentence(Number(n)),
	writeToAll: 'Write the same message to all …',
	sendToMany: (lines: number) => (lines === 1 ? 'Send to one person' : `Send to ${lines} people`),
	nameHint: '{name} becomes each person’s first name. This is how each message begins:',
	show: 'Show',
	showAll: 'Show all',
	ofEveryone: 'Everyone’s',
	assignedToMe: 'Assigned to me',
	unassigned: 'Unassigned',
	allOpen: 'All open',
	overdue: 'Overdue',
	withMessage: 'With a message',
	messagedToday: 'Messaged today',
	assignedTo: 'Assigned to',
	team: 'Team',
	allTeams: 'All teams',
	country: 'Country',
	allCountries: 'All countries',
	which: 'Show',
	firstSteps: {
		heading: 'First steps',
		organisation: 'Enter your organisation’s name, contact person and phone number',
		cover: 'Choose a deputy for emergencies that your team doesn’t open',
		crisisLine: 'Set a crisis line for each of your countries',
		people: 'Import your people from a spreadsheet',
		round: 'Send the first round of self-assessments',
		done: 'done',
		oneByOne: 'Only a few people?',
		addPerson: 'Add them one by one'
	},
	emptyList: (isNarrowed: boolean) => (isNarrowed ? 'No cases match.' : 'Nothing to do today.'),
	newAnswersHint: 'New answers appear here as they arrive, and follow-ups on their day.',
	showAllOrPeople: (isNarrowed: boolean) => (isNarrowed ? 'Show all' : 'Go to People'),
	select: (name: string | number) => `Select ${name}`,
	emailsReturned: 'emails are returned',
	assignedToYou: 'assigned to you',
	assignedToName: (owner: string | number) => `assigned to ${owner}`,
	markOneDone: (name: string | number) => `Mark as done: ${name}`,
	undoUntilMidnight: (hasNewest: boolean) => (hasNewest ? 'You can undo this until midnight' : ''),
	actionsToday: (acts: string | number) => `Your actions today: ${acts}`,
	undone: 'undone',
	/** An act with the people it was about. */
	actOn: (act: string, people: string) => `${act}: ${people}`,
	undoThis: (actOn: string) => `Undo: ${actOn}`,
	undo: 'Undo',
	undoKey: 'Ctrl Z',
	alreadySent: 'already sent',
	pageTitle: (hasSheet: boolean) => `${hasSheet ? 'Today' : 'Referrals'} · Easy Corner`,
	reviewWaitingEmails: 'Review waiting emails',
	seeRefusedEmails: 'See what happened and send them again',
	/** A colleague changed the case in which text is being typed. */
	typedOver: {
		changed: (name: string) =>
			`A colleague has just changed this case. Your text is safe and goes to ${name}.`,
		gone: (name: string) =>
			`A colleague has dealt with this case, so ${name} is no longer on the list. Your text is safe and goes to ${name}.`
	},
	discardAndClose: 'Discard my text and close',
	nextLine: 'Next line',
	previousLine: 'Line before',
	openCase: 'Open the case',
	selectLine: 'Select the line',
	undoLast: 'Undo the last action',
	/** Groups of the day sheet besides the levels. */
	ownGroups: {
		look: { name: 'Follow-up', rule: 'Follow-ups that are due today.' },
		referred: {
			name: 'With the clinician',
			rule: 'A clinician was asked and hasn’t answered yet.'
		},
		later: {
			name: 'Postponed',
			rule: 'Postponed until a day. Anything new brings a case back at once.'
		}
	},
	theClinician: 'The clinician',
	quote: (text: string) => `“${text}”`
};
