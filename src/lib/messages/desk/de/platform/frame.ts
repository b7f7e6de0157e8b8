import type { DeskTexts } from '../../shapes';

/** The frame of every desk page, and its shortcuts. */
export const deskFrameTexts: DeskTexts['frame'] = {
	skipToContent: 'Zum Inhalt springen',
	product: 'Easy Corner',
	mainNavigation: 'Hauptnavigation',
	shortcuts: 'Tastenkürzel',
	lengthUnit: 'Längen in',
	switchColours: (other) => `Farben: ${other}`,
	accounts: 'Konten',
	signOut: 'Abmelden',
	firstPage: (isClinician) => (isClinician ? 'Überweisungen' : 'Heute'),
	people: 'Personen',
	rounds: 'Runden',
	followUps: 'Wiedervorlagen',
	equipment: 'Ausstattung',
	workforce: 'Belegschaft',
	testInbox: 'Testpostfach',
	goTo: (page) => `Gehe zu: ${page}`,
	showShortcuts: 'Tastenkürzel zeigen',
	shortcutsHere: 'Tastenkürzel auf dieser Seite',
	shortcutsWhileTyping: 'Tastenkürzel wirken nicht, während Sie in ein Feld schreiben.',
	close: 'Schließen',
	arrowDown: 'Pfeil nach unten',
	arrowUp: 'Pfeil nach oben',
	arrowLeft: 'Pfeil nach links',
	arrowRight: 'Pfeil nach rechts',
	space: 'Leertaste',
	controlZ: 'Strg + Z',
	show: 'Anzeigen',
	chart: 'Diagramm',
	table: 'Tabelle',
	allHidden:
		'Zum Schutz der Personen zeigen wir keine Ergebnisse von weniger als fünf Personen. Mehr gibt es hier nicht zu zeigen.',
	/** Description of a chart for screen readers. */
	chartDescription: (title, count) => `${title}. ${count} Die Tabelle zeigt die Zahlen.`,
	didNotWork: 'Das hat nicht funktioniert. Bitte versuchen Sie es noch einmal.',
	notReached:
		'Wir konnten den Server nicht erreichen. Ihr Text ist noch da. Bitte versuchen Sie es noch einmal.',
	/** The acts of the desk, as on their buttons. */
	acts: {
		settle: 'Als erledigt markieren',
		outcome: 'Ausgang festhalten',
		refer: 'Überweisen',
		write: 'Schreiben',
		approve: 'Genehmigen',
		call: 'Anrufen',
		done: 'Erledigt',
		followUp: 'Wiedervorlage setzen',
		later: 'Zurückstellen',
		move: 'Verschieben',
		mine: 'Mir zuweisen',
		note: 'Notiz',
		equal: 'Ähnliche auswählen',
		view: 'Nächste Ansicht',
		send: 'Selbsteinschätzung senden',
		person: 'Person hinzufügen',
		read: 'Als gelesen markieren'
	}
};
