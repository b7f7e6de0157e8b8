import { leftOutSentence } from './sheet-sentences';
/** The day sheet. */
export const daySheetTexts = {
	theCaseOf: (name: string | number) => `The case of ${name}`,
	theCaseCouldNot: 'The case could not be loaded. Open it, or choose the line again.',
	openingTheCase: 'Opening the case …',
	tickedCases: 'Ticked cases',
	caseIsTickedCases: (lines: number) => (lines === 1 ? '1 case is ticked' : `${lines} cases are ticked`),
	settle: (settleable: string | number) => `Settle ${settleable}`,
	untick: 'Untick',
	leftOutAWarning: (n: string | number) => leftOutSentence(Number(n)),
	theSameTextTo: 'The same text to all of them …',
	sendTo: (lines: string | number) => `Send to ${lines}`,
	helloAll: 'Hello all',
	hello: 'Hello',
	show: 'Show',
	showAll: 'Show all',
	everybodys: 'Everybody’s',
	mine: 'Mine',
	nobodys: 'Nobody’s',
	allOpen: 'All open',
	overdue: 'Overdue',
	withAMessage: 'With a message',
	writtenToToday: 'Written to today',
	whose: 'Whose',
	team: 'Team',
	allTeams: 'All teams',
	country: 'Country',
	allCountries: 'All countries',
	which: 'Which',
	nobodyOnTheSheet: (isNarrowed: boolean) => (isNarrowed ? 'Nobody here matches.' : 'The sheet is clear.'),
	answersAppearHereAs: 'Answers appear here as they come in, follow-ups on their day.',
	showAllOrPeople: (isNarrowed: boolean) => (isNarrowed ? 'Show all' : 'Go to People'),
	theFirstOfAre: (lines: string | number, n: string | number) =>
		`The first ${lines} of ${n} are shown; the rest move up as these are dealt with.`,
	tick: (name: string | number) => `Tick ${name}`,
	lettersComeBack: 'letters come back',
	withWord: (owner: string | number) => `with ${owner}`,
	settleOne: (name: string | number) => `Settle: ${name}`,
	canBeTakenBack: (hasNewest: boolean) => (hasNewest ? 'Can be taken back until midnight' : ''),
	whatYouDidToday: (acts: string | number) => `What you did today: ${acts}`,
	takenBack: 'taken back',
	takeBackThis: (deskActWords: string | number, act: string | number) => `Take back: ${deskActWords} ${act}`,
	takeBack: 'Take back',
	ctrlZ: 'Ctrl Z',
	isOut: 'is out',
	daySheetReferralsEasy: (hasSheet: boolean) => `${hasSheet ? 'Day sheet' : 'Referrals'} · Easy Corner`,
	reviewWaitingEmails: 'Review waiting emails',
	seeRefusedEmails: 'See what happened and send them again',
	/** A colleague changed the case in which something is typed. */
	typedOver: {
		changed: (name: string) =>
			`A colleague has just changed this case. What you typed is safe and goes to ${name}.`,
		gone: (name: string) =>
			`A colleague has dealt with this case, so ${name} is no longer on the list. What you typed is safe and goes to ${name}.`
	},
	discardAndClose: 'Discard my text and close',
	nextLine: 'Next line',
	lineBefore: 'Line before',
	openTheCase: 'Open the case',
	tickTheLine: 'Tick the line',
	undoTheLast: 'Undo the last act',
	/** Parts of the sheet that are no level's. */
	ownGroups: {
		look: { name: 'Look again', rule: 'A follow-up that was set for today.' },
		referred: {
			name: 'With the clinician',
			rule: 'A clinician has been asked and has not answered yet.'
		},
		later: {
			name: 'Later',
			rule: 'Postponed until a day, with the reason. Anything new brings them back at once.'
		}
	},
	theClinician: 'The clinician'
};
