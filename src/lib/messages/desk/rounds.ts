/** Rounds. */
export const roundTexts = {
	throwTheDraftAway: 'Delete the draft',
	sendItToOne: (matches: number) => `Send to ${matches === 1 ? 'one person' : `${matches} people`}`,
	openItAgain: 'Reopen the round …',
	lettersThatWereNot:
		'Emails that weren’t sent yet go out. People who haven’t answered leave the call list and get reminders again from tomorrow.',
	yesOpenIt: 'Yes, reopen the round',
	closeTheRound: 'Close the round …',
	nobodyIsRemindedAny: 'We send no more reminders. Links keep working, and you can reopen the round.',
	putTheWhoDid: (silent: string | number) => `Add the ${silent} who haven’t answered to the call list`,
	yesCloseIt: 'Yes, close the round',
	howItWent: 'Results',
	compareWith: 'Compare with',
	theSameOnePerson: (people: number) =>
		`Only the ${people === 1 ? 'one person' : `${people} people`} who answered both rounds`,
	people: 'People',
	answered: 'Answered',
	ofThemAfterIt: 'of these, after it was closed',
	medianDaysToThe: 'Median days to answer',
	withACheckThat: 'With a height problem',
	withAScoreOf: 'With discomfort of 4 or more',
	notAnswered: 'Not answered',
	remindOnePersonNow: (nudgeable: number) =>
		nudgeable === 1 ? 'Remind one person now' : `Remind ${nudgeable} people now`,
	countsAsTheirNext:
		'This counts as their next reminder. People who got an email in the last day are left out.',
	nobodyIsSilent: 'Everyone has answered.',
	remindOneNow: (name: string | number) => `Remind now: ${name}`,
	remindNow: 'Remind now',
	theFirstHundred: 'The first 100 are shown.',
	remindingOnePersonPeople: (n: number) => `We’re reminding ${n === 1 ? 'one person' : `${n} people`} now.`,
	letterCameBackMend: 'email returned: correct the address',
	next: (on: string | number) => `, next ${on}`,
	andMore: (names: readonly string[], more: number) =>
		`${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}.`,
	whoItGoesTo: 'Recipients',
	itGoesToOne: (n: number) => `The round goes to ${n === 1 ? 'one person' : `${n} people`}`,
	leftOut: (n: string | number, leftOutWords: string | number) => `Left out: ${n}, ${leftOutWords}`,
	eachOfThemCan: 'You can still send them one from their case.',
	roundsEasyCorner: 'Rounds · Easy Corner',
	rounds: 'Assessment rounds',
	selfAssessmentsSentTo: 'Send self-assessments to many people at once, with reminders.',
	newRound: 'New round',
	noRoundYetMake:
		'No rounds yet. Create one: choose the people, the email and the dates. Nothing is sent until you’ve seen how many people it goes to.',
	to: ({
		roundStates,
		startsOn,
		dueOn
	}: {
		roundStates: string | number;
		startsOn: string | number;
		dueOn: string | number;
	}) => `${roundStates} · ${startsOn} to ${dueOn}`,
	easyCorner: (name: string | number) => `${name} · Easy Corner`,
	toChecklistVersion: ({
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
	keepTheDraft: 'Save draft',
	newRoundEasyCorner: 'New round · Easy Corner',
	keepAsADraft: 'Save draft'
};
