import type { directoryTexts as english } from '../../en/people/directory';

/** Neue, Ausgeschiedene und Änderungen aus dem Personalverzeichnis. */
export const directoryTexts: typeof english = {
	link: 'Personalverzeichnis',
	linkWithCount: (n) => (n === 0 ? 'Personalverzeichnis' : `Personalverzeichnis (${n})`),
	title: 'Personalverzeichnis · Easy Corner',
	heading: 'Personalverzeichnis',
	lead: 'Easy Corner liest Ihr Personalverzeichnis und zeigt Ihnen, wer neu ist, wer ausgeschieden ist und was sich geändert hat. Hier ändert sich nichts, bevor Sie es übernehmen.',
	matching:
		'Personen werden an der Personalnummer erkannt, oder an der E-Mail-Adresse, wenn auf einer Seite die Nummer fehlt. Was im Verzeichnis leer ist, bleibt, wie es ist.',
	notConnected:
		'Es ist kein Personalverzeichnis angebunden. Adresse und Token für SCIM 2.0 setzt Ihre Administration, wie es deren Anleitung beschreibt.',
	readAt: (moment, people) => `Gelesen ${moment}: ${people}.`,
	never: 'Es wurde noch nicht gelesen.',
	deleted: 'Die gelesene Liste ist gelöscht. Lesen Sie das Verzeichnis neu, um die Änderungen zu sehen.',
	isReading: 'Das Verzeichnis wird gelesen …',
	readNow: 'Jetzt lesen',
	faults: {
		unreachable: 'Das Verzeichnis ist nicht erreichbar. Ihre Administration kann die Adresse prüfen.',
		refused: 'Das Verzeichnis hat unser Token abgelehnt. Ihre Administration kann ein neues setzen.',
		filter: 'Das Verzeichnis nimmt den Filter nicht an. Korrigieren Sie ihn unten in den Einstellungen.',
		busy: 'Das Verzeichnis war überlastet. In einer Stunde versuchen wir es wieder.',
		unreadable:
			'Die Antwort des Verzeichnisses ist kein SCIM 2.0. Ihre Administration kann die Adresse prüfen.',
		incomplete:
			'Das Verzeichnis hat sich beim Lesen geändert oder ist abgebrochen. In einer Stunde versuchen wir es wieder.',
		failed: 'Das Verzeichnis konnten wir nicht verarbeiten. Den Grund findet Ihre Administration im Log.'
	},
	asBefore: 'Unten steht die Liste vom letzten Mal, als es gelang.',
	allSame: 'Alle Angaben stimmen mit dem Verzeichnis überein.',
	apply: 'Diese Änderungen übernehmen',
	backIn: (n) => `Ausgeschiedene, die im Verzeichnis aktiv sind: ${n}`,
	missingFrom: (n) => `Personen, die nicht im Verzeichnis stehen: ${n}`,
	markMissing: (people) => `Im Verzeichnis stehen alle: ${people} als ausgeschieden markieren`,
	missingNotSure:
		'Manche von ihnen können unter denen sein, deren Angaben nicht lesbar sind; deshalb bleiben sie.',
	leaving: (n) => `Nicht mehr aktiv: ${n}. Sie werden als ausgeschieden markiert.`,
	departed: (n) =>
		n === 1
			? 'Eine Person, die nicht mehr aktiv ist, gibt es hier nicht; sie kommt nicht hinzu.'
			: `${n} Personen, die nicht mehr aktiv sind, gibt es hier nicht; sie kommen nicht hinzu.`,
	notAdded: (n) =>
		n === 1
			? 'Eine Person aus dem Verzeichnis gibt es hier nicht. Das Hinzufügen ist unten ausgeschaltet.'
			: `${n} Personen aus dem Verzeichnis gibt es hier nicht. Das Hinzufügen ist unten ausgeschaltet.`,
	asideCount: (n) =>
		n === 1 ? 'Eine Person braucht einen genaueren Blick' : `${n} Personen brauchen einen genaueren Blick`,
	aside: {
		'address-in-use':
			'Diese Adresse gehört hier jemandem mit anderer Personalnummer. Korrigieren Sie die Nummer hier oder im Verzeichnis.',
		'address-kept': 'Diese neue Adresse gehört hier schon jemand anderem. Die alte Adresse bleibt.'
	},
	unreadableCount: (n) =>
		n === 1
			? 'Die Angaben einer Person sind nicht alle lesbar'
			: `Die Angaben von ${n} Personen sind nicht alle lesbar`,
	noName: 'Ohne Namen',
	applied: (added, changed, moved) =>
		`Übernommen: ${added} neu, ${changed} geändert, ${moved} ausgeschieden oder zurück.`,
	settings: 'Einstellungen zum Verzeichnis',
	isOn: 'Jede Nacht lesen',
	may: 'Das Verzeichnis darf …',
	changes: {
		joiners: 'Personen hinzufügen',
		leavers: 'Personen als ausgeschieden oder zurückgekehrt markieren',
		name: 'Namen ändern',
		email: 'E-Mail-Adressen ändern',
		team: 'Teams ändern',
		phone: 'Telefonnummern ändern',
		place: 'Länder, Regionen und Zeitzonen ändern'
	},
	usersFilter: 'Filter für Personen',
	usersFilterHint:
		'Ein SCIM-Filter, etwa userType eq "Employee". Leer heißt: alle. Wen er auslässt, der steht für uns nicht im Verzeichnis.',
	teamFrom: 'Team aus dem Verzeichnis',
	teams: { department: 'Die Abteilung', group: 'Eine Gruppe', none: 'Nicht aus dem Verzeichnis' },
	groupStart: 'Namen von Teamgruppen beginnen mit',
	groupStartHint:
		'„Team “ macht aus der Gruppe „Team Studio“ das Team „Studio“. Leer heißt: alle Gruppen. Bei mehreren Gruppen zählt die erste nach dem Namen.',
	save: 'Speichern und neu lesen',
	saved: 'Gespeichert. Das Verzeichnis wird neu gelesen.'
};
