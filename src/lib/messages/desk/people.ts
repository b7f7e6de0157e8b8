/** The list of people, and importing a list. */
export const peopleTexts = {
	tickedPeople: 'Selected people',
	forThese: (n: string | number) => `For these ${n}`,
	team: 'Team',
	onWord: 'On',
	forWord: 'For',
	yesForOnePerson: (n: number) => `Confirm for ${n === 1 ? 'one person' : `${n} people`}`,
	allThatMatch: (total: string | number) => `Select all ${total} that match`,
	untick: 'Clear selection',
	leftOutEachCan: (out: string | number) => `Left out: ${out}. You can still send them one from their case.`,
	whoIsWithA:
		'We leave out people who were referred, have an open warning sign, are answering now or have just answered. You’ll see their names.',
	sendASelfAssessment: 'Send a self-assessment',
	setAFollowUp: 'Set a follow-up',
	moveToATeam: 'Move to a team',
	takeBack: 'Mark as returned',
	markAsLeft: 'Mark as leaver',
	doneForPersonPeople: (n: number, left: string) =>
		`Done for ${n} ${n === 1 ? 'person' : 'people'}.${left ? ` Left out: ${left}.` : ''}`,
	columns: 'Columns …',
	shownBesideTheName: 'Columns shown on this device',
	showThese: 'Save columns',
	exportWord: 'Export …',
	columnsOfTheTable: 'Exports the people and columns that are shown',
	takeAlongAsCsv: 'Download CSV',
	opensInASpreadsheet: 'You can open it in a spreadsheet and import it again.',
	theList: 'Filters',
	searchByNameTeam: 'Search by name, team or address',
	nameTeamOrAddress: 'Name, team or address ( / )',
	forgetTheFilter: (name: string | number) => `Delete the filter ${name}`,
	everyone: 'Everyone',
	nameOfTheFilter: 'Name of the filter',
	keep: 'Save filter',
	keepThisFilter: 'Save this filter …',
	everyTeam: 'All teams',
	selfAssessment: 'Self-assessment',
	anyState: 'Any status',
	level: 'Level',
	anyLevel: 'Any level',
	country: 'Country',
	everyCountry: 'All countries',
	complaint: 'Discomfort',
	finding: 'Problem',
	who: 'People',
	everyoneHere: 'Current employees',
	whoIsShown: (isLeft: boolean) => (isLeft ? 'Leavers' : 'Emails returned'),
	search: 'Search',
	tickEveryoneOnThis: 'Select everyone on this page',
	tick: (name: string | number) => `Select ${name}`,
	hasLeft: ', has left',
	lettersComeBack: ', emails are returned',
	andUnsure: (checksUnsure: string | number) => ` and ${checksUnsure} not known yet`,
	needed: (field: string | number, hasField: boolean) => `${field}${hasField ? ' (required)' : ''}`,
	moreThan: (n: number) => `more than ${n}`,
	noTableIn: (file: string) =>
		`We found no table in ${file}. Save it as .xlsx or CSV from your spreadsheet, then choose it again.`,
	noSecondColumn: 'nothing',
	joinedWithAsA: 'combined with (such as last name)',
	notInThisFile: 'not in this file',
	column: (n: string | number) => `Column ${n}`,
	andMore: (n: string | number) => `and ${n} more.`,
	whatItWouldDo: 'Changes',
	itAddsChangesAnd: ({
		added,
		changed,
		same
	}: {
		added: string | number;
		changed: string | number;
		same: string | number;
	}) => `${added} will be added, ${changed} changed, and ${same} stay the same.`,
	holidaysAreNotKnown: (unknownCountries: string | number) =>
		`We don’t know the public holidays of ${unknownCountries}. Dates there skip weekends only.`,
	newWord: (added: string | number) => `New: ${added}`,
	changed: (changed: string | number) => `Changed: ${changed}`,
	wasEmpty: (from: string | null | undefined) => from || 'empty',
	to: 'to',
	becomesEmpty: (to: string | null | undefined) => to || 'empty',
	haveLeftAndAre: (back: string | number) => `Leavers who are in the file: ${back}`,
	takeAllBack: (back: string | number) => `Mark ${back} as returned`,
	inTheListAnd: (absent: string | number) => `People who are missing from the file: ${absent}`,
	theFileIsEverybody: (absent: string | number) =>
		`This is the full list: mark ${absent} missing people as leavers`,
	oneThingHasThings: (all: number) =>
		`${all === 1 ? 'One problem' : `${all} problems`} to correct in the file`,
	nothingIsTakenIn: 'You can import the file once they’re corrected.',
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
			? 'No people match. Search for part of a name, team or address, or remove a filter.'
			: 'There are no people yet. Import a list, or add the first person.',
	pagesOfTheList: 'Pages of the list',
	toTheStart: 'To the start',
	nextPage: 'Next page',
	importPeopleEasyCorner: 'Import people · Easy Corner',
	aSpreadsheetXlsxOr:
		'Choose a spreadsheet (.xlsx) or CSV file with one row for each person. You’ll see who is new, changed, missing or back before anything is imported. We match people by email address. Fields without a column stay the same.',
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
		`${name}: ${people}${how ? `, separated by ${how.delimiter}, ${how.encoding}` : ', first sheet of the workbook'}.`,
	theFirstRowIs: 'The first row has headings',
	whichColumnIsWhich: 'Match the columns',
	asInYourLast: 'Same as in your last file with these headings.',
	asItWouldBe: 'Preview',
	takeInOrSee: (hasReport: boolean) => (hasReport ? 'Import people' : 'Check the file'),
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
		`Imported: ${added} added, ${changed} changed, ${same} unchanged${hasTakeBack ? `, ${back} marked as returned` : ''}${hasLeaveAbsent ? `, ${absent} marked as leavers` : ''}.`,
	goToPeople: 'Go to People',
	addAPersonEasy: 'Add a person · Easy Corner',
	addAPerson: 'Add a person',
	name: 'Name',
	eMailAddress: 'Email address',
	teamMayStayEmpty: 'Team (optional)',
	phoneMayStayEmpty: 'Phone (optional)',
	add: 'Add person',
	cancel: 'Cancel',
	writeWholeAddress: 'Enter a full email address, such as name@organisation.example.',
	giveTheirName: 'Enter the person’s name.',
	nothingWasTakenIn: 'We couldn’t reach the server. Nothing was imported. Please try again.'
};
