import type { DeskTexts } from '../../shapes';

/** What is stored about people, for how long, who viewed it, and how it is deleted. */
export const retentionTexts: DeskTexts['keeping'] = {
	accounts: 'Konten',
	erase: (name) => `Alle Daten löschen: ${name}`,
	eraseTitle: (name) => `Alle Daten löschen: ${name} · Easy Corner`,
	signIsOpen:
		'Ein Warnzeichen ist offen. Halten Sie zuerst den Ausgang fest, und löschen Sie dann die Daten.',
	openCase: 'Fall öffnen',
	deletedHeading: 'Daten, die wir löschen',
	staysHeading: 'Daten, die bleiben, und warum',
	personalDetails: 'Angaben zur Person',
	computedToo:
		'Alles, was daraus berechnet wurde. In neuen Ergebnissen zählt die Person auch nicht mehr mit.',
	counted: (kind, n) => `${kind}: ${n}`,
	logStays: (n) =>
		`${n === 1 ? 'Ein Eintrag im Protokoll' : `${n} Einträge im Protokoll`}, unter einer Nummer ohne Namen. Sie belegen, wer was getan hat, und enthalten keine Antworten.`,
	reportsStay:
		'Summen in früheren Berichten. Jede umfasst fünf Personen oder mehr. Bis die Summen zum Monatsende erneuert sind, bleiben die letzten Antworten darin ohne Namen, höchstens ein Jahr.',
	backupsStay:
		'Sicherungen, bis sie gelöscht werden. Fragen Sie die Person, die Easy Corner betreibt, wann das ist.',
	seeAllFirst: 'Zuerst alle Daten ansehen',
	reason: 'Grund',
	reasons: {
		asked: 'Die Person wünscht es',
		retention: 'Die Aufbewahrungsfrist ist vorbei',
		mistake: 'Die Person wurde versehentlich hinzugefügt'
	},
	typeName: (name) => `Geben Sie zur Bestätigung „${name}“ ein`,
	deleteAll: 'Alle Daten löschen',
	cancel: 'Abbrechen',
	everything: (name) => `Alle Daten: ${name}`,
	everythingTitle: (name) => `Alle Daten: ${name} · Easy Corner`,
	everythingLead:
		'Eine Kopie der Daten, die Sie der Person geben können. Eigene Notizen der Koordination und die geheimen Teile von Links sind nicht enthalten.',
	backToCase: 'Zurück zum Fall',
	print: 'Drucken',
	download: 'Herunterladen (JSON)',
	archive: 'Herunterladen (Archiv)',
	fhir: {
		download: 'Herunterladen (FHIR R4)',
		list: 'Als FHIR R4 herunterladen',
		listHint:
			'Selbsteinschätzungen, Beschwerden, Warnzeichen und Überweisungen aller Personen dieser Liste als ein Bundle nach HL7 FHIR, für andere Gesundheitssoftware.',
		title: 'Selbsteinschätzung des Arbeitsplatzes zu Hause',
		groups: {
			signs: 'Warnzeichen',
			discomfort: 'Beschwerden der letzten sieben Tage',
			lengths: 'Längen, wie eingegeben',
			choices: 'Zur Person und zum Arbeitsplatz',
			household: 'Gegenstände im Haushalt',
			later: 'Später gesagt: erledigte Schritte, was noch steht, was sich nicht messen ließ',
			other: 'Mit den Antworten aufbewahrt, ohne eigene Frage'
		},
		things: {
			kind: 'Was es ist',
			label: 'Name',
			a: 'Erste Seite, wie eingegeben',
			b: 'Zweite Seite, wie eingegeben',
			c: 'Dritte Seite, wie eingegeben',
			count: 'Anzahl'
		}
	},
	document: {
		alsoAsFile:
			'Die JSON-Datei enthält dasselbe als Daten, mit allem, was daraus berechnet ist; die FHIR-Datei ist für andere Gesundheitssoftware. Das Archiv enthält alles als Dateien, mit Zeichnungen der Arbeitsplätze.',
		answers: (day, isOtherSpot) =>
			`${isOtherSpot ? 'Weiterer Arbeitsplatz' : 'Selbsteinschätzung'} vom ${day}`,
		onlyChanges: 'Nur, was sich von der Selbsteinschätzung darüber unterscheidet.',
		how: (way, route, checklist) => `${way}; ${route}; Checkliste ${checklist}`,
		step: (place, things) => (things ? `${place} (${things})` : place),
		plan: (day) => `Plan vom ${day}:`,
		unanswered: (days) => `Gesendet und nicht beantwortet: ${days}.`,
		takenBack: (day) => `zurückgenommen am ${day}`,
		roundStates: {
			waiting: 'noch nicht gesendet',
			sent: 'gesendet',
			answered: 'beantwortet',
			bounced: 'E-Mail kam zurück',
			skipped: 'ausgelassen'
		},
		said: 'Nachrichten, Kontakte und Ergebnisse, das Älteste zuerst',
		counted: 'Jede Handlung, die diese Person betrifft, mit Anzahl und Zeit.',
		act: (name, what) => `${name} ${what}`,
		automatic: 'Easy Corner',
		times: (n, when) => (n === 1 ? `(${when})` : `(${n} Mal, ${when})`),
		span: (from, to) => `${from} bis ${to}`
	},
	kinds: {
		assessments: 'Selbsteinschätzungen',
		judgements: 'Ergebnisse',
		reportedSigns: 'Warnzeichen',
		signsLifted: 'Nach einem Warnzeichen wieder geöffnete Seiten',
		checkIns: 'Rückmeldungen',
		messages: 'Nachrichten',
		contacts: 'Kontakte',
		notes: 'Notizen',
		referrals: 'Überweisungen',
		referralLines: 'Nachrichten zu Überweisungen',
		followUps: 'Wiedervorlagen',
		letters: 'E-Mails',
		rounds: 'Runden',
		breaks: 'Pausenplan',
		breakWeeks: 'Wochen mit mitgeteilten Pausen',
		walkthroughs: 'Gemeinsam mit der Koordination angesehen',
		walkthroughEntries: 'Dabei eingetragene Antworten',
		plans: 'Pläne',
		problemsTicked: 'Abgehakte Probleme',
		stepsDone: 'Erledigte Schritte',
		equipment: 'Anfragen für Ausstattung',
		measuredAgain: 'Höhenmessungen',
		discomfort: 'Angaben zu Beschwerden',
		record: 'Protokoll'
	},
	fields: {
		at: 'Wann',
		by: 'Von',
		act: 'Was',
		name: 'Name',
		fromPerson: 'Von der Person geschrieben',
		saw: 'Höhen, wie die Koordination sie sah',
		known: 'Dieselben Höhen nach den Antworten'
	},
	retention: 'Aufbewahrungsfristen',
	retentionTitle: 'Aufbewahrungsfristen · Easy Corner',
	retentionLead:
		'Wir löschen die Daten einer Person automatisch innerhalb einer Stunde nach Ablauf der Frist, und das Protokoll hält es fest. In der ersten Woche löschen wir nichts, ebenso eine Woche lang, nachdem der Server stand oder seine Uhr gesprungen ist. Personen mit offenem Warnzeichen bleiben, bis Sie den Ausgang festhalten. Wie lange Sie Daten behalten müssen und dürfen, sagt das Recht Ihres Landes: Prüfen Sie das zuerst.',
	yearsAfterLeaving: 'Jahre nach dem Ausscheiden',
	yearsAfterAnswer: 'Jahre nach der letzten Antwort',
	showAffected: 'Betroffene Personen zeigen',
	affected: (n, isMore) =>
		n === 0
			? 'Heute ist niemand betroffen.'
			: n === 1
				? 'Heute ist eine Person betroffen:'
				: `Heute sind ${isMore ? 'mehr als ' : ''}${n} Personen betroffen:`,
	leftOn: (day) => `ausgeschieden ${day}`,
	saveAndDelete: 'Speichern und mit dem Löschen beginnen',
	saveHint: 'Die Daten dieser Personen werden automatisch gelöscht. Das lässt sich nicht rückgängig machen.',
	appliesNow: 'Diese Fristen gelten jetzt.',
	noPeriods:
		'Keine Frist ist festgelegt. Wir behalten Daten, bis die Person sie zurückzieht oder die Koordination sie löscht.',
	retentionSaved: 'Die Fristen sind gespeichert und gelten ab jetzt.',
	auditLog: 'Protokoll',
	auditLogOf: (name) => (name ? `Protokoll: ${name}` : 'Protokoll'),
	auditLogTitle: 'Protokoll · Easy Corner',
	auditLogLead:
		'Alles, was jemand getan hat, und jedes Mal, wenn Daten einer Person angesehen wurden. Es enthält keine Antworten. Auch Ihre eigenen Besuche auf dieser Seite stehen hier.',
	show: 'Anzeigen',
	action: 'Handlung',
	person: 'Person',
	downloadLog: 'Als CSV herunterladen',
	lineNumber: 'Zeile',
	allActions: 'Alle Handlungen',
	everyone: 'Alle',
	from: 'Von',
	until: 'Bis',
	when: 'Wann',
	about: 'Über',
	details: 'Einzelheiten',
	detail: (name, value) => `${name}: ${value}`,
	/** Labels of an audit-log line's details. */
	detailNames: {
		webhook: 'Webhook',
		area: 'Einstellungen',
		assessment: 'Selbsteinschätzung',
		by: 'Mit',
		clinician: 'Ärztin oder Arzt',
		closes: 'Geklärt',
		fixed: 'Behobene Gefahren',
		until: 'Bis',
		done: 'Erledigt',
		due: 'Am',
		format: 'Format',
		finding: 'Problem',
		how: 'Wie',
		kind: 'Art',
		language: 'Sprache',
		list: 'Liste',
		text: 'Text',
		version: 'Fassung',
		year: 'Jahr',
		undone: 'Rückgängig für',
		kept: 'Bleiben, wie sie sind',
		place: 'Schritt',
		result: 'Ergebnis',
		signs: 'Warnzeichen',
		signsKept: 'Behaltene Warnzeichen',
		user: 'Konto',
		round: 'Runde',
		people: 'Personen',
		perDay: 'E-Mails am Tag',
		n: 'Anzahl',
		act: 'Handlung',
		country: 'Land',
		purchase: 'Ausstattung',
		thing: 'Ausstattung',
		onHand: 'Im Bestand',
		to: 'Bis',
		from: 'Von',
		why: 'Grund',
		way: 'Sitzhaltung',
		route: 'Fragebogen',
		rhythm: 'Pausenplan',
		plan: 'Plan',
		role: 'Rolle',
		leaving: 'Jahre nach dem Ausscheiden',
		answer: 'Jahre nach der letzten Antwort',
		added: 'Hinzugefügt',
		changed: 'Geändert',
		moved: 'Ausgeschieden oder zurückgekehrt',
		printed: 'Gedruckter Brief'
	},
	/** Lists that were viewed, by their names in the audit log. */
	lists: {
		'day sheet': 'Heute',
		budget: 'Budget',
		'equipment as CSV': 'Ausstattung als CSV',
		'people as CSV': 'Personen als CSV',
		'people by a program': 'Personen durch ein Programm',
		'people as FHIR': 'Personen als FHIR',
		absences: 'Abwesenheit und Übergabe',
		'audit log as CSV': 'Protokoll als CSV',
		'staff directory': 'Personalverzeichnis',
		'import of people': 'Import von Personen',
		'form for a new person': 'Formular für eine neue Person',
		'form for a new round': 'Formular für eine neue Runde',
		round: 'Runde',
		'record of a round': 'Nachweis einer Runde',
		'progress of a round': 'Fortschritt einer Runde',
		'second opinion': 'Zweite Meinung',
		'waiting emails': 'Zurückgehaltene E-Mails',
		'levels that would change': 'Personen, deren Stufe sich ändern würde',
		people: 'Personen',
		rounds: 'Runden',
		'follow-ups': 'Wiedervorlagen',
		equipment: 'Ausstattung',
		referrals: 'Überweisungen',
		retention: 'Von einer Aufbewahrungsfrist betroffene Personen'
	},
	/** Ways of signing in. */
	signInWays: {
		password: 'Passwort',
		passkey: 'Passkey',
		provider: 'Anmeldung der Organisation'
	},
	by: { user: 'ein Konto', person: 'die Person selbst', system: 'Easy Corner' },
	noneMatch: 'Kein Eintrag passt zur Auswahl.',
	earlier: 'Früher',
	checkHeading: 'Protokoll prüfen',
	checkLead:
		'Wir versiegeln jeden Eintrag innerhalb einer Minute zusammen mit dem vorigen. Bewahren Sie eine Kopie des neuesten Siegels an anderer Stelle auf. Sie belegt später, dass kein früherer Eintrag geändert oder entfernt wurde.',
	newestSeal: (day) => `Neuestes Siegel, ${day}:`,
	checkNew: 'Neue Einträge prüfen',
	checkAll: 'Alle Einträge prüfen',
	checkPassed: (n, since) =>
		n === 0
			? 'Seit der letzten Prüfung gibt es keine neuen Einträge. Nichts fehlt.'
			: `${n === 1 ? 'Ein Siegel ist' : `Alle ${n} Siegel${since ? ` seit der Prüfung vom ${since}` : ''} sind`} richtig, und keine Zeile fehlt.`,
	linesMissing: (n) =>
		n > 0
			? `${n === 1 ? 'Eine Zeile wurde' : `${n} Zeilen wurden`} entfernt, bevor wir sie versiegeln konnten. Ändern Sie nichts an der Datenbank, und sagen Sie der Person Bescheid, die Easy Corner betreibt.`
			: `${n === -1 ? 'Eine Zeile wurde' : `${-n} Zeilen wurden`} an Easy Corner vorbei hinzugefügt. Ändern Sie nichts an der Datenbank, und sagen Sie der Person Bescheid, die Easy Corner betreibt.`,
	checkFailed: (line) =>
		`Zeile ${line} ist nicht das, was versiegelt wurde. Ändern Sie nichts an der Datenbank, und sagen Sie der Person Bescheid, die Easy Corner betreibt.`,
	theirData: 'Daten der Person',
	viewAllData: 'Alle Daten ansehen',
	whoViewed: 'Protokoll',
	deleteLink: 'Daten löschen …'
};
