/** Accounts, passwords and the sign-in. */
export const accountTexts = {
	yourAccountEasyCorner: 'Your account · Easy Corner',
	yourAccount: 'Your account',
	whereYouAreSigned: 'Where you are signed in',
	here: (device: string | number, isHere: boolean) => `${device}${isHere ? ', here' : ''}`,
	since: (createdAt: string | number) => `since ${createdAt}`,
	signOutEverywhereElse: 'Sign out everywhere else',
	signedOutEverywhereElse: (hasForm: boolean) => (hasForm ? 'Signed out everywhere else.' : ''),
	password: 'Password',
	forgottenIt: 'Forgotten it?',
	haveALinkSent: 'Have a link sent to your address',
	aBrowser: 'A browser',
	accountsEasyCorner: 'Accounts · Easy Corner',
	accounts: 'Accounts',
	whoSignsInHere: 'The people who can sign in, and their roles.',
	accountState: (hasClosedAt: boolean, roles: string | number) => (hasClosedAt ? 'closed' : roles),
	yesCloseIt: 'Yes, close it',
	no: 'No',
	closeTheAccount: 'Close the account …',
	inviteSomebody: 'Invite a person',
	name: 'Name',
	eMailAddress: 'E-mail address',
	role: 'Role',
	sendTheInvitation: 'Send the invitation',
	theLetterToIs: (hasInvited: string | number | null | undefined) =>
		hasInvited ? `The letter to ${hasInvited} is in the post; its link works for seven days.` : '',
	coordinator: 'Coordinator',
	seesAndDoesEverything: 'sees and does everything',
	clinician: 'Clinician',
	seesOnlyCasesThat: 'sees only cases that are referred to them',
	reader: 'Reader',
	seesTotalsAndNo: 'sees totals and no person',
	anotherPasswordEasyCorner: 'Another password · Easy Corner',
	easyCorner: 'Easy Corner',
	anotherPassword: 'Another password',
	ifThereIsAn:
		'If there is an account with this address, a letter with a link is on its way. The link works for two hours.',
	aLetterWithA: 'A letter with a link comes to the address of your account.',
	sendTheLink: 'Send the link',
	backToTheSign: 'Back to the sign-in',
	chooseAPasswordEasy: 'Choose a password · Easy Corner',
	chooseAPassword: 'Choose a password',
	forEveryBrowserThat: (name: string | number) =>
		`For ${name}. Every browser that is signed in is signed out.`,
	passwordAtLeastCharacters: (shortest: string | number) => `Password, at least ${shortest} characters`,
	chooseIt: 'Choose it',
	signInEasyCorner: 'Sign in · Easy Corner',
	signIn: 'Sign in',
	forCoordinatorsEmployeesUse: 'For coordinators. Employees use the link in their letter.',
	demo: 'Demo:',
	eachWith: 'each with',
	code: 'Code',
	codeTitle: 'Second factor · Sign in · Easy Corner',
	factorLead: (hasCode: boolean, hasPasskey: boolean) =>
		hasCode
			? `Type the six digits that your phone shows for Easy Corner${hasPasskey ? ', or use your passkey' : ''}.`
			: 'Use your passkey, or type one of the codes that you kept.',
	codeLost:
		'Without your device? Type one of the codes that you kept. Without those, a coordinator closes your account and invites you again.',
	asSomebodyElse: 'Sign in with another account',
	confirmTitle: 'Your password · Easy Corner',
	confirm: 'Your password, once more',
	confirmLead: (name: string) =>
		`You go on as ${name}. The next step affects many people or can’t be undone.`,
	goOn: 'Go on',
	secondFactor: 'Second factor',
	secondFactorTitle: 'Second factor · Easy Corner',
	factorWhy:
		'Something beside your password, so that a password alone opens nothing: a passkey, or codes of your phone.',
	factorInForce: (passkeys: number, hasCodes: boolean, left: number) =>
		`In force: ${[
			...(passkeys > 0 ? [passkeys === 1 ? 'one passkey' : `${passkeys} passkeys`] : []),
			...(hasCodes ? ['codes of your phone'] : [])
		].join(
			' and '
		)}. ${left === 1 ? 'One code' : `${left} codes`} for a lost device ${left === 1 ? 'is' : 'are'} left.`,
	passkeys: 'Passkeys',
	passkeyWhy:
		'A key that your phone or laptop keeps and opens by your finger, your face or its own number. It signs you in without a password, and works on this desk only.',
	passkeyName: 'What you call the device',
	passkeyNameHint: 'Such as “laptop at work”',
	addPasskey: 'Add a passkey',
	usePasskey: 'Use a passkey',
	lastUsed: (when: string) => `last used ${when}`,
	addedOn: (when: string) => `added ${when}`,
	takePasskeyAway: (name: string) => `Take it away: ${name}`,
	passkeyNeedsName: 'Passkeys need a name in the address. Here they work at',
	noPasskeysHere:
		'This browser has no passkeys, or the address of this desk has no name that they could go by.',
	passkeyThere: 'This device has a passkey of yours already.',
	passkeyNotUsed:
		'The device signed nothing: it was stopped, or has no passkey for this desk. Nothing was changed.',
	phoneCodes: 'Codes of a phone',
	signInWith: (name: string) => `Sign in with ${name}`,
	providerWhy: {
		cancelled: 'You were not signed in there. Try once more, or sign in with your password.',
		unreachable:
			'Your organisation’s sign-in does not answer. Sign in with your password, or try again in some minutes.',
		refused: 'Your organisation’s sign-in sent an unexpected answer. Try once more.',
		unknown: 'You were signed in there, but have no account here. Ask a coordinator to invite you.'
	},
	recordRight: 'Has audit log access',
	noRecordRight: 'No audit log access',
	giveRecord: 'Give audit log access',
	takeRecord: 'Remove audit log access',
	codeWhy: 'A code from your phone, asked beside your password.',
	codeNeeded: 'Your organisation asks for a second factor. Set it up to go on.',
	setUpCode: 'Set it up',
	changeCode: 'Change it',
	scanIt: 'Scan this with an app for sign-in codes on your phone.',
	qrOf: 'The secret as a QR code; it stands below in letters too',
	typeSecret: 'Or type this secret into the app:',
	codeNow: 'The code that it shows now',
	beginIt: 'Begin',
	codeBegun: 'The periods are saved and apply from now on.',
	recoveryLead:
		'Keep these codes apart from your device: each signs you in once if you lose it. They are shown only now.',
	keptThem: 'I have kept them',
	codeAsked: 'Signing in asks for a code of your phone.',
	codeStays:
		'Your organisation asks for it, so it stays. To move it to another phone, use a code that you kept, and ask a coordinator.',
	endCode: 'Take it away',
	currentPassword: 'Your password now',
	newPassword: (shortest: number) => `Your new password, at least ${shortest} characters`,
	changeIt: 'Change it',
	passwordChanged: 'Changed. Every other browser is signed out.'
};
