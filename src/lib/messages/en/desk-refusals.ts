/** Why the desk, or any door, refuses what was asked of it: what is wrong, and what to do. Never what somebody typed about health. */
export const deskRefusals = {
	writeAFewWords: 'Write a few words first.',
	referralsForClinician: 'Referrals are shown to the clinician who was asked.',
	referralsForAsked: 'Referrals are for coordinators and for the clinician who was asked.',
	noReferral: 'This referral is not here. It may have ended.',
	noPerson: 'This person is not in the list. They may have been removed.',
	writeQuestion: 'Write what you ask the clinician.',
	askFirst: 'Ask them first, then say how they agreed: nothing is passed on before.',
	chooseWhomToAsk: 'Choose a clinician, or write whom the printed letter is for.',
	chooseClinician: 'Choose a clinician from the list.',
	withClinicianAlready: 'The case is with a clinician already. End that first, then refer it anew.',
	busySolving: 'Many plans are being worked out just now. Nothing is lost: try again in a minute.',
	personGone: 'This person is not in the list any more.',
	noSuchDay: 'Choose a day that exists.',
	dayHasPassed: 'Choose today or a later day.',
	nothingToReopen: 'There are no answers to open again.',
	chooseCoordinator: 'Choose a coordinator whose account is open.',
	cannotWait: 'This can’t be put off: a warning sign wants an outcome, and a message wants to be read.',
	chooseLaterDay: 'Choose a later day.',
	sayWhyItWaits: 'Say why it can wait: others read it.',
	forCoordinators: 'This is for coordinators. Sign in with a coordinator’s account.',
	sayWhatCame: 'Say in a few words what came of it.',
	notUtf8: 'What was sent is not valid UTF-8 text.',
	nestedTooDeeply: 'What was sent is nested too deeply.',
	notJson: 'What was sent is not valid JSON.',
	unreadableForm: 'This form was sent in a way that can’t be read.',
	accountExists: 'There is an account with this address already.',
	signNeedsContact: 'A warning sign is closed only once somebody was reached.',
	sayWhomYouSpokeWith: 'Say whom you spoke with.',
	sayWhatWasSaid: 'Say in a few words what was said.',
	sayWhatComesNext: 'Say what comes next.',
	chooseNextLook: 'Choose the day of the next look.',
	sayWhyNothingNext: 'Say why nothing comes next.',
	closedAlready: 'One of these is closed already. Look again at what is open.',
	referFirst: 'Refer the case to a clinician first, then record that this comes next.',
	forFigures: 'Figures of the workforce are for coordinators and readers.',
	noReport: 'This report is not there.',
	chooseMonthEnd: 'Choose the end of a month that is over.',
	typePrice: 'Type a price such as 129 or 129.90.',
	priceTooHigh: 'A price is at most a million.',
	nameRound: 'Give the round a name.',
	chooseFirstDay: 'Choose the first day.',
	chooseLastDay: 'Choose the last day.',
	lastBeforeFirst: 'The last day lies before the first.',
	nameSubject: 'Give the letter a subject.',
	writeLetter: 'Write the letter.',
	giveTimeZone: 'Give a time zone such as Europe/Lisbon.',
	roundIsOut: 'This round is out: its letters are written.',
	noRound: 'This round is not there any more.',
	roundSentAlready: 'This round was sent already.',
	nobodyMatches: 'Nobody matches: choose other teams.',
	closeOnlyOut: 'Only a round that is out can be closed.',
	openOnlyClosed: 'Only a closed round can be opened again.',
	remindOnlyOut: 'Only in a round that is out can people be reminded.',
	signInFirst: 'Sign in first.',
	cannotTakeBack: 'This was taken back already, or is of another day, or is out and can’t be taken back.',
	noRequest: 'This request is not there any more.',
	orderedAlready: 'One is ordered already: it comes from there, and not out of the store.',
	sayWhyDeclined: 'Say why it is declined: the person reads it.',
	storeChanged:
		'Somebody else counted or took one meanwhile. What there is now is shown; count again if yours is still right.',
	storeEmpty: 'None of these lies in the store any more. Order one, or count again.',
	cornerUnknown: 'Nothing is known of their corner yet: what is right for it can’t be said.',
	askedAlready: 'This was asked for already. It stands in the list.',
	giveName: 'Give a name.',
	passwordLinkEnded: 'This link has ended or was used. Ask for another one at the sign-in page.',
	lastCoordinator: 'This is the last coordinator: invite another one first.',
	calendarEnded: 'This calendar address has ended. Take the new one from Follow-ups.',
	listChanged: 'The list has changed since you looked. Look again at what it would do.',
	givePersonName: 'Give the person’s name.',
	noTimeZone: 'There is no such time zone. Write it like Europe/Lisbon.',
	noRegion:
		'This region is not known in that country. Write its short code, such as BY for Bavaria, or leave it out.',
	addressTaken: 'Somebody with this address is in the list already.',
	sessionEnded: 'Sign in again: your session has ended.',
	dayIsOver: 'That day has passed: choose today or a later one.',
	signInAsWho: 'Sign in as a coordinator or a clinician.',
	referralEnded: 'This referral has ended meanwhile. What came of it is shown.',
	writeAnswer: 'Write your answer first.',
	writeWhatCame: 'Write what came of it.',
	answeredMeanwhile:
		'They answered meanwhile. Look at what they say now, and set it again if it is still right.',
	'needs-outcome':
		'A warning sign is open. Record what came of it first: whom you reached, what was said, what comes next.',
	'unread-message':
		'There is a message that nobody has answered. Read it, then answer it or mark it as read.',
	followUpChanged:
		'Somebody else changed this follow-up meanwhile. What they set is shown; set yours again if it is still right.',
	wrongPassword: 'That address and password do not belong together. Check both and try again.',
	roundChanged:
		'Somebody else changed this round meanwhile. What they wrote is shown; change it again if yours is still right.',
	changedSince:
		'Somebody changed this since, so it can’t be taken back as it was. Look at the case, and change what is wrong there.',
	caseChanged:
		'Somebody else changed this case meanwhile. What they did is shown; do yours again if it is still right.',
	outcomeBeforeErasing:
		'A warning sign waits for an outcome. Record whom you reached and what was said, then erase.',
	yearsOfRetention: ({ least, most }: { least: number; most: number }) =>
		`Write whole years, from ${least} to ${most}, or nothing.`,
	retentionChanged: 'Somebody else has changed this since. Look at it again.',
	writeTheirName: 'Write their name as it stands above: this can’t be taken back.',
	noRightToRecord: 'Your account may not read the record. Ask another coordinator.',
	tickSomebody: 'Tick at least one person.',
	budgetChanged:
		'What the money is best spent on has changed since: somebody answered, or a thing was decided on. Look at it again, nothing was done.',
	decidedMeanwhile:
		'Somebody else decided on this meanwhile. What they decided is shown; change it if yours still stands.',
	personChanged:
		'Somebody else changed this person meanwhile. What they wrote is shown; change it again if yours is still right.',
	tooManyTries: ({ seconds }: { seconds: number }) =>
		seconds < 60
			? `Too many tries. Wait ${seconds === 1 ? 'a second' : `${seconds} seconds`}, then try again.`
			: `Too many tries. Wait ${seconds < 120 ? 'two minutes' : `${Math.ceil(seconds / 60)} minutes`}, then try again.`,
	passwordCommon:
		'Others choose this password too, so it is tried first. Choose another: some words that don’t belong together do well.',
	passwordOfYours: 'This password is made of your name or address. Choose another.',
	wrongPasswordOfYours: 'This is not your password. Try it once more.',
	wrongCode: 'This code is not right, or was used already. Wait for the next one, and type it.',
	codeInForce: 'A second factor is in force already. Take it away first.',
	solvingTooLong:
		'This plan takes longer to work out than it should, and was given up. Nothing is lost: try again, with fewer things at once.',
	tooManyWrites: ({ seconds }: { seconds: number }) =>
		`That is more at once than anybody types. Nothing that was kept is lost: go on in ${seconds === 1 ? 'a second' : `${seconds} seconds`}.`,
	passkeyRefused:
		'This passkey is not known here, or its answer came too late. Try once more, or sign in with your password.',
	passkeyNeedsName: 'Passkeys need a name in the address, and this one is a bare number.',
	tooManyPasskeys: ({ most }: { most: number }) =>
		`${most} passkeys are there already. Take one away that you use no more.`,
	noSuchUser: 'There is no such account, or it was closed meanwhile.',
	lastWithRecord: 'Nobody else reads the record. Let somebody else read it first.',
	tooManyToSettle: ({ most }: { most: number }) => `Settle at most ${most} cases at once.`,
	bodyTooLarge: ({ kB }: { kB: number }) => `That is more than ${kB} kB: send less at once.`,
	unreadableText: ({ at }: { at: string }) => `${at || 'The text'} holds characters that can’t be read.`,
	unreadableField: ({ field }: { field: string }) => `${field} can’t be read.`,
	passwordTooShort: ({ shortest }: { shortest: number }) =>
		`Choose a password of at least ${shortest} characters.`,
	hasLeft: ({ name }: { name: string }) => `${name} has left. Take them back first if they are here again.`,
	unknownFields: ({ unknown, known }: { unknown: readonly string[]; known: readonly string[] }) =>
		`${unknown.join(', ')} would go out as typed: there is no such field. Known are ${known.join(' and ')}.`,
	otherCount: ({ n, expected }: { n: number; expected: number }) =>
		`It would go to ${n} people now, not to ${expected}. Look again, then send it.`,
	otherCountToRemind: ({ n, expected }: { n: number; expected: number }) =>
		`${n === 0 ? 'Nobody is' : `${n} are`} left to remind now, not ${expected}: somebody answered, had a letter in the last day, or is being reminded. Look again.`,
	otherCountToRelease: ({ n, expected }: { n: number; expected: number }) =>
		`${n === 1 ? '1 email is' : `${n} emails are`} waiting now, not ${expected}. Nothing was released. Check the list, then release them.`,
	emailsPerDay: 'Enter a whole number of emails a day, from 1 to 1,000,000.',
	limitChanged:
		'A colleague has changed the daily limit. Their number is shown; change it again if yours is still right.',
	unknownChoice: 'Choose one of the options that are shown.',
	otherCountInBulk: ({ n, expected }: { n: number; expected: number }) =>
		`It would be ${n} people now, not ${expected}. Look again, then do it.`,
	tooManyInBulk: ({ most }: { most: number }) =>
		`That is more than ${most} people at once: narrow the list, or make a round.`,
	tooManyMoved: ({ n, most }: { n: number; most: number }) =>
		`${n} people would be marked as left or taken back. More than ${most} at once looks like another file: take it in without that, and look.`,
	/** A check of a field has its own words: what, where, and what to do. */
	checked: ({ text }: { text: string }) => text
};
