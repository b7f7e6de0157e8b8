import type { UndoRefusal } from '$lib/core/people/exchange/import-report';
/** An import of today. */
export interface ImportFacts {
	readonly by: string;
	readonly at: string;
	readonly added: number;
	readonly changed: number;
	readonly moved: number;
}

/** The list of people, and importing a list. */
export const peopleTexts = {
	selectedPeople: 'Selected people',
	forSelected: (n: string | number) => `For these ${n}`,
	team: 'Team',
	onDay: 'On',
	reason: 'For',
	confirmFor: (n: number) => `Confirm for ${n === 1 ? 'one person' : `${n} people`}`,
	selectAllMatching: (total: string | number) => `Select all ${total} that match`,
	clearSelection: 'Clear selection',
	leftOut: (out: string | number) => `Left out: ${out}. You can still send them one from their case.`,
	leftOutRule:
		'We leave out people who were referred, have an open warning sign, are answering now or have just answered. You’ll see their names.',
	sendSelfAssessment: 'Send a self-assessment',
	setFollowUp: 'Set a follow-up',
	moveToTeam: 'Move to a team',
	markReturned: 'Mark as returned',
	markLeaver: 'Mark as leaver',
	doneFor: (n: number, left: string) =>
		`Done for ${n} ${n === 1 ? 'person' : 'people'}.${left ? ` Left out: ${left}.` : ''}`,
	columnsMenu: 'Columns …',
	columnsHere: 'Columns shown on this device',
	saveColumns: 'Save columns',
	exportMenu: 'Export …',
	exportHint: 'Exports the people and columns that are shown',
	downloadCsv: 'Download CSV',
	csvHint: 'You can open it in a spreadsheet and import it again.',
	filters: 'Filters',
	searchLabel: 'Search by name, team or address',
	searchPlaceholder: 'Name, team or address ( / )',
	deleteFilter: (name: string | number) => `Delete the filter ${name}`,
	everyone: 'Everyone',
	filterName: 'Name of the filter',
	saveFilter: 'Save filter',
	saveFilterMenu: 'Save this filter …',
	allTeams: 'All teams',
	selfAssessment: 'Self-assessment',
	anyStatus: 'Any status',
	level: 'Level',
	anyLevel: 'Any level',
	country: 'Country',
	allCountries: 'All countries',
	discomfort: 'Discomfort',
	problem: 'Problem',
	people: 'People',
	currentEmployees: 'Current employees',
	leaversOrReturned: (isLeft: boolean) => (isLeft ? 'Leavers' : 'Emails returned'),
	search: 'Search',
	selectPage: 'Select everyone on this page',
	select: (name: string | number) => `Select ${name}`,
	hasLeft: ', has left',
	emailsReturned: ', emails are returned',
	andUnknown: (checksUnsure: string | number) => ` and ${checksUnsure} not known yet`,
	required: (field: string | number, hasField: boolean) => `${field}${hasField ? ' (required)' : ''}`,
	moreThan: (n: number) => `more than ${n}`,
	noTableIn: (file: string) =>
		`We found no table in ${file}. Save it as .xlsx or CSV from your spreadsheet, then choose it again.`,
	noSecondColumn: 'nothing',
	combinedWith: 'combined with (such as last name)',
	notInFile: 'not in this file',
	column: (n: string | number) => `Column ${n}`,
	andMore: (n: string | number) => `and ${n} more.`,
	changes: 'Changes',
	changesSummary: ({
		added,
		changed,
		same
	}: {
		added: string | number;
		changed: string | number;
		same: string | number;
	}) => `${added} will be added, ${changed} changed, and ${same} stay the same.`,
	holidaysUnknown: (unknownCountries: string | number) =>
		`We don’t know the public holidays of ${unknownCountries}. Dates there skip weekends only.`,
	newCount: (added: string | number) => `New: ${added}`,
	changedCount: (changed: string | number) => `Changed: ${changed}`,
	before: (from: string | null | undefined) => from || 'empty',
	to: 'to',
	after: (to: string | null | undefined) => to || 'empty',
	leaversInFile: (back: string | number) => `Leavers who are in the file: ${back}`,
	markAllReturned: (back: string | number) => `Mark ${back} as returned`,
	missingFromFile: (absent: string | number) => `People who are missing from the file: ${absent}`,
	markMissing: (absent: string | number) => `This is the full list: mark ${absent} as leavers`,
	problemsInFile: (all: number) => `${all === 1 ? 'One problem' : `${all} problems`} to correct in the file`,
	importAfterFixing:
		'Correct them in the file and choose it again. Or import the rest now, and these rows later.',
	faultCount: (field: string, n: number) => `${field}: ${n === 1 ? 'one row' : `${n} rows`}`,
	inRows: (rows: string, more: number) =>
		more > 0 ? `Rows ${rows} and ${more} more.` : rows.includes(',') ? `Rows ${rows}.` : `Row ${rows}.`,
	andMoreTexts: (n: number) => (n === 1 ? 'One more text like this.' : `${n} more texts like this.`),
	missingNotSure: 'Some of them may be in the rows that are left out, so they stay.',
	departed: (n: number) =>
		n === 1
			? 'One person isn’t added, because their leaving date has come.'
			: `${n} people aren’t added, because their leaving date has come.`,
	leaveOut: 'Import the rest: leave out rows without a name or a usable address, and leave other cells empty',
	downloadFaulty: 'Download these rows',
	faultyFile: 'rows-to-correct.csv',
	ignoredRows: (n: number) =>
		n === 1 ? 'We left out one row that holds no person' : `We left out ${n} rows that hold no person`,
	ignoredRow: (row: number, why: string, text: string) => `Row ${row}, ${why}: ${text}`,
	headingRow: 'Headings are in',
	noHeadings: 'no row: the file has none',
	rowShown: (row: number, text: string) => `row ${row}: ${text}`,
	leavingCount: (n: number) => `Their leaving date has come: ${n}. They will be marked as leavers.`,
	renamedCount: (n: number) =>
		n === 1
			? 'One person may be someone you know with a new address'
			: `${n} people may be people you know with a new address`,
	renamedHint:
		'Tick a person to change their address and keep everything of theirs. Without a tick, the file’s address becomes a new person.',
	renamedLine: (name: string, from: string, to: string, isByNumber: boolean) =>
		`${name}: ${from} becomes ${to} (${isByNumber ? 'same staff number' : 'same name'})`,
	leftOutOf: (rows: number, cells: number) =>
		`${rows === 1 ? 'One row is' : `${rows} rows are`} left out, and ${cells === 1 ? 'one cell stays' : `${cells} cells stay`} empty.`,
	importsToday: 'Imports today',
	importLine: ({ by, at, added, changed, moved }: ImportFacts) =>
		`${at}, ${by}: ${added} added, ${changed} changed, ${moved} marked as leavers or returned`,
	undoImport: 'Undo this import',
	undoImportHint:
		'You can undo an import until midnight. People who have done something since, or were changed by a colleague, stay as they are.',
	importIsUndone: 'Undone',
	undoneImport: (undone: number, kept: number) =>
		`The import is undone for ${undone === 1 ? 'one person' : `${undone} people`}. ${kept === 0 ? 'Everyone is as before.' : kept === 1 ? 'One person stays as they are:' : `${kept} people stay as they are:`}`,
	keptWhy: {
		acted: 'did something on their pages since',
		changed: 'was changed since',
		sent: 'was sent something, or has notes'
	} satisfies Record<UndoRefusal, string>,
	firstRows: 'The first rows',
	row: 'Row',
	sortBy: (words: string | number) => `Sort: ${words}`,
	sortedBy: (words: string | number) => `, sort: ${words}`,
	pageTitle: 'People · Easy Corner',
	heading: 'People',
	countSummary: ({
		counted,
		total,
		isNarrowed
	}: {
		counted: string | number;
		total: number;
		isNarrowed: boolean;
	}) =>
		`${counted} ${total === 1 ? 'person' : 'people'}${isNarrowed ? (total === 1 ? ' matches' : ' match') : ''}`,
	importList: 'Import a list',
	nobodyFound: (isNarrowed: boolean) =>
		isNarrowed
			? 'No people match. Search for part of a name, team or address, or remove a filter.'
			: 'There are no people yet. Import a list, or add the first person.',
	pagesOfList: 'Pages of the list',
	toStart: 'To the start',
	nextPage: 'Next page',
	importTitle: 'Import people · Easy Corner',
	importLead:
		'Choose a spreadsheet (.xlsx) or CSV file with one row for each person. You’ll see who is new, changed, missing or back before anything is imported. We match people by email address, and ask where someone may have a new one. Titles above the headings and rows of totals are left out. Fields without a column stay the same.',
	file: 'File',
	fileSummary: ({
		name,
		people,
		how
	}: {
		name: string;
		people: string;
		how: { readonly delimiter: string; readonly encoding: string } | null;
	}) =>
		`${name}: ${people}${how ? `, separated by ${how.delimiter}, ${how.encoding}` : ', first sheet of the workbook'}.`,
	matchColumns: 'Match the columns',
	asLastTime: 'Same as in your last file with these headings.',
	preview: 'Preview',
	importOrCheck: (hasReport: boolean) => (hasReport ? 'Import people' : 'Check the file'),
	chooseColumnsFirst: 'Choose the columns of name and address first.',
	imported: ({
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
	addPersonTitle: 'Add a person · Easy Corner',
	addPersonHeading: 'Add a person',
	name: 'Name',
	emailAddress: 'Email address',
	countryHint: 'Public holidays and emergency numbers depend on it.',
	chooseCountry: 'not known',
	noTeam: 'no team',
	newTeam: 'a new team …',
	newTeamName: 'Name of the new team',
	teamOptional: 'Team (optional)',
	phoneOptional: 'Phone (optional)',
	addPerson: 'Add person',
	cancel: 'Cancel',
	wholeAddress: 'Enter a full email address, such as name@organisation.example.',
	enterName: 'Enter the person’s name.',
	importNotReached: 'We couldn’t reach the server. Nothing was imported. Please try again.'
};
