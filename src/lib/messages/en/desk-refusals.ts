/** Why the desk, or any door, refuses what was asked of it: what is wrong, and what to do. Never what someone typed about health. */
export const deskRefusalTexts = {
	writeAFewWords: 'Write a few words first.',
	referralsForClinician: 'Referrals are shown to the clinician who was asked.',
	referralsForAsked: 'Referrals are for coordinators and for the clinician who was asked.',
	noReferral: 'This referral is not here. It may have ended.',
	noPerson: 'This person is not in the list. They may have been removed.',
	writeQuestion: 'Write what you ask the clinician.',
	askFirst: 'Ask them first, then say how they agreed: nothing is passed on before.',
	chooseWhomToAsk: 'Choose a clinician, or write who the printed letter is for.',
	chooseClinician: 'Choose a clinician from the list.',
	withClinicianAlready: 'The case is with a clinician already. End that referral first, then refer it again.',
	busySolving: 'Many plans are being worked out just now. Nothing is lost: try again in a minute.',
	personGone: 'This person has been removed from the list.',
	noSuchDay: 'Choose a day that exists.',
	dayHasPassed: 'Choose today or a later day.',
	nothingToReopen: 'There are no answers to open again.',
	chooseCoordinator: 'Choose a coordinator whose account is open.',
	cannotWait: 'You can’t postpone this. Record the outcome of the warning sign or read the message first.',
	chooseLaterDay: 'Choose a later day.',
	sayWhyItWaits: 'Say why it can wait: others read it.',
	forCoordinators: 'You need a coordinator account for this.',
	sayWhatCame: 'Add a short note about the result.',
	notUtf8: 'We couldn’t read this text. Send it as UTF-8.',
	nestedTooDeeply: 'This data is nested too deeply. Send it with fewer levels.',
	notJson: 'We couldn’t read this data. Send valid JSON.',
	unreadableForm: 'This form was sent in a way that can’t be read.',
	accountExists: 'There is an account with this address already.',
	signNeedsContact: 'You can close a warning sign only after you have reached someone.',
	sayWhomYouSpokeWith: 'Enter the name of the person you spoke with.',
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
	noRound: 'This round has been deleted.',
	roundSentAlready: 'This round was sent already.',
	nobodyMatches: 'Nobody matches: choose other teams.',
	closeOnlyOut: 'Only a round that is out can be closed.',
	openOnlyClosed: 'Only a closed round can be opened again.',
	remindOnlyOut: 'Only in a round that is out can people be reminded.',
	signInFirst: 'Sign in first.',
	cannotTakeBack: 'This was taken back already, or is of another day, or is out and can’t be taken back.',
	noRequest: 'This request has been cancelled.',
	orderedAlready: 'One is ordered already: it comes from there, and not out of the store.',
	sayWhyDeclined: 'Say why it is declined: the person reads it.',
	storeChanged:
		'A colleague has changed this stock since you opened it. The page shows the new count. Enter yours again if it is still right.',
	storeEmpty: 'None of these is left in stock. Order one, or count again.',
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
	addressTaken: 'Someone with this address is on the list already.',
	sessionEnded: 'Sign in again: your session has ended.',
	dayIsOver: 'That day has passed: choose today or a later one.',
	signInAsWho: 'Sign in as a coordinator or a clinician.',
	referralEnded: 'This referral has ended. The page shows its result.',
	writeAnswer: 'Write your answer first.',
	writeWhatCame: 'Add a short note about the result.',
	answeredMeanwhile:
		'This person has answered since you opened the page. Read the new answers, then set it again if it is still right.',
	'needs-outcome':
		'A warning sign is open. Record its outcome first: the person you reached, your notes and the next step.',
	'hazard-open':
		'A hazard is still open at this person’s workstation. It leaves the list once they tick it as done. Write to them, or postpone the case.',
	'unread-message': 'This person’s message has no answer yet. Read it, then answer it or mark it as read.',
	followUpChanged:
		'A colleague has changed this follow-up. The page shows theirs. Set yours again if it is still right.',
	wrongPassword: 'That address and password do not belong together. Check both and try again.',
	roundChanged:
		'A colleague has changed this round. The page shows theirs. Make your change again if it is still right.',
	changedSince:
		'A colleague has changed this since, so you can’t undo it. Open the case and correct it there.',
	caseChanged:
		'A colleague has changed this case. The page shows theirs. Make your change again if it is still right.',
	outcomeBeforeErasing: 'A warning sign is open. Record its outcome first, then erase.',
	yearsOfRetention: ({ least, most }: { least: number; most: number }) =>
		`Write whole years, from ${least} to ${most}, or nothing.`,
	retentionChanged: 'A colleague has changed this. Check it again.',
	writeTheirName: 'Type their name exactly as shown above. You can’t undo this.',
	noRightToRecord: 'Your account has no access to the audit log. Ask a coordinator who has it.',
	tickSomebody: 'Tick at least one person.',
	budgetChanged:
		'The budget has changed, because someone answered or a request was decided. Nothing was approved. Check the new budget, then approve it.',
	decidedMeanwhile:
		'A colleague has decided on this. The page shows their decision. Change it if yours is still right.',
	personChanged:
		'A colleague has changed this person’s details. The page shows theirs. Make your change again if it is still right.',
	tooManyTries: ({ seconds }: { seconds: number }) =>
		seconds < 60
			? `Too many tries. Wait ${seconds === 1 ? 'a second' : `${seconds} seconds`}, then try again.`
			: `Too many tries. Wait ${seconds < 120 ? 'two minutes' : `${Math.ceil(seconds / 60)} minutes`}, then try again.`,
	passwordCommon:
		'Others choose this password too, so it is tried first. Choose another: some words that don’t belong together do well.',
	passwordOfYours: 'This password is made of your name or address. Choose another.',
	wrongPasswordOfYours: 'This is not your password. Try it once more.',
	wrongCode: 'This code is not right, or was used already. Wait for the next one, and type it.',
	codeInForce: 'You already have a second factor. Remove it first.',
	solvingTooLong:
		'This plan takes longer to work out than it should, and was given up. Nothing is lost: try again, with fewer things at once.',
	tooManyWrites: ({ seconds }: { seconds: number }) =>
		`Too many changes at once. Nothing is lost. Try again in ${seconds === 1 ? 'a second' : `${seconds} seconds`}.`,
	tooManyWindows: 'This is open in too many windows. Close some, then load this one again.',
	passkeyRefused:
		'This passkey is not known here, or its answer came too late. Try once more, or sign in with your password.',
	passkeyNeedsName: 'Passkeys need a name in the address, and this one is a bare number.',
	tooManyPasskeys: ({ most }: { most: number }) =>
		`${most} passkeys are there already. Take one away that you use no more.`,
	noSuchUser: 'We can’t find this account. It may have been closed.',
	lastWithRecord: 'You are the only person with access. Give it to someone else first.',
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
		`${n === 0 ? 'Nobody is' : `${n} are`} left to remind now, not ${expected}: someone has answered, got an email in the last day, or is getting one now. Check the list again.`,
	otherCountToRelease: ({ n, expected }: { n: number; expected: number }) =>
		`${n === 1 ? '1 email is' : `${n} emails are`} waiting now, not ${expected}. Nothing was changed. Check the list again.`,
	emailsPerDay: 'Enter a whole number of emails a day, from 1 to 1,000,000.',
	limitChanged:
		'A colleague has changed the daily limit. Their number is shown; change it again if yours is still right.',
	organisationName: 'Enter the name of your organisation.',
	organisationContact: 'Enter the name of the person who signs emails.',
	genuinePage: 'Enter an address that starts with https://, or leave it empty.',
	replyToAddress: 'Enter an email address such as health@organisation.example, or leave it empty.',
	organisationChanged:
		'A colleague has changed these details. The page shows theirs. Make your change again if it is still right.',
	logoUnreadable: 'We can’t use this picture. Choose a PNG, JPEG or WebP file of up to 2 MB.',
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
