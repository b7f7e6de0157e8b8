/** What is kept of people, for how long, who looked at it, and how it goes. */
export const keeping = {
	accounts: 'Accounts',
	erase: (name: string) => `Erase ${name}`,
	eraseTitle: (name: string) => `Erase ${name} · Easy Corner`,
	signWaits:
		'A warning sign waits for an outcome. Record whom you reached first: until then nobody is erased.',
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
		'We erase people’s data automatically within an hour after their time is over, and the audit log says so; nobody goes in the first week, nor in the week after the server stood still or its clock jumped. Who has a warning sign without an outcome stays until there is one. The law of your country says how long you have to keep what, and may keep it: ask who knows.',
	yearsAfterLeaving: 'Years after leaving',
	yearsAfterAnswer: 'Years after the last answer',
	seeWhom: 'See whom it concerns',
	concerns: (n: number, isMore: boolean) =>
		n === 0
			? 'Today it concerns nobody.'
			: n === 1
				? 'Today it concerns one person:'
				: `Today it concerns ${isMore ? 'more than ' : ''}${n} people:`,
	left: (day: string) => `left ${day}`,
	putInForce: 'Put it in force',
	inForceHint: 'These people’s data will be deleted automatically. This can’t be undone.',
	isInForce: 'This is in force.',
	retentionKept: 'In force from now on.',
	record: 'The record',
	recordOf: (name: string) =>
		name ? `Who did what, and who looked: ${name}` : 'Who did what, and who looked',
	recordTitle: 'The record · Easy Corner',
	recordLead:
		'Who did what, and who looked at whom: kept for good, by number, without a word of what anybody answered. That you read it is on it too.',
	show: 'Show',
	what: 'What',
	who: 'Who',
	everyAct: 'Everything',
	everybody: 'Everybody',
	from: 'From',
	until: 'Until',
	when: 'When',
	aboutWhom: 'About whom',
	details: 'Details',
	by: { user: 'someone', person: 'the person themselves', system: 'Easy Corner' },
	nothingFound: 'Nothing of that is on record.',
	earlier: 'Earlier',
	chain: 'Nothing was changed',
	chainLead:
		'Each line is sealed within a minute with the one before it. Who notes the newest seal down elsewhere can prove later that nothing before it was changed or taken out.',
	newestSeal: (day: string) => `The newest seal, of ${day}:`,
	checkChain: 'Check every seal',
	chainWhole: (n: number) => `All ${n} seals are right.`,
	chainBroken: (line: string) =>
		`Line ${line} is not what was sealed. Keep the database as it is, and tell who runs Easy Corner.`,
	ofThem: 'Their data',
	everythingLink: 'Everything that is known of them',
	whoLooked: 'Who did what, and who looked',
	eraseLink: 'Erase them …'
};
