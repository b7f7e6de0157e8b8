import type { DeskTexts } from '../../shapes';

const people = (n: number) => (n === 1 ? 'eine Person' : `${n} Personen`);

/** The list of people, and importing a list. */
export const peopleTexts: DeskTexts['people'] = {
	selectedPeople: 'Ausgewählte Personen',
	forSelected: (n) => `Für diese ${n}`,
	team: 'Team',
	onDay: 'Am',
	reason: 'Grund',
	confirmFor: (n) => `Bestätigen für ${people(n)}`,
	selectAllMatching: (total) => `Alle ${total} passenden auswählen`,
	clearSelection: 'Auswahl aufheben',
	leftOut: (names) => `Ausgelassen: ${names}. Aus ihrem Fall können Sie trotzdem eine senden.`,
	leftOutRule:
		'Wir lassen Personen aus, die überwiesen sind, ein offenes Warnzeichen haben, gerade antworten oder eben geantwortet haben. Sie sehen ihre Namen.',
	sendSelfAssessment: 'Selbsteinschätzung senden',
	setFollowUp: 'Wiedervorlage setzen',
	moveToTeam: 'In ein Team verschieben',
	markReturned: 'Als zurückgekehrt markieren',
	markLeaver: 'Als ausgeschieden markieren',
	doneFor: (n, left) => `Erledigt für ${people(n)}.${left ? ` Ausgelassen: ${left}.` : ''}`,
	columnsMenu: 'Spalten …',
	columnsHere: 'Spalten auf diesem Gerät',
	saveColumns: 'Spalten speichern',
	exportMenu: 'Exportieren …',
	exportHint: 'Exportiert die Personen und Spalten, die gezeigt werden',
	downloadCsv: 'CSV herunterladen',
	csvHint: 'Sie können die Datei in einer Tabellenkalkulation öffnen und wieder importieren.',
	filters: 'Filter',
	searchLabel: 'Nach Name, Team oder Adresse suchen',
	searchPlaceholder: 'Name, Team oder Adresse ( / )',
	deleteFilter: (name) => `Filter löschen: ${name}`,
	everyone: 'Alle',
	filterName: 'Name des Filters',
	saveFilter: 'Filter speichern',
	saveFilterMenu: 'Diesen Filter speichern …',
	allTeams: 'Alle Teams',
	selfAssessment: 'Selbsteinschätzung',
	anyStatus: 'Jeder Stand',
	level: 'Stufe',
	anyLevel: 'Jede Stufe',
	country: 'Land',
	allCountries: 'Alle Länder',
	discomfort: 'Beschwerden',
	problem: 'Problem',
	people: 'Personen',
	currentEmployees: 'Aktuelle Beschäftigte',
	leaversOrReturned: (isLeavers) => (isLeavers ? 'Ausgeschiedene' : 'E-Mails kommen zurück'),
	search: 'Suchen',
	selectPage: 'Alle auf dieser Seite auswählen',
	select: (name) => `Auswählen: ${name}`,
	hasLeft: ', ausgeschieden',
	emailsReturned: ', E-Mails kommen zurück',
	andUnknown: (n) => ` und ${n} noch nicht bekannt`,
	required: (field, isRequired) => `${field}${isRequired ? ' (Pflichtfeld)' : ''}`,
	moreThan: (n) => `mehr als ${n}`,
	noTableIn: (file) =>
		`In ${file} haben wir keine Tabelle gefunden. Speichern Sie sie in Ihrer Tabellenkalkulation als .xlsx oder CSV, und wählen Sie sie noch einmal.`,
	noSecondColumn: 'nichts',
	combinedWith: 'verbunden mit (zum Beispiel Nachname)',
	notInFile: 'nicht in dieser Datei',
	column: (n) => `Spalte ${n}`,
	andMore: (n) => `und ${n} weitere.`,
	changes: 'Änderungen',
	changesSummary: ({ added, changed, same }) =>
		`${added} kommen hinzu, ${changed} ändern sich, ${same} bleiben gleich.`,
	holidaysUnknown: (countries) =>
		`Die Feiertage von ${countries} kennen wir nicht. Fristen überspringen dort nur Wochenenden.`,
	newCount: (n) => `Neu: ${n}`,
	changedCount: (n) => `Geändert: ${n}`,
	before: (from) => from || 'leer',
	to: 'zu',
	after: (to) => to || 'leer',
	leaversInFile: (n) => `Ausgeschiedene, die in der Datei stehen: ${n}`,
	markAllReturned: (n) => `${n} als zurückgekehrt markieren`,
	missingFromFile: (n) => `Personen, die in der Datei fehlen: ${n}`,
	markMissing: (n) => `Das ist die ganze Liste: ${n} als ausgeschieden markieren`,
	problemsInFile: (n) => `${n === 1 ? 'Ein Problem' : `${n} Probleme`} in der Datei zu beheben`,
	importAfterFixing:
		'Beheben Sie sie in der Datei und wählen Sie sie neu. Oder importieren Sie jetzt den Rest und diese Zeilen später.',
	faultCount: (field, n) => `${field}: ${n === 1 ? 'eine Zeile' : `${n} Zeilen`}`,
	inRows: (rows, more) =>
		more > 0
			? `Zeilen ${rows} und ${more} weitere.`
			: rows.includes(',')
				? `Zeilen ${rows}.`
				: `Zeile ${rows}.`,
	andMoreTexts: (n) => (n === 1 ? 'Ein weiterer Text dieser Art.' : `${n} weitere Texte dieser Art.`),
	missingNotSure: 'Manche von ihnen können in den ausgelassenen Zeilen stehen; deshalb bleiben sie.',
	departed: (n) =>
		n === 1
			? 'Eine Person kommt nicht hinzu, weil ihr Austritt erreicht ist.'
			: `${n} Personen kommen nicht hinzu, weil ihr Austritt erreicht ist.`,
	leaveOut:
		'Den Rest importieren: Zeilen ohne Namen oder brauchbare Adresse auslassen, andere Zellen leer lassen',
	downloadFaulty: 'Diese Zeilen herunterladen',
	faultyFile: 'zeilen-zu-beheben.csv',
	ignoredRows: (n) =>
		n === 1
			? 'Eine Zeile ohne Person haben wir ausgelassen'
			: `${n} Zeilen ohne Person haben wir ausgelassen`,
	ignoredRow: (row, why, text) => `Zeile ${row}, ${why}: ${text}`,
	headingRow: 'Überschriften stehen in',
	noHeadings: 'keiner Zeile: die Datei hat keine',
	rowShown: (row, text) => `Zeile ${row}: ${text}`,
	leavingCount: (n) => `Austritt ist erreicht: ${n}. Sie werden als ausgeschieden markiert.`,
	renamedCount: (n) =>
		n === 1
			? 'Eine Person könnte jemand mit neuer Adresse sein, den Sie kennen'
			: `${n} Personen könnten bekannte Personen mit neuer Adresse sein`,
	renamedHint:
		'Mit Häkchen ändert sich nur die Adresse, und alles andere bleibt. Ohne Häkchen wird aus der Adresse der Datei eine neue Person.',
	renamedLine: (name, from, to, isByNumber) =>
		`${name}: ${from} wird zu ${to} (${isByNumber ? 'gleiche Personalnummer' : 'gleicher Name'})`,
	leftOutOf: (rows, cells) =>
		`${rows === 1 ? 'Eine Zeile wird' : `${rows} Zeilen werden`} ausgelassen, und ${cells === 1 ? 'eine Zelle bleibt' : `${cells} Zellen bleiben`} leer.`,
	importsToday: 'Importe von heute',
	importLine: ({ by, at, added, changed, moved }) =>
		`${at}, ${by}: ${added} neu, ${changed} geändert, ${moved} ausgeschieden oder zurück`,
	undoImport: 'Diesen Import rückgängig machen',
	undoImportHint:
		'Ein Import lässt sich bis Mitternacht rückgängig machen. Wer seitdem etwas getan hat oder geändert wurde, bleibt, wie er ist.',
	importIsUndone: 'Rückgängig gemacht',
	undoneImport: (undone, kept) =>
		`Der Import ist für ${undone === 1 ? 'eine Person' : `${undone} Personen`} rückgängig gemacht. ${kept === 0 ? 'Alle sind wie vorher.' : kept === 1 ? 'Eine Person bleibt, wie sie ist:' : `${kept} Personen bleiben, wie sie sind:`}`,
	keptWhy: {
		acted: 'hat seitdem auf den eigenen Seiten etwas getan',
		changed: 'wurde seitdem geändert',
		sent: 'hat etwas bekommen oder hat Notizen'
	},
	firstRows: 'Die ersten Zeilen',
	row: 'Zeile',
	sortBy: (order) => `Sortieren: ${order}`,
	sortedBy: (order) => `, sortiert: ${order}`,
	pageTitle: 'Personen · Easy Corner',
	heading: 'Personen',
	countSummary: ({ counted, total, isNarrowed }) =>
		`${counted} ${total === 1 ? 'Person' : 'Personen'}${isNarrowed ? (total === 1 ? ' passt' : ' passen') : ''}`,
	importList: 'Liste importieren',
	nobodyFound: (isNarrowed) =>
		isNarrowed
			? 'Keine Person passt. Suchen Sie nach einem Teil von Name, Team oder Adresse, oder entfernen Sie einen Filter.'
			: 'Es gibt noch keine Personen. Importieren Sie eine Liste, oder fügen Sie die erste Person hinzu.',
	pagesOfList: 'Seiten der Liste',
	toStart: 'Zum Anfang',
	nextPage: 'Nächste Seite',
	importTitle: 'Personen importieren · Easy Corner',
	importLead:
		'Wählen Sie eine Tabelle (.xlsx) oder CSV-Datei mit einer Zeile für jede Person. Sie sehen, wer neu, geändert, nicht dabei oder zurück ist, bevor etwas importiert wird. Wir erkennen Personen an der E-Mail-Adresse. Felder ohne Spalte bleiben gleich.',
	file: 'Datei',
	fileSummary: ({ name, people, how }) =>
		`${name}: ${people}${how ? `, getrennt durch ${how.delimiter}, ${how.encoding}` : ', erstes Blatt der Mappe'}.`,
	matchColumns: 'Spalten zuordnen',
	asLastTime: 'Wie in Ihrer letzten Datei mit diesen Überschriften.',
	preview: 'Vorschau',
	importOrCheck: (hasReport) => (hasReport ? 'Personen importieren' : 'Datei prüfen'),
	chooseColumnsFirst: 'Wählen Sie zuerst die Spalten für Name und Adresse.',
	imported: ({ added, changed, same, hasTakeBack, back, hasLeaveAbsent, absent }) =>
		`Importiert: ${added} hinzugefügt, ${changed} geändert, ${same} unverändert${hasTakeBack ? `, ${back} als zurückgekehrt markiert` : ''}${hasLeaveAbsent ? `, ${absent} als ausgeschieden markiert` : ''}.`,
	goToPeople: 'Zu „Personen“',
	addPersonTitle: 'Person hinzufügen · Easy Corner',
	addPersonHeading: 'Person hinzufügen',
	name: 'Name',
	emailAddress: 'E-Mail-Adresse',
	countryHint: 'Feiertage und Notrufnummern hängen davon ab.',
	chooseCountry: 'nicht bekannt',
	noTeam: 'kein Team',
	newTeam: 'ein neues Team …',
	newTeamName: 'Name des neuen Teams',
	teamOptional: 'Team (optional)',
	phoneOptional: 'Telefon (optional)',
	addPerson: 'Person hinzufügen',
	cancel: 'Abbrechen',
	wholeAddress: 'Geben Sie eine vollständige E-Mail-Adresse ein, zum Beispiel name@organisation.example.',
	enterName: 'Geben Sie den Namen der Person ein.',
	importNotReached:
		'Wir konnten den Server nicht erreichen. Nichts wurde importiert. Bitte versuchen Sie es noch einmal.'
};
