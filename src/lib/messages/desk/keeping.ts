/** What is kept of people, for how long, who looked at it, and how it goes. */
export const retentionTexts = {
	accounts: 'Accounts',
	erase: (name: string) => `Erase ${name}`,
	eraseTitle: (name: string) => `Erase ${name} · Easy Corner`,
	signWaits: 'A warning sign is open. Record its outcome first, then erase.',
	toTheCase: 'Go to the case',
	goes: 'What goes, for good',
	stays: 'What stays, and why',
	whoTheyAre: 'Who they are',
	workedOut: 'Everything that was worked out from it, and their place in figures that are made from now on',
	counted: (kind: string, n: number) => `${kind}: ${n}`,
	recordStays: (n: number) =>
		`${n === 1 ? 'One line' : `${n} lines`} of the record, under a number that no longer leads to anyone: it proves who did what, and holds no name and no answer`,
	reportsStay: 'Figures in reports that were made before: none is of fewer than five people',
	backupsStay: 'Backups, until they are thrown away: who runs Easy Corner says when',
	everythingFirst: 'See everything that is known of them',
	why: 'Why',
	reasons: {
		asked: 'They asked for it',
		retention: 'It has been kept long enough',
		mistake: 'They should never have been in the list'
	},
	writeName: (name: string) => `To be sure, write ${name}`,
	eraseForGood: 'Erase for good',
	leaveIt: 'Leave it',
	everything: (name: string) => `Everything that is known of ${name}`,
	everythingTitle: (name: string) => `Everything of ${name} · Easy Corner`,
	everythingLead:
		'As it is kept, for them to have. Notes that coordinators keep to themselves are left out, and so are the secrets of links.',
	back: 'Back to the case',
	print: 'Print',
	asFile: 'Take along (JSON)',
	kinds: {
		assessments: 'Self-assessments',
		judgements: 'Judgements',
		reportedSigns: 'Warning signs',
		checkIns: 'Check-ins',
		messages: 'Messages',
		contacts: 'Calls and talks',
		notes: 'Notes',
		referrals: 'Referrals',
		referralLines: 'Written about referrals',
		followUps: 'Follow-ups',
		letters: 'Letters',
		rounds: 'Rounds they were in',
		breaks: 'Rhythm of breaks',
		breakWeeks: 'Weeks of breaks that they shared',
		plans: 'Plans',
		steps: 'Steps ticked',
		stepsDone: 'Steps done',
		equipment: 'Things asked for',
		measuredAgain: 'Heights measured again',
		discomfort: 'Reports of discomfort',
		record: 'Who did what, and who looked'
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
			? 'Nobody is affected today.'
			: n === 1
				? 'This affects one person today:'
				: `This affects ${isMore ? 'more than ' : ''}${n} people today:`,
	left: (day: string) => `left ${day}`,
	putInForce: 'Save and start deleting',
	inForceHint: 'These people’s data will be deleted automatically. This can’t be undone.',
	isInForce: 'These periods apply now.',
	retentionKept: 'The periods are saved and apply from now on.',
	record: 'Audit log',
	recordOf: (name: string) =>
		name ? `Who did what, and who looked: ${name}` : 'Who did what, and who looked',
	recordTitle: 'Audit log · Easy Corner',
	recordLead:
		'Every act and every look at a person’s data, saved for good under numbers. It holds no answers. Your own visits to this page are on it too.',
	show: 'Show',
	what: 'What',
	who: 'Who',
	everyAct: 'Everything',
	everybody: 'Everybody',
	from: 'From',
	until: 'Until',
	when: 'When',
	aboutWhom: 'About',
	details: 'Details',
	by: { user: 'someone', person: 'the person themselves', system: 'Easy Corner' },
	nothingFound: 'No entries match.',
	earlier: 'Earlier',
	chain: 'Nothing was changed',
	chainLead:
		'We seal each line with the one before it within a minute. Copy the newest seal somewhere else, and you can prove later that nothing before it was changed or removed.',
	newestSeal: (day: string) => `The newest seal, of ${day}:`,
	checkChain: 'Check what is new',
	checkWholeChain: 'Check every seal',
	chainWhole: (n: number, since: string | null) =>
		n === 0
			? 'Nothing has been written since the last check, and nothing is missing.'
			: `${n === 1 ? 'One seal is' : `All ${n} seals${since ? ` since the check of ${since}` : ''} are`} right, and no line is missing.`,
	linesMissing: (n: number) =>
		n > 0
			? `${n === 1 ? 'One line was' : `${n} lines were`} removed before we could seal ${n === 1 ? 'it' : 'them'}. Don’t change the database, and tell the person who runs Easy Corner.`
			: `${n === -1 ? 'One line was' : `${-n} lines were`} added past Easy Corner. Don’t change the database, and tell the person who runs Easy Corner.`,
	chainBroken: (line: string) =>
		`Line ${line} is not what was sealed. Don’t change the database, and tell the person who runs Easy Corner.`,
	ofThem: 'Their data',
	everythingLink: 'Everything that is known of them',
	whoLooked: 'Who did what, and who looked',
	eraseLink: 'Erase them …'
};
