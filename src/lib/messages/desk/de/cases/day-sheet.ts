import type { DeskTexts } from '../../shapes';
import { leftOutSentence } from './sheet-sentences';

/** Today: the cases that need the coordinator. */
export const daySheetTexts: DeskTexts['daySheet'] = {
	caseOf: (name) => `Fall: ${name}`,
	caseNotLoaded: 'Wir konnten den Fall nicht laden. Öffnen Sie ihn, oder wählen Sie die Zeile noch einmal.',
	openingCase: 'Der Fall wird geöffnet …',
	selectedCases: 'Ausgewählte Fälle',
	casesSelected: (n) => (n === 1 ? '1 Fall ausgewählt' : `${n} Fälle ausgewählt`),
	finishMany: (n) => (n === 1 ? 'Eine Wiedervorlage erledigen' : `${n} Wiedervorlagen erledigen`),
	markDone: (n) => `${n} als erledigt markieren`,
	clearSelection: 'Auswahl aufheben',
	leftOut: (n) => leftOutSentence(Number(n)),
	writeToAll: 'Allen dieselbe Nachricht schreiben …',
	sendToMany: (n) => (n === 1 ? 'An eine Person senden' : `An ${n} Personen senden`),
	nameHint: '{name} wird zum Vornamen der Person. So beginnt jede Nachricht:',
	show: 'Anzeigen',
	showAll: 'Alle zeigen',
	ofEveryone: 'Alle',
	assignedToMe: 'Mir zugewiesen',
	unassigned: 'Niemandem zugewiesen',
	allOpen: 'Alle offenen',
	overdue: 'Überfällig',
	withMessage: 'Mit Nachricht',
	messagedToday: 'Heute angeschrieben',
	assignedTo: 'Zugewiesen an',
	team: 'Team',
	allTeams: 'Alle Teams',
	country: 'Land',
	allCountries: 'Alle Länder',
	which: 'Zeigen',
	firstSteps: {
		heading: 'Erste Schritte',
		organisation: 'Geben Sie an, wer Sie sind: Name, Kontaktperson und Telefonnummer',
		cover: 'Wählen Sie eine Vertretung für Notfälle, die Ihr Team nicht öffnet',
		crisisLine: 'Tragen Sie für jedes Ihrer Länder eine Krisenhilfe ein',
		people: 'Übernehmen Sie Ihre Personen aus einer Tabelle',
		round: 'Senden Sie die erste Runde von Selbsteinschätzungen',
		done: 'erledigt',
		oneByOne: 'Nur wenige Personen?',
		addPerson: 'Fügen Sie sie einzeln hinzu'
	},
	emptyList: (isNarrowed) => (isNarrowed ? 'Kein Fall passt zur Auswahl.' : 'Heute ist nichts zu tun.'),
	newAnswersHint: 'Neue Antworten erscheinen hier, sobald sie eintreffen, und Wiedervorlagen an ihrem Tag.',
	showAllOrPeople: (isNarrowed) => (isNarrowed ? 'Alle zeigen' : 'Zu „Personen“'),
	select: (name) => `Auswählen: ${name}`,
	emailsReturned: 'E-Mails kommen zurück',
	assignedToYou: 'Ihnen zugewiesen',
	assignedToName: (owner) => `zugewiesen an ${owner}`,
	markOneDone: (name) => `Als erledigt markieren: ${name}`,
	undoUntilMidnight: (canUndo) => (canUndo ? 'Sie können das bis Mitternacht rückgängig machen' : ''),
	actionsToday: (n) => `Ihre Handlungen heute: ${n}`,
	undone: 'rückgängig gemacht',
	actOn: (act, people) => `${act}: ${people}`,
	undoThis: (actOn) => `Rückgängig: ${actOn}`,
	undo: 'Rückgängig',
	undoKey: 'Strg Z',
	alreadySent: 'schon gesendet',
	pageTitle: (isSheet) => `${isSheet ? 'Heute' : 'Überweisungen'} · Easy Corner`,
	reviewWaitingEmails: 'Zurückgehaltene E-Mails ansehen',
	seeRefusedEmails: 'Ansehen, was passiert ist, und noch einmal senden',
	/** A colleague changed the case in which text is being typed. */
	typedOver: {
		changed: (name) =>
			`Dieser Fall wurde gerade von anderer Seite geändert. Ihr Text ist sicher und geht an ${name}.`,
		gone: (name) =>
			`Dieser Fall wurde von anderer Seite bearbeitet. ${name} steht nicht mehr auf der Liste. Ihr Text ist sicher und geht an ${name}.`
	},
	discardAndClose: 'Text verwerfen und schließen',
	nextLine: 'Nächste Zeile',
	previousLine: 'Vorige Zeile',
	openCase: 'Fall öffnen',
	selectLine: 'Zeile auswählen',
	undoLast: 'Letzte Handlung rückgängig machen',
	/** Groups of the day sheet besides the levels. */
	ownGroups: {
		look: { name: 'Wiedervorlage', rule: 'Wiedervorlagen, die heute fällig sind.' },
		referred: {
			name: 'Überwiesen',
			rule: 'Eine Ärztin oder ein Arzt wurde gefragt und hat noch nicht geantwortet.'
		},
		later: {
			name: 'Zurückgestellt',
			rule: 'Zurückgestellt bis zu einem Tag. Gibt es etwas Neues, kommt der Fall sofort zurück.'
		}
	},
	theClinician: 'Ärztin oder Arzt',
	quote: (text) => `„${text}“`
};
