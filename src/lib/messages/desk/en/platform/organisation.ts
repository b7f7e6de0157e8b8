import type { WebhookKind } from '$lib/core/platform/webhooks/webhook-kinds';
import type { EmailKind } from '$lib/core/platform/sending/email-kinds';

/** The organisation's settings, and all emails as they arrive. */
export const organisationTexts = {
	title: 'Organisation · Easy Corner',
	heading: 'Organisation',
	lead: 'Emails, privacy information, reports and printed letters show these details. They help people see that a message really comes from you.',
	firstLead:
		'Before the first email goes out, tell people who writes to them. Emails, privacy information, reports and printed letters will show these details.',
	saved: 'Saved. New emails and pages show these details from now on.',
	nameLabel: 'Name of the organisation',
	nameHint: 'As your employees know it',
	logo: 'Logo',
	logoHint: 'PNG, JPEG or WebP, up to 2 MB. We redraw it, so nothing hidden in the file is kept.',
	logoAlt: (name: string) => `Logo of ${name}`,
	logoTooLarge: 'This picture is larger than 2 MB. Choose a smaller one.',
	addLogo: 'Add a logo',
	replaceLogo: 'Replace the logo',
	noLogo: 'No logo yet.',
	removeLogo: 'Remove logo',
	saveFirst: 'Save the organisation first, then add its logo.',
	contactName: 'Contact person',
	contactNameHint: 'Signs emails to employees',
	contactRole: 'Job title',
	contactRoleHint: 'Such as occupational health coordinator',
	phone: 'Phone number',
	phoneHint: 'People can call it to ask whether an email is genuine',
	replyTo: 'Email address for replies',
	replyToHint: 'If you leave this empty, replies go to the address that sends the emails',
	address: 'Postal address',
	addressHint: 'For printed letters and below emails',
	genuinePage: 'Page that confirms your emails',
	genuinePageHint: 'A page on your own website or intranet, starting with https://',
	takingPart: 'Taking part',
	participation: {
		voluntary: 'Voluntary',
		duty: 'Part of our health and safety duty'
	},
	participationHint:
		'Invitations and the privacy information say so. Check what the law of your country says.',
	dutyLaw: 'The law or agreement it comes from',
	dutyLawHint: 'Such as a display screen regulation',
	language: 'Language for new people',
	languageHint: 'People can change it on their own pages',
	timeZone: 'Time zone',
	timeZoneHint: 'For the days and times you see here, and for people whose time zone isn’t known',
	moreTimeZones: 'There are more. Type a city to find it.',
	noTimeZone: 'No time zone matches. Type a city such as Lisbon.',
	save: 'Save organisation',
	seeEmails: 'Emails and replies',
	emailsTitle: 'Emails and replies · Easy Corner',
	emailsHeading: 'Emails and replies',
	emailsLead:
		'Every email that Easy Corner sends, as it arrives, and every reply that it suggests. Word those to employees your way, and send an email to yourself to see it in your mailbox.',
	back: 'Back to Organisation',
	/** Who each email goes to, and when it is sent: for the list of all emails. */
	emailNames: {
		invitation: 'Invitation to a self-assessment',
		reminder: 'Reminder of a self-assessment',
		message: 'Message from a coordinator',
		equipment: 'News about equipment',
		'plan-reminder': 'Plan not started',
		'trial-question': 'A day of trying something else',
		'check-in': 'Check-in',
		'check-in-reminder': 'Reminder of a check-in',
		recheck: 'Next self-assessment',
		'recheck-reminder': 'Reminder of the next self-assessment',
		'referral-new': 'New referral',
		'referral-answered': 'Answer about a referral',
		'referral-ended': 'Referral cancelled',
		'deputy-alert': 'Emergency not opened',
		'account-invitation': 'Invitation to an account',
		'password-reset': 'Forgotten password',
		'new-device': 'Sign-in from a new browser',
		tries: 'Wrong passwords',
		codes: 'Wrong sign-in codes',
		password: 'Password changed',
		passkey: 'Passkey added',
		'passkey-removed': 'Passkey removed',
		'factor-set': 'Second factor set up',
		'factor-ended': 'Second factor removed',
		'log-given': 'Audit log access given',
		'log-taken': 'Audit log access removed',
		provider: 'First sign-in with the organisation’s account',
		'api-token': 'API token made'
	} satisfies Record<EmailKind, string>,
	groups: { employees: 'To employees', clinicians: 'To clinicians', accounts: 'About accounts' },
	coverLink: 'Cover for emergencies',
	cover: {
		title: 'Cover for emergencies · Easy Corner',
		heading: 'Cover for emergencies',
		lead: 'An emergency warning sign tells the employee to call for help at once. Choose here who gets an email if your team doesn’t open the report.',
		minutes: 'Email the deputy if nobody has opened the report after',
		never: 'Never',
		minutesWords: (minutes: number) =>
			minutes === 60 ? 'an hour' : minutes === 120 ? 'two hours' : `${minutes} minutes`,
		deputy: 'Deputy',
		everyCoordinator: 'Every coordinator',
		deputyHint: 'The email doesn’t name the employee. If the account is closed, every coordinator gets it.',
		outOfHours: 'Outside working hours',
		outOfHoursHint:
			'Employees read this on the page that tells them to call. Describe what really happens, such as “We don’t read reports at night.”',
		webhook: 'Webhook address',
		webhookHint:
			'We also alert a program of yours, such as an on-call system. It gets the kind of alert and a number, but nothing about the employee.',
		secret: 'Signing secret',
		secretHint:
			'Every message has the header x-easy-corner-signature: t=seconds,v1=signature. The signature is the HMAC-SHA-256 of “seconds.body” with this secret, in hexadecimal.',
		save: 'Save cover',
		saved: 'Saved. It applies from now on.'
	},
	webhooks: {
		link: 'Webhooks',
		title: 'Webhooks · Easy Corner',
		heading: 'Webhooks',
		lead: 'Easy Corner notifies another program, such as a ticket system, of what is done here. It sends the kind of act and a number that leads to no one. It never sends a name, a warning sign, a score, or who hasn’t answered.',
		none: 'No program is notified.',
		add: 'Add a webhook',
		name: 'Name',
		url: 'Address',
		urlHint: 'It starts with https://. A new address gets a new secret.',
		isOn: 'Switched on',
		kinds: 'Notify it when someone …',
		kindNames: {
			'people-imported': 'imported people',
			'person-added': 'added a person',
			'person-left': 'marked a person as having left',
			'person-returned': 'marked a person as having returned',
			'person-erased': 'erased a person',
			'round-sent': 'sent a round',
			'round-closed': 'closed a round',
			'assessment-sent': 'was sent a self-assessment',
			answered: 'sent their answers',
			'checked-in': 'answered a check-in',
			'case-seen': 'marked a case as done',
			'follow-up-set': 'set a follow-up',
			'follow-up-done': 'finished a follow-up',
			'equipment-asked': 'requested equipment',
			'equipment-decided': 'decided on a request',
			'equipment-not-needed': 'withdrew a request',
			test: 'tried it (test message)'
		} satisfies Record<WebhookKind | 'test', string>,
		secret: 'Signing secret',
		message:
			'A message is {"kind":"answered","number":"…"}. If a message is sent again, its number is the same.',
		change: 'Change it',
		save: 'Save webhook',
		saved: 'Saved. A webhook that is switched on is notified of everything done from then on.',
		test: 'Send a test message',
		taken: 'The test message was taken.',
		notTaken: (fault: string) => `The test message was not taken: ${fault}.`,
		remove: 'Remove webhook',
		removed: 'Removed.',
		state: (name: string, isOn: boolean) => `${name}: ${isOn ? 'on' : 'off'}`,
		failing: (day: string) =>
			`It has taken nothing since ${day}. We try again, less and less often, for three days, then a message is given up.`,
		counts: (waiting: number, givenUp: number) =>
			[
				waiting === 0
					? 'No message is waiting'
					: waiting === 1
						? 'One message is waiting'
						: `${waiting} messages are waiting`,
				...(givenUp === 0
					? []
					: [`${givenUp} of the last 30 days ${givenUp === 1 ? 'was' : 'were'} given up`])
			].join('; ') + '.',
		newest: 'Newest messages',
		noMessages: 'Nothing has been sent to it yet.',
		columns: { when: 'When', kind: 'Kind', number: 'Number', result: 'Result' },
		results: {
			taken: 'taken',
			waiting: 'waiting',
			again: (fault: string) => `tried again later: ${fault}`,
			givenUp: (fault: string) => `given up: ${fault}`,
			notTaken: (fault: string) => `not taken: ${fault}`
		},
		faults: {
			status: (status: string) => `it answered ${status}`,
			unreachable: 'it couldn’t be reached, or we may not call its address'
		}
	},
	archive: {
		link: 'Archive of everything',
		title: 'Archive · Easy Corner',
		heading: 'Archive of everything',
		lead: 'Everything the organisation has in Easy Corner as one file (.tar.gz): to keep, to read with other programs, or to move to another server.',
		hasHeading: 'Included',
		has: [
			'People, answers, plans, discomfort, warning signs, follow-ups, messages, referrals, rounds and emails',
			'Settings, checklists, texts of your own, checked translations, figures and the audit log',
			'A drawing of every workstation, as measured and as planned (SVG)',
			'A manifest with the size and hash of every file'
		],
		formats: 'Tables are CSV; tables with documents in them are JSON, one document a line.',
		lacksHeading: 'Not included',
		lacks: [
			'Passwords, second factors and passkeys: everyone chooses a new password on the other server',
			'The addresses and secrets of webhooks'
		],
		caution:
			'It contains everyone’s health data, and anyone who gets hold of the file can read it. Encrypt it, and delete it when you no longer need it.',
		download: 'Download the archive',
		duration:
			'It is written while it is downloaded, as everything is now. For 20,000 people that takes some minutes.',
		loadHeading: 'Loading it',
		load: 'The administrator of the other server loads it into an empty database of the same version: npm run app -- archive load FILE. A load that was interrupted continues where it stopped.',
		noRight:
			'The archive includes the audit log, so you need access to that log to download it. Colleagues who have access can give it to you under Accounts.'
	},
	translationsLink: 'Check translations of warning signs',
	translations: {
		title: 'Translations · Easy Corner',
		heading: 'Translations of warning signs',
		lead: 'A wrong word in a warning sign can hurt someone. Ask a person who knows the language and the field to read these texts. Until you confirm it, employees see the English text beside them.',
		reviewed: (language: string, by: string, when: string) => `${language} was checked by ${by}, ${when}.`,
		notReviewed: (language: string) =>
			`${language} isn’t checked yet. Employees see the English text beside these texts.`,
		reviewer: 'Name of the person who checked these texts',
		reviewerHint: 'Such as an occupational physician who speaks the language',
		confirm: (language: string) => `Confirm ${language}`
	},
	asHtml: 'As it looks',
	hidePictures: 'Hide pictures, as many mail programs do',
	showPictures: 'Show pictures',
	asText: 'As plain text',
	from: 'From',
	subject: 'Subject',
	senderAlone: 'the sender’s address',
	sendToMe: 'Send this email to me',
	sentToMe: (address: string) => `We’ve sent this email to ${address}.`,
	preview: (name: string) => `Preview: ${name}`
};
