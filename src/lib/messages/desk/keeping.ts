/** What is stored about people, for how long, who viewed it, and how it is erased. */
export const retentionTexts = {
	accounts: 'Accounts',
	erase: (name: string) => `Delete all data about ${name}`,
	eraseTitle: (name: string) => `Delete all data about ${name} · Easy Corner`,
	signWaits: 'A warning sign is open. Record its outcome first, then delete the data.',
	toTheCase: 'Open the case',
	goes: 'Data we’ll delete',
	stays: 'Data that stays, and why',
	whoTheyAre: 'Personal details',
	workedOut: 'Everything calculated from it. They also no longer count in new results.',
	counted: (kind: string, n: number) => `${kind}: ${n}`,
	recordStays: (n: number) =>
		`${n === 1 ? 'One audit log entry' : `${n} audit log entries`}, under a number without a name. They prove who did what and contain no answers.`,
	reportsStay: 'Totals in earlier reports. Each is of five people or more.',
	backupsStay: 'Backups, until they are deleted. Ask the person who runs Easy Corner when that is.',
	everythingFirst: 'See all their data first',
	why: 'Reason',
	reasons: {
		asked: 'They asked for it',
		retention: 'We’ve kept it long enough',
		mistake: 'They were added by mistake'
	},
	writeName: (name: string) => `Type ${name} to confirm`,
	eraseForGood: 'Delete all data',
	leaveIt: 'Cancel',
	everything: (name: string) => `All data about ${name}`,
	everythingTitle: (name: string) => `All data about ${name} · Easy Corner`,
	everythingLead:
		'A copy of their data that you can give them. Coordinators’ own notes and the secret parts of links are left out.',
	back: 'Back to the case',
	print: 'Print',
	asFile: 'Download (JSON)',
	kinds: {
		assessments: 'Self-assessments',
		judgements: 'Results',
		reportedSigns: 'Warning signs',
		checkIns: 'Check-ins',
		messages: 'Messages',
		contacts: 'Contacts',
		notes: 'Notes',
		referrals: 'Referrals',
		referralLines: 'Messages about referrals',
		followUps: 'Follow-ups',
		letters: 'Emails',
		rounds: 'Assessment rounds',
		breaks: 'Break schedule',
		breakWeeks: 'Weeks of breaks they shared',
		plans: 'Plans',
		steps: 'Steps ticked',
		stepsDone: 'Steps done',
		equipment: 'Equipment requests',
		measuredAgain: 'Height checks',
		discomfort: 'Reports of discomfort',
		record: 'Audit log'
	},
	fields: { at: 'When', by: 'By', act: 'What', name: 'Name', fromPerson: 'Written by them' },
	retention: 'How long data is kept',
	retentionTitle: 'How long data is kept · Easy Corner',
	retentionLead:
		'We delete people’s data automatically within an hour after the period ends, and the audit log says so. Deleting pauses for the first week, and for a week after the server stood still or its clock jumped. People with an open warning sign stay until you record its outcome. Your country’s law says how long you have to keep data and how long you may: check it first.',
	yearsAfterLeaving: 'Years after leaving',
	yearsAfterAnswer: 'Years after the last answer',
	seeWhom: 'Show the people affected',
	concerns: (n: number, isMore: boolean) =>
		n === 0
			? 'No one is affected today.'
			: n === 1
				? 'This affects one person today:'
				: `This affects ${isMore ? 'more than ' : ''}${n} people today:`,
	left: (day: string) => `left ${day}`,
	putInForce: 'Save and start deleting',
	inForceHint: 'These people’s data will be deleted automatically. This can’t be undone.',
	isInForce: 'These periods apply now.',
	retentionKept: 'The periods are saved and apply from now on.',
	record: 'Audit log',
	recordOf: (name: string) => (name ? `Audit log: ${name}` : 'Audit log'),
	recordTitle: 'Audit log · Easy Corner',
	recordLead:
		'Everything people did, and every time someone’s data was viewed. It contains no answers. Your own visits to this page are listed too.',
	show: 'Show',
	what: 'Action',
	who: 'Person',
	everyAct: 'All actions',
	everybody: 'Everyone',
	from: 'From',
	until: 'Until',
	when: 'When',
	aboutWhom: 'About',
	details: 'Details',
	by: { user: 'a user', person: 'the employee', system: 'Easy Corner' },
	nothingFound: 'No entries match.',
	earlier: 'Earlier',
	chain: 'Check the audit log',
	chainLead:
		'We seal each entry together with the one before it, within a minute. Save a copy of the newest seal elsewhere. It proves later that no earlier entry was changed or removed.',
	newestSeal: (day: string) => `Newest seal, ${day}:`,
	checkChain: 'Check new entries',
	checkWholeChain: 'Check all entries',
	chainWhole: (n: number, since: string | null) =>
		n === 0
			? 'There are no new entries since the last check. Nothing is missing.'
			: `${n === 1 ? 'One seal is' : `All ${n} seals${since ? ` since the check of ${since}` : ''} are`} right, and no line is missing.`,
	linesMissing: (n: number) =>
		n > 0
			? `${n === 1 ? 'One line was' : `${n} lines were`} removed before we could seal ${n === 1 ? 'it' : 'them'}. Don’t change the database, and tell the person who runs Easy Corner.`
			: `${n === -1 ? 'One line was' : `${-n} lines were`} added past Easy Corner. Don’t change the database, and tell the person who runs Easy Corner.`,
	chainBroken: (line: string) =>
		`Line ${line} is not what was sealed. Don’t change the database, and tell the person who runs Easy Corner.`,
	ofThem: 'Their data',
	everythingLink: 'View all their data',
	whoLooked: 'Audit log',
	eraseLink: 'Delete their data …'
};
