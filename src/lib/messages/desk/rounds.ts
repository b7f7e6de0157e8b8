/** Rounds. */
export const roundTexts = {
	throwTheDraftAway: 'Throw the draft away',
	sendItToOne: (matches: number) => `Send it to ${matches === 1 ? 'one person' : `${matches} people`}`,
	openItAgain: 'Open it again …',
	lettersThatWereNot:
		'Letters that were not written yet go out. People who haven’t answered leave the call list and get reminders again from tomorrow.',
	yesOpenIt: 'Yes, open it',
	closeTheRound: 'Close the round …',
	nobodyIsRemindedAny: 'We send no more reminders. Links keep working, and you can reopen the round.',
	putTheWhoDid: (silent: string | number) => `Put the ${silent} who did not answer on the call list`,
	yesCloseIt: 'Yes, close it',
	howItWent: 'How it went',
	compareWith: 'Compare with',
	theSameOnePerson: (people: number) =>
		`The same ${people === 1 ? 'one person' : `${people} people`}, who answered both`,
	people: 'People',
	answered: 'Answered',
	ofThemAfterIt: 'of them after it was closed',
	medianDaysToThe: 'Median days to the answer',
	withACheckThat: 'With a check that is off',
	withAScoreOf: 'With a score of 4 or more',
	notAnswered: 'Not answered',
	remindOnePersonNow: (nudgeable: number) =>
		nudgeable === 1 ? 'Remind one person now' : `Remind ${nudgeable} people now`,
	countsAsTheirNext: 'Counts as their next reminder. Whoever had a letter in the last day is left alone.',
	nobodyIsSilent: 'Nobody is silent.',
	remindOneNow: (name: string | number) => `Remind now: ${name}`,
	remindNow: 'Remind now',
	theFirstHundred: 'The first hundred.',
	remindingOnePersonPeople: (n: number) =>
		`Reminding ${n === 1 ? 'one person' : `${n} people`}: the letters go out now.`,
	letterCameBackMend: 'letter came back: mend the address',
	next: (on: string | number) => `, next ${on}`,
	andMore: (names: readonly string[], more: number) =>
		`${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}.`,
	whoItGoesTo: 'Who it goes to',
	itGoesToOne: (n: number) => `It goes to ${n === 1 ? 'one person' : `${n} people`}`,
	leftOut: (n: string | number, leftOutWords: string | number) => `Left out: ${n}, ${leftOutWords}`,
	eachOfThemCan: 'Each of them can be sent one from their own case.',
	roundsEasyCorner: 'Rounds · Easy Corner',
	rounds: 'Rounds',
	selfAssessmentsSentTo: 'Self-assessments sent to many people together, with reminders.',
	newRound: 'New round',
	noRoundYetMake:
		'No round yet. Make one: who, which letter, from when; nothing is sent until you have seen how many people it goes to.',
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
	keepTheDraft: 'Keep the draft',
	newRoundEasyCorner: 'New round · Easy Corner',
	keepAsADraft: 'Keep as a draft'
};
