/** The list of people, and taking a list in. */
export const peopleTexts = {
	tickedPeople: 'Ticked people',
	forThese: (n: string | number) => `For these ${n}`,
	team: 'Team',
	onWord: 'On',
	forWord: 'For',
	yesForOnePerson: (n: number) => `Yes, for ${n === 1 ? 'one person' : `${n} people`}`,
	allThatMatch: (total: string | number) => `All ${total} that match`,
	untick: 'Untick',
	leftOutEachCan: (out: string | number) => `Left out: ${out}. Each can be sent one from their own case.`,
	whoIsWithA:
		'People who are with a clinician, have something grave open, or are answering or have just answered are left out. You see who they are.',
	sendASelfAssessment: 'Send a self-assessment',
	setAFollowUp: 'Set a follow-up',
	moveToATeam: 'Move to a team',
	takeBack: 'Take back',
	markAsLeft: 'Mark as left',
	doneForPersonPeople: (n: number, left: string) =>
		`Done for ${n} ${n === 1 ? 'person' : 'people'}.${left ? ` Left out: ${left}.` : ''}`,
	columns: 'Columns …',
	shownBesideTheName: 'Shown beside the name, on this device',
	showThese: 'Show these',
	exportWord: 'Export …',
	columnsOfTheTable: 'Columns of the table, for those who are shown',
	takeAlongAsCsv: 'Take along as CSV',
	opensInASpreadsheet: 'Opens in a spreadsheet, and can be imported again.',
	theList: 'The list',
	searchByNameTeam: 'Search by name, team or address',
	nameTeamOrAddress: 'Name, team or address ( / )',
	forgetTheFilter: (name: string | number) => `Forget the filter ${name}`,
	everyone: 'Everyone',
	nameOfTheFilter: 'Name of the filter',
	keep: 'Keep',
	keepThisFilter: 'Keep this filter …',
	everyTeam: 'Every team',
	selfAssessment: 'Self-assessment',
	anyState: 'Any state',
	level: 'Level',
	anyLevel: 'Any level',
	country: 'Country',
	everyCountry: 'Every country',
	complaint: 'Complaint',
	finding: 'Finding',
	who: 'Who',
	everyoneHere: 'Everyone here',
	whoIsShown: (isLeft: boolean) => (isLeft ? 'Who has left' : 'Whose letters come back'),
	search: 'Search',
	tickEveryoneOnThis: 'Tick everyone on this page',
	tick: (name: string | number) => `Tick ${name}`,
	hasLeft: ', has left',
	lettersComeBack: ', letters come back',
	andUnsure: (checksUnsure: string | number) => ` and ${checksUnsure} unsure`,
	needed: (field: string | number, hasField: boolean) => `${field}${hasField ? ', needed' : ''}`,
	joinedWithAsA: 'joined with, as a last name',
	notInThisFile: 'not in this file',
	column: (n: string | number) => `Column ${n}`,
	andMore: (n: string | number) => `and ${n} more.`,
	whatItWouldDo: 'What it would do',
	itAddsChangesAnd: ({
		added,
		changed,
		same
	}: {
		added: string | number;
		changed: string | number;
		same: string | number;
	}) => `It adds ${added}, changes ${changed}, and leaves ${same} as they are.`,
	holidaysAreNotKnown: (unknownCountries: string | number) =>
		`Holidays are not known for ${unknownCountries}: dates there skip weekends only.`,
	newWord: (added: string | number) => `New: ${added}`,
	changed: (changed: string | number) => `Changed: ${changed}`,
	wasEmpty: (from: string | null | undefined) => from || 'nothing',
	to: 'to',
	becomesEmpty: (to: string | null | undefined) => to || 'nothing',
	haveLeftAndAre: (back: string | number) => `Have left, and are in the file: ${back}`,
	takeAllBack: (back: string | number) => `Take ${back} back`,
	inTheListAnd: (absent: string | number) => `In the list, and not in the file: ${absent}`,
	theFileIsEverybody: (absent: string | number) => `The file is everybody: mark ${absent} as left`,
	oneThingHasThings: (all: number) =>
		`${all === 1 ? 'One thing has' : `${all} things have`} to be mended in the file`,
	nothingIsTakenIn: 'Nothing is taken in as long as one is left.',
	rowOf: (row: string | number, fieldNames: string | number) => `Row ${row}, ${fieldNames}`,
	theFirstRows: 'The first rows',
	row: 'Row',
	sortBy: (words: string | number) => `Sort: ${words}`,
	sortedSo: (words: string | number) => `, sort: ${words}`,
	peopleEasyCorner: 'People · Easy Corner',
	people: 'People',
	personPeopleMatchesMatch: ({
		counted,
		total,
		isNarrowed
	}: {
		counted: string | number;
		total: number;
		isNarrowed: boolean;
	}) =>
		`${counted} ${total === 1 ? 'person' : 'people'}${isNarrowed ? (total === 1 ? ' matches' : ' match') : ''}`,
	importAList: 'Import a list',
	nobodyInTheList: (isNarrowed: boolean) =>
		isNarrowed
			? 'Nobody matches. Search by part of a name, a team or an address, or take a filter away.'
			: 'Nobody is in the list yet. Import a list, or add the first person.',
	pagesOfTheList: 'Pages of the list',
	toTheStart: 'To the start',
	nextPage: 'Next page',
	importPeopleEasyCorner: 'Import people · Easy Corner',
	aSpreadsheetXlsxOr:
		'A spreadsheet (.xlsx) or CSV file with a row for each person. You see who is new, changed, absent or back before anything is taken in. People are known by their address, and a field without a column stays as it is.',
	file: 'File',
	apartByAWorkbook: ({
		name,
		people,
		how
	}: {
		name: string;
		people: string;
		how: { readonly delimiter: string; readonly encoding: string } | null;
	}) =>
		`${name}: ${people}${how ? `, apart by ${how.delimiter}, ${how.encoding}` : ', a workbook: its first sheet'}.`,
	theFirstRowIs: 'The first row is headings',
	whichColumnIsWhich: 'Which column is which',
	asInYourLast: 'As in your last file with these headings.',
	asItWouldBe: 'As it would be read',
	takeInOrSee: (hasReport: boolean) => (hasReport ? 'Take them in' : 'See what it would do'),
	chooseTheColumnsOf: 'Choose the columns of name and address first.',
	takenInAddedChanged: ({
		added,
		changed,
		same,
		hasTakeBack,
		back,
		hasLeaveAbsent,
		absent
	}: {
		added: string | number;
		changed: string | number;
		same: string | number;
		hasTakeBack: boolean;
		back: string | number;
		hasLeaveAbsent: boolean;
		absent: string | number;
	}) =>
		`Taken in: ${added} added, ${changed} changed, ${same} as they were${hasTakeBack ? `, ${back} taken back` : ''}${hasLeaveAbsent ? `, ${absent} marked as left` : ''}.`,
	goToPeople: 'Go to People',
	addAPersonEasy: 'Add a person · Easy Corner',
	addAPerson: 'Add a person',
	name: 'Name',
	eMailAddress: 'E-mail address',
	teamMayStayEmpty: 'Team (may stay empty)',
	phoneMayStayEmpty: 'Phone (may stay empty)',
	add: 'Add',
	cancel: 'Cancel',
	writeWholeAddress: 'Write a whole e-mail address, like name@organisation.example.',
	giveTheirName: 'Give the person’s name.',
	nothingWasTakenIn: 'The server could not be reached. Nothing was taken in: try again.'
};
