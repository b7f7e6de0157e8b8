import { leftOutSentence } from './sheet-sentences';
/** The day sheet. */
export const daySheetTexts = {
	theCaseOf: (name: string | number) => `The case of ${name}`,
	theCaseCouldNot: 'We couldn’t load the case. Open it, or choose the line again.',
	openingTheCase: 'Opening the case …',
	tickedCases: 'Selected cases',
	caseIsTickedCases: (lines: number) => (lines === 1 ? '1 case selected' : `${lines} cases selected`),
	settle: (settleable: string | number) => `Mark ${settleable} as done`,
	untick: 'Clear selection',
	leftOutAWarning: (n: string | number) => leftOutSentence(Number(n)),
	theSameTextTo: 'Write the same message to all …',
	sendTo: (lines: string | number) => `Send to ${lines} people`,
	helloAll: 'Hello all',
	hello: 'Hello',
	show: 'Show',
	showAll: 'Show all',
	everybodys: 'Everyone’s',
	mine: 'Assigned to me',
	nobodys: 'Unassigned',
	allOpen: 'All open',
	overdue: 'Overdue',
	withAMessage: 'With a message',
	writtenToToday: 'Messaged today',
	whose: 'Assigned to',
	team: 'Team',
	allTeams: 'All teams',
	country: 'Country',
	allCountries: 'All countries',
	which: 'Show',
	nobodyOnTheSheet: (isNarrowed: boolean) => (isNarrowed ? 'No cases match.' : 'Nothing to do today.'),
	answersAppearHereAs: 'New answers appear here as they arrive, and follow-ups on their day.',
	showAllOrPeople: (isNarrowed: boolean) => (isNarrowed ? 'Show all' : 'Go to People'),
	theFirstOfAre: (lines: string | number, n: string | number) =>
		`The first ${lines} of ${n} are shown. The rest move up as you deal with these.`,
	tick: (name: string | number) => `Select ${name}`,
	lettersComeBack: 'emails are returned',
	withWord: (owner: string | number) => `assigned to ${owner}`,
	settleOne: (name: string | number) => `Mark as done: ${name}`,
	canBeTakenBack: (hasNewest: boolean) => (hasNewest ? 'You can undo this until midnight' : ''),
	whatYouDidToday: (acts: string | number) => `Your actions today: ${acts}`,
	takenBack: 'undone',
	takeBackThis: (deskActWords: string | number, act: string | number) => `Undo: ${deskActWords} ${act}`,
	takeBack: 'Undo',
	ctrlZ: 'Ctrl Z',
	isOut: 'already sent',
	daySheetReferralsEasy: (hasSheet: boolean) => `${hasSheet ? 'Today' : 'Referrals'} · Easy Corner`,
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
	lineBefore: 'Line before',
	openTheCase: 'Open the case',
	tickTheLine: 'Select the line',
	undoTheLast: 'Undo the last action',
	/** Groups of the day sheet that are no level. */
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
	theClinician: 'The clinician'
};
