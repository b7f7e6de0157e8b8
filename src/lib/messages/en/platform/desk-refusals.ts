import type { PolicyField } from '$lib/core/cases/triage/policy-settings';
import { policyTexts, type ListLimits } from '../../desk/en/platform/policy';
/** Error messages of the desk, or of both doors: what is wrong, and what to do. They never repeat what someone typed about health. */
export const deskRefusalTexts = {
	referralsForClinician: 'Only the clinician who was asked can see this referral.',
	referralsForAsked: 'Only coordinators and the clinician who was asked can see referrals.',
	noReferral: 'We can’t find this referral. It may have been closed.',
	noPerson: 'We can’t find this person. Their data may have been deleted.',
	writeQuestion: 'Enter your question for the clinician.',
	askFirst: 'Ask the employee first, then choose how they gave consent. Nothing is passed on before that.',
	chooseWhomToAsk: 'Choose a clinician, or enter who the printed letter is for.',
	chooseClinician: 'Choose a clinician from the list.',
	withClinicianAlready: 'This case already has an open referral. Close it first, then refer again.',
	dayHasPassed: 'Choose today or a later day.',
	nothingToReopen: 'There are no answers to reopen.',
	standInIsAway: 'Choose a colleague who isn’t the one away.',
	handToAnother: 'Choose another coordinator to hand the cases to.',
	chooseCoordinator: 'Choose a coordinator with an open account.',
	cannotWait: 'You can’t postpone this. Record the outcome of the warning sign or read the message first.',
	chooseLaterDay: 'Choose a later day.',
	sayWhyItWaits: 'Say why it can be postponed. Your colleagues read this.',
	forCoordinators: 'You need a coordinator account for this.',
	noAccount: 'There is no open account with this address.',
	accountExists: 'There’s already an account with this address.',
	lookNeedsSight: 'You can record what you saw only after a video call or a visit.',
	heightNotKnown:
		'The answers have changed: one of these heights is no longer assessed. Load the page again.',
	fixedNeedsContact: 'You can tick a hazard as fixed only after you’ve reached the person.',
	signNeedsContact: 'You can close a warning sign only after you’ve reached someone.',
	sayWhomYouSpokeWith: 'Enter the name of the person you spoke with.',
	sayWhatWasSaid: 'Add a short note about the contact.',
	sayWhatComesNext: 'Choose the next step.',
	chooseNextLook: 'Choose the day of the follow-up.',
	sayWhyNothingNext: 'Say why there’s no next step.',
	closedAlready: 'One of these is already closed. Check what is still open.',
	referFirst: 'Refer the case to a clinician first. You can then choose it as the next step.',
	forFigures: 'Only coordinators and analysts can see workforce results.',
	wrongSharedSessionCode: 'This code is wrong. Ask for the code on the employee’s page, then enter it again.',
	noPracticeRound: 'We can’t find this round of practice.',
	practiceAnswered: 'You have already answered this round. Start another one.',
	practiceIncomplete: 'Some cases are missing from the order. Reload the page and try again.',
	noSecondOpinion: 'We can’t find this second opinion.',
	noCasesToJudge: 'No one has answered yet, so there are no cases to judge.',
	judgeEveryCase: 'Choose a level for every case.',
	judgedAlready: 'You have already given your levels.',
	noReport: 'We can’t find this report. It may have been deleted.',
	chooseMonthEnd: 'Choose a month that has ended.',
	typePrice: 'Enter a price such as 129 or 129.90.',
	priceTooHigh: 'Enter a price of one million or less.',
	nameRound: 'Enter a name for the round.',
	chooseFirstDay: 'Choose the first day.',
	chooseLastDay: 'Choose the last day.',
	lastBeforeFirst: 'The last day is before the first. Choose a later day.',
	nameSubject: 'Enter a subject for the email.',
	writeLetter: 'Enter the text of the email.',
	giveTimeZone: 'Enter a time zone such as Europe/Lisbon.',
	roundIsOut: 'This round has already been sent, so you can’t change it.',
	noRound: 'This round has been deleted.',
	roundSentAlready: 'This round has already been sent.',
	nobodyMatches: 'No people match. Choose other teams.',
	correctOnlyOut: 'Only a round that has been sent and isn’t closed can be paused or changed.',
	roundIsPaused: 'The round is paused. Resume it first.',
	closeOnlyOut: 'You can close only an open round.',
	openOnlyClosed: 'You can reopen only a closed round.',
	remindOnlyOut: 'You can remind people only in an open round.',
	signInFirst: 'Sign in first.',
	cannotTakeBack:
		'You can no longer undo this. It was already undone, is from another day, or an email has gone out.',
	noRequest: 'This request has been cancelled.',
	orderedAlready: 'This is already ordered, so you can’t also send it from stock.',
	sayWhyDeclined: 'Say why it’s declined. The employee reads this.',
	storeChanged:
		'A colleague has changed this stock since you opened it. The page shows the new count. Enter yours again if it is still right.',
	storeEmpty: 'There are none left in stock. Order one, or correct the count.',
	cornerUnknown:
		'We don’t know their workstation yet, so we can’t say what fits. Ask for a self-assessment first.',
	askedAlready: 'This was already requested. You can see it in the list.',
	giveName: 'Enter a name.',
	passwordLinkEnded:
		'This link no longer works. Use “Forgot your password?” on the sign-in page to get a new one.',
	lastCoordinator: 'This is the last coordinator account. Invite another coordinator first.',
	calendarEnded: 'This calendar address no longer works. Copy the new one from Follow-ups.',
	listChanged: 'The list has changed since you checked it. Check the file again.',
	givePersonName: 'Enter the person’s name.',
	noTimeZone: 'We don’t know this time zone. Use a name such as Europe/Lisbon.',
	noRegion:
		'We don’t know this region in that country. Enter its code, such as BY for Bavaria, or leave it empty.',
	addressTaken: 'There’s already a person with this address.',
	sessionEnded: 'Your session has ended. Please sign in again.',
	dayIsOver: 'That day has passed. Choose today or a later day.',
	signInAsWho: 'Sign in with a coordinator or clinician account.',
	referralEnded: 'This referral is closed. The page shows its result.',
	writeAnswer: 'Write your answer first.',
	writeWhatCame: 'Add a short note about the result.',
	answeredMeanwhile:
		'This person has answered since you opened the page. Read the new answers, then set it again if it is still right.',
	'needs-outcome':
		'A warning sign is open. Record its outcome first: the person you reached, your notes and the next step.',
	'hazard-open':
		'A hazard is still open at this person’s workstation. It leaves the list once they tick it as done. If they say so on the phone, tick it in the contact that you record.',
	'unread-message': 'This person’s message has no answer yet. Read it, then answer it or mark it as read.',
	followUpChanged:
		'A colleague has changed this follow-up. The page shows theirs. Set yours again if it is still right.',
	wrongPassword: 'The email address or password isn’t right. Check both and try again.',
	roundChanged:
		'A colleague has changed this round. The page shows theirs. Make your change again if it is still right.',
	changedSince:
		'A colleague has changed this since, so you can’t undo it. Open the case and correct it there.',
	caseChanged:
		'A colleague has changed this case. The page shows theirs. Make your change again if it is still right.',
	outcomeBeforeErasing: 'A warning sign is open. Record its outcome first, then delete the data.',
	yearsOfRetention: ({ least, most }: { least: number; most: number }) =>
		`Enter whole years from ${least} to ${most}, or leave it empty.`,
	retentionChanged: 'A colleague has changed this. Check it again.',
	writeTheirName: 'Type their name exactly as shown above. You can’t undo this.',
	noRightToRecord: 'Your account has no access to the audit log. Ask a coordinator who has it.',
	tickSomebody: 'Select at least one person.',
	budgetChanged:
		'The budget has changed, because someone answered or a request was decided. Nothing was approved. Check the new budget, then approve it.',
	reportNotedMeanwhile:
		'A colleague has changed the decisions on this report. The page shows theirs. Make your change again if it is still right.',
	yearBudgetChanged:
		'A colleague has changed this budget. The page shows theirs. Make your change again if it is still right.',
	decidedMeanwhile:
		'A colleague has decided on this. The page shows their decision. Change it if yours is still right.',
	personChanged:
		'A colleague has changed this person’s details. The page shows theirs. Make your change again if it is still right.',
	tooManyTries: ({ seconds }: { seconds: number }) =>
		seconds < 60
			? `Too many tries. Wait ${seconds === 1 ? 'a second' : `${seconds} seconds`}, then try again.`
			: `Too many tries. Wait ${seconds < 120 ? 'two minutes' : `${Math.ceil(seconds / 60)} minutes`}, then try again.`,
	passwordCommon:
		'This password is too common. Choose another. A few words that don’t belong together work well.',
	passwordOfYours: 'This password contains your name or email address. Choose another.',
	wrongPasswordOfYours: 'This isn’t your password. Please try again.',
	wrongCode: 'This code isn’t right, or was already used. Wait for the next one and enter it.',
	factorIsSet: 'You already have a second factor. Remove it first.',
	passkeyRefused:
		'We don’t know this passkey, or it took too long. Try again, or sign in with your password.',
	passkeyNeedsName:
		'Passkeys don’t work at this address, because it’s only a number. Use the address with a name.',
	tooManyPasskeys: ({ most }: { most: number }) =>
		`You already have ${most} passkeys. Remove one you no longer use.`,
	noSuchUser: 'We can’t find this account. It may have been closed.',
	lastWithRecord: 'You are the only person with access. Give it to someone else first.',
	tooManyToSettle: ({ most }: { most: number }) => `Mark at most ${most} cases as done at once.`,
	passwordTooShort: ({ shortest }: { shortest: number }) =>
		`Choose a password of at least ${shortest} characters.`,
	hasLeft: ({ name }: { name: string }) =>
		`${name} is marked as a leaver. If they’re back, mark them as returned first.`,
	unknownFields: ({ unknown, known }: { unknown: readonly string[]; known: readonly string[] }) =>
		`We don’t know ${unknown.join(', ')}, so it would go out as typed. You can use ${known.join(', ')}.`,
	otherCount: ({ n, expected }: { n: number; expected: number }) =>
		`This would now go to ${n} people, not ${expected}. Check the list again, then send it.`,
	otherCountToRemind: ({ n, expected }: { n: number; expected: number }) =>
		`${n === 0 ? 'No one is' : `${n} are`} left to remind now, not ${expected}: someone has answered, got an email in the last day, or is getting one now. Check the list again.`,
	otherCountToRelease: ({ n, expected }: { n: number; expected: number }) =>
		`${n === 1 ? '1 email is' : `${n} emails are`} waiting now, not ${expected}. Nothing was changed. Check the list again.`,
	emailsPerDay: 'Enter a whole number of emails a day, from 1 to 1,000,000.',
	limitChanged:
		'A colleague has changed the daily limit. Their number is shown; change it again if yours is still right.',
	reviewerName: 'Enter the name of the person who checked the texts.',
	organisationName: 'Enter the name of your organisation.',
	organisationContact: 'Enter the name of the person who signs emails.',
	webhookAddress:
		'Enter an address that starts with https:// and holds no name or password, or leave it empty.',
	tokenName: 'Enter a name for the token, such as that of the program.',
	tokenScopes: 'Tick at least one thing that the token may do.',
	tokensFull: ({ most }: { most: number }) => `You have ${most} tokens. End one before you make another.`,
	apiToken: 'Send a token that has not ended, as “Authorization: Bearer TOKEN”.',
	apiScope: ({ scope }: { scope: string }) =>
		`This token, or its account, may not do this: it takes the scope ${scope}.`,
	apiQuery: ({ name }: { name: string }) => `The parameter ${name} can’t be used, or not with this value.`,
	webhookUrl: 'Enter an address that starts with https:// and holds no name or password.',
	webhookName: 'Enter a name for the webhook.',
	webhookKinds: 'Tick at least one act to notify the webhook of.',
	webhookChanged: 'A colleague has changed or removed this webhook. The page shows it as it is now.',
	webhooksFull: ({ most }: { most: number }) =>
		`There are ${most} webhooks already. Remove one before you add another.`,
	genuinePage: 'Enter an address that starts with https://, or leave it empty.',
	replyToAddress: 'Enter an email address such as health@organisation.example, or leave it empty.',
	policyLimits: ({ field, least, most }: { field: PolicyField; least: number; most: number }) =>
		`“${policyTexts.fields[field]}”: enter a whole number from ${least} to ${most}.`,
	policyList: ({ field, ...limits }: { field: PolicyField } & ListLimits) =>
		`“${policyTexts.fields[field]}”: enter ${policyTexts.listLimits(limits)}, with commas between them.`,
	policyBelow: ({ field, other }: { field: PolicyField; other: PolicyField }) =>
		`“${policyTexts.fields[field]}” must be less than “${policyTexts.fields[other]}”.`,
	policyAtMost: ({ field, other }: { field: PolicyField; other: PolicyField }) =>
		`“${policyTexts.fields[field]}” must not be more than “${policyTexts.fields[other]}”.`,
	tickForOrder: ({ most }: { most: number }) => `Tick 1 to ${most} items for one order.`,
	sayWhereOrdered: 'Enter the supplier or the order number.',
	absentNeedsEveryRow:
		'Rows of the file are left out, so we can’t say who is missing from it. Import it without marking people as leavers.',
	noImport: 'We don’t have this import.',
	importUndone: 'This import has been undone already.',
	importTooOld: 'An import can be undone until midnight of its day, and that day is over.',
	policyChanged:
		'A colleague has published other settings in the meantime. The page shows them. Make your change again if it is still right.',
	textChanged: 'A colleague has changed this text in the meantime. It is shown as it is now.',
	checklistChanged: 'A colleague has changed the checklist in the meantime. It is shown as it is now.',
	noChecklistPart: 'The checklist doesn’t have this. A colleague may have taken it out.',
	noChecklistVersion: 'We don’t have this version of the checklist.',
	checklistFaults: 'Something still has to be completed before this checklist can be published.',
	checklistPartGone: 'A colleague has taken this out of the checklist in the meantime.',
	checklistFull: ({ most }: { most: number }) =>
		`There is room for ${most} questions and ${most} problems of your own.`,
	checklistPart: ({ why }: { why: string }) => `We can’t save this: ${why}.`,
	checklistFile: ({ why }: { why: string }) => `We can’t use this file: ${why}.`,
	checklistNotJson: 'We can’t read this file. Choose a checklist that was downloaded from Easy Corner.',
	policySame: 'These settings apply already, so there is nothing to publish.',
	noPolicyVersion: 'We don’t have this version of the settings.',
	policyFile: ({ why }: { why: string }) => `We can’t use this file: ${why}.`,
	settingsUnread: ({ why }: { why: string }) => `We can’t read these settings: ${why}.`,
	settingsDefaultKept: 'Something that everybody relies on is missing. Add it again, then publish.',
	settingsSameDay: ({ name }: { name: string }) => `“${name}” is listed twice for the same day and place.`,
	settingsNoSuchDay: ({ name }: { name: string }) => `There is no day “${name}”. Choose another one.`,
	settingsNoName: ({ name }: { name: string }) =>
		`Entry “${name}” has no name in every language that people read.`,
	settingsUnnamed: ({ name }: { name: string }) => `Entry “${name}” has no name. Give it one, or remove it.`,
	settingsNoLaw: ({ name }: { name: string }) =>
		`Say what entitles people to an eye test${name ? ` in ${name}` : ''}: a law, or your organisation.`,
	agreedOnPhone:
		'Tick that they have heard what is collected and agree. Without it no question may be asked.',
	phoneLinkGone:
		'This self-assessment was answered or ended in the meantime. Go back to the case and begin again.',
	outcomeBeforeMerging: ({ name }: { name: string }) =>
		`A warning sign of ${name} waits for its outcome. Record the outcome first, then merge the records.`,
	confirmMerge: 'Confirm that both records are of the same person.',
	mergeSame: 'Choose another record: this is the same one.',
	settingsSameName: ({ name }: { name: string }) =>
		`“${name}” is listed twice. Give one of them another name.`,
	settingsNoPlace: ({ name }: { name: string }) => `“${name}” names a region without its country.`,
	settingsTooManyDaysOff: ({ name }: { name: string }) =>
		`More than ${name} days off in a row would leave nobody a day to act. Shorten the list.`,
	settingsItemInUse: ({ name }: { name: string }) =>
		`“${name}” was requested or is in stock, so it stays in the catalogue. You can stop offering it instead.`,
	settingsTeamInUse: ({ name, n }: { name: string; n: number }) =>
		`${n === 1 ? 'One person is' : `${n} people are`} in “${name}”. Give it another team’s name, and they join that team.`,
	policyNotJson: 'We can’t read this file. Choose a settings file that was downloaded from Easy Corner.',
	organisationChanged:
		'A colleague has changed these details. The page shows theirs. Make your change again if it is still right.',
	logoUnreadable: 'We can’t use this picture. Choose a PNG, JPEG or WebP file of up to 2 MB.',
	unknownChoice: 'Choose one of the options that are shown.',
	otherCountInBulk: ({ n, expected }: { n: number; expected: number }) =>
		`This would now affect ${n} people, not ${expected}. Check the list again.`,
	tooManyInBulk: ({ most }: { most: number }) =>
		`This is more than ${most} people at once. Narrow the list, or create an assessment round.`,
	tooManyMoved: ({ n, most }: { n: number; most: number }) =>
		`This would mark ${n} people as leavers or returned. More than ${most} at once may be the wrong file. Import it without that first, and check.`
};
