import type { DeskTexts } from '../../shapes';

/** The organisation's settings, and all emails as they arrive. */
export const organisationTexts: DeskTexts['organisation'] = {
	title: 'Organisation · Easy Corner',
	heading: 'Organisation',
	lead: 'E-Mails, Datenschutzhinweise, Berichte und gedruckte Briefe zeigen diese Angaben. Sie helfen zu erkennen, dass eine Nachricht wirklich von Ihnen kommt.',
	firstLead:
		'Sagen Sie vor der ersten E-Mail, wer schreibt. E-Mails, Datenschutzhinweise, Berichte und gedruckte Briefe zeigen diese Angaben.',
	saved: 'Gespeichert. Neue E-Mails und Seiten zeigen diese Angaben ab jetzt.',
	nameLabel: 'Name der Organisation',
	nameHint: 'Wie Ihre Beschäftigten sie kennen',
	logo: 'Logo',
	logoHint:
		'PNG, JPEG oder WebP, bis 2 MB. Wir zeichnen es neu, damit nichts Verstecktes in der Datei bleibt.',
	logoAlt: (name) => `Logo: ${name}`,
	logoTooLarge: 'Dieses Bild ist größer als 2 MB. Wählen Sie ein kleineres.',
	addLogo: 'Logo hinzufügen',
	replaceLogo: 'Logo ersetzen',
	noLogo: 'Noch kein Logo.',
	removeLogo: 'Logo entfernen',
	saveFirst: 'Speichern Sie zuerst die Organisation, und fügen Sie dann das Logo hinzu.',
	contactName: 'Ansprechperson',
	contactNameHint: 'Unterschreibt E-Mails an Beschäftigte',
	contactRole: 'Funktion',
	contactRoleHint: 'Zum Beispiel Koordination Gesundheit am Arbeitsplatz',
	phone: 'Telefonnummer',
	phoneHint: 'Dort kann man fragen, ob eine E-Mail echt ist',
	replyTo: 'E-Mail-Adresse für Antworten',
	replyToHint: 'Wenn Sie das leer lassen, gehen Antworten an die absendende Adresse',
	address: 'Postanschrift',
	addressHint: 'Für gedruckte Briefe und unter E-Mails',
	genuinePage: 'Seite, die Ihre E-Mails bestätigt',
	genuinePageHint: 'Eine Seite auf Ihrer eigenen Website oder im Intranet, beginnend mit https://',
	takingPart: 'Teilnahme',
	participation: {
		voluntary: 'Freiwillig',
		duty: 'Teil unserer Pflichten im Arbeitsschutz'
	},
	participationHint:
		'Einladungen und Datenschutzhinweise sagen das. Prüfen Sie, was das Recht Ihres Landes verlangt.',
	dutyLaw: 'Gesetz oder Vereinbarung dazu',
	dutyLawHint: 'Zum Beispiel die Arbeitsstättenverordnung',
	language: 'Sprache für neue Personen',
	languageHint: 'Jede Person kann sie auf ihren eigenen Seiten ändern',
	timeZone: 'Zeitzone',
	timeZoneHint: 'Für Tage und Uhrzeiten, die Sie hier sehen, und für Personen ohne bekannte Zeitzone',
	moreTimeZones: 'Es gibt weitere. Geben Sie eine Stadt ein, um sie zu finden.',
	noTimeZone: 'Keine passende Zeitzone. Geben Sie eine Stadt ein, zum Beispiel Vienna.',
	save: 'Organisation speichern',
	seeEmails: 'E-Mails und Antworten',
	emailsTitle: 'E-Mails und Antworten · Easy Corner',
	emailsHeading: 'E-Mails und Antworten',
	emailsLead:
		'Jede E-Mail, die Easy Corner sendet, so wie sie ankommt, und jede Antwort, die es vorschlägt. Formulieren Sie die an Beschäftigte selbst, und senden Sie sich eine E-Mail, um sie in Ihrem Postfach zu sehen.',
	back: 'Zurück zu „Organisation“',
	emailNames: {
		invitation: 'Einladung zu einer Selbsteinschätzung',
		reminder: 'Erinnerung an eine Selbsteinschätzung',
		message: 'Nachricht der Koordination',
		equipment: 'Neues zur Ausstattung',
		'plan-reminder': 'Plan nicht begonnen',
		'trial-question': 'Ein Tag zum Ausprobieren',
		'check-in': 'Bitte um Rückmeldung',
		'check-in-reminder': 'Erinnerung an eine Rückmeldung',
		recheck: 'Nächste Selbsteinschätzung',
		'recheck-reminder': 'Erinnerung an die nächste Selbsteinschätzung',
		'referral-new': 'Neue Überweisung',
		'referral-answered': 'Antwort zu einer Überweisung',
		'referral-ended': 'Überweisung abgesagt',
		'deputy-alert': 'Notfall nicht geöffnet',
		'account-invitation': 'Einladung zu einem Konto',
		'password-reset': 'Passwort vergessen',
		'new-device': 'Anmeldung in einem neuen Browser',
		tries: 'Falsche Passwörter',
		codes: 'Falsche Anmeldecodes',
		password: 'Passwort geändert',
		passkey: 'Passkey hinzugefügt',
		'passkey-removed': 'Passkey entfernt',
		'factor-set': 'Zweiter Faktor eingerichtet',
		'factor-ended': 'Zweiter Faktor entfernt',
		'log-given': 'Zugang zum Protokoll gegeben',
		'log-taken': 'Zugang zum Protokoll entzogen',
		provider: 'Erste Anmeldung mit dem Konto der Organisation',
		'api-token': 'API-Zugang angelegt'
	},
	groups: {
		employees: 'An Beschäftigte',
		clinicians: 'An Ärztinnen und Ärzte',
		accounts: 'Zu Konten'
	},
	coverLink: 'Vertretung bei Notfällen',
	cover: {
		title: 'Vertretung bei Notfällen · Easy Corner',
		heading: 'Vertretung bei Notfällen',
		lead: 'Bei einem Notfallzeichen wird die Person aufgefordert, sofort Hilfe zu rufen. Hier legen Sie fest, wer informiert wird, wenn niemand aus Ihrem Team die Meldung öffnet.',
		minutes: 'E-Mail an die Vertretung, wenn niemand die Meldung geöffnet hat nach',
		never: 'Nie',
		minutesWords: (minutes) =>
			minutes === 60 ? 'einer Stunde' : minutes === 120 ? 'zwei Stunden' : `${minutes} Minuten`,
		deputy: 'Vertretung',
		everyCoordinator: 'Alle in der Koordination',
		deputyHint:
			'Die E-Mail nennt niemanden. Ist das Konto geschlossen, bekommen sie alle in der Koordination.',
		outOfHours: 'Was außerhalb der Arbeitszeit geschieht',
		outOfHoursHint:
			'Das steht auf der Seite, die zum Anrufen auffordert. Schreiben Sie, was zutrifft, zum Beispiel: „Nachts liest niemand Meldungen.“',
		webhook: 'Webhook-Adresse',
		webhookHint:
			'Ein eigenes Programm, das ebenfalls informiert wird, etwa ein Bereitschaftssystem. Es bekommt die Art des Alarms und eine Nummer, nichts über die Person.',
		secret: 'Schlüssel der Signatur',
		secretHint:
			'Jede Nachricht hat die Kopfzeile x-easy-corner-signature: t=Sekunden,v1=Signatur. Die Signatur ist der HMAC-SHA-256 von „Sekunden.Inhalt“ mit diesem Schlüssel, hexadezimal.',
		save: 'Vertretung speichern',
		saved: 'Gespeichert. Es gilt ab jetzt.'
	},
	webhooks: {
		link: 'Webhooks',
		title: 'Webhooks für Programme · Easy Corner',
		heading: 'Webhooks',
		lead: 'Ein Programm von Ihnen, zum Beispiel ein Ticketsystem, erfährt, wenn hier etwas getan wurde. Es bekommt die Art der Handlung und eine Nummer, die zu niemandem führt. Es bekommt nie einen Namen, ein Warnzeichen, einen Wert oder wer nicht geantwortet hat.',
		none: 'Kein Programm erfährt etwas.',
		add: 'Webhook anlegen',
		name: 'Name',
		url: 'Adresse',
		urlHint: 'Sie beginnt mit https://. Eine neue Adresse bekommt einen neuen Schlüssel.',
		isOn: 'Eingeschaltet',
		kinds: 'Er erfährt, wenn jemand …',
		kindNames: {
			'people-imported': 'Personen eingelesen hat',
			'person-added': 'eine Person hinzugefügt hat',
			'person-left': 'eine Person als ausgeschieden markiert hat',
			'person-returned': 'eine Person als zurückgekehrt markiert hat',
			'person-erased': 'eine Person gelöscht hat',
			'round-sent': 'eine Runde versendet hat',
			'round-closed': 'eine Runde geschlossen hat',
			'assessment-sent': 'eine Selbsteinschätzung bekommen hat',
			answered: 'Antworten gesendet hat',
			'checked-in': 'eine Nachfrage beantwortet hat',
			'case-seen': 'einen Fall als erledigt markiert hat',
			'follow-up-set': 'eine Wiedervorlage gesetzt hat',
			'follow-up-done': 'eine Wiedervorlage erledigt hat',
			'equipment-asked': 'Ausstattung angefragt hat',
			'equipment-decided': 'über eine Anfrage entschieden hat',
			'equipment-not-needed': 'eine Anfrage zurückgenommen hat',
			test: 'ihn ausprobiert hat (Testnachricht)'
		},
		secret: 'Schlüssel für die Unterschrift',
		message:
			'Was er bekommt: {"kind":"answered","number":"…"}. Wird eine Nachricht noch einmal gesendet, ist ihre Nummer dieselbe.',
		change: 'Ändern',
		save: 'Webhook speichern',
		saved: 'Gespeichert. Ein eingeschalteter Webhook erfährt, was von dann an getan wird.',
		test: 'Testnachricht senden',
		taken: 'Die Testnachricht wurde angenommen.',
		notTaken: (fault) => `Die Testnachricht wurde nicht angenommen: ${fault}.`,
		remove: 'Webhook entfernen',
		removed: 'Entfernt.',
		state: (name, isOn) => `${name}: ${isOn ? 'ein' : 'aus'}`,
		failing: (day) =>
			`Seit ${day} hat er nichts angenommen. Wir versuchen es drei Tage lang immer seltener, dann geben wir eine Nachricht auf.`,
		counts: (waiting, givenUp) =>
			[
				waiting === 0
					? 'Keine Nachricht wartet'
					: waiting === 1
						? 'Eine Nachricht wartet'
						: `${waiting} Nachrichten warten`,
				...(givenUp === 0
					? []
					: [`${givenUp} der letzten 30 Tage ${givenUp === 1 ? 'wurde' : 'wurden'} aufgegeben`])
			].join('; ') + '.',
		newest: 'Neueste Nachrichten',
		noMessages: 'Er hat noch nichts erfahren.',
		columns: { when: 'Wann', kind: 'Art', number: 'Nummer', result: 'Ergebnis' },
		results: {
			taken: 'angenommen',
			waiting: 'wartet',
			again: (fault) => `wird noch einmal versucht: ${fault}`,
			givenUp: (fault) => `aufgegeben: ${fault}`,
			notTaken: (fault) => `nicht angenommen: ${fault}`
		},
		faults: {
			status: (status) => `Antwort ${status}`,
			unreachable: 'nicht zu erreichen, oder die Adresse ist nicht erlaubt'
		}
	},
	archive: {
		link: 'Archiv mit allem',
		title: 'Archiv · Easy Corner',
		heading: 'Archiv mit allem',
		lead: 'Alles, was die Organisation in Easy Corner hat, als eine Datei (.tar.gz). Sie können sie aufheben, mit anderen Programmen lesen oder auf einen anderen Server bringen.',
		hasHeading: 'Was darin ist',
		has: [
			'Personen, Antworten, Pläne, Beschwerden, Warnzeichen, Wiedervorlagen, Nachrichten, Überweisungen, Runden und E-Mails',
			'Einstellungen, Checklisten, eigene Texte, geprüfte Übersetzungen, Zahlen und das Protokoll',
			'Eine Zeichnung jedes Arbeitsplatzes, wie gemessen und wie geplant (SVG)',
			'Ein Verzeichnis mit Größe und Prüfsumme jeder Datei'
		],
		formats: 'Tabellen sind CSV; Tabellen mit Dokumenten darin sind JSON, ein Dokument je Zeile.',
		lacksHeading: 'Was nicht darin ist',
		lacks: [
			'Passwörter, zweite Faktoren und Passkeys: Auf dem anderen Server wählt jede Person ein neues Passwort',
			'Adressen und Schlüssel der Webhooks'
		],
		caution:
			'Es enthält Gesundheitsdaten von allen, lesbar für jede Person, die es in die Hände bekommt. Verschlüsseln Sie es, und löschen Sie es, wenn Sie es nicht mehr brauchen.',
		download: 'Archiv herunterladen',
		duration:
			'Es wird beim Herunterladen geschrieben, mit allem, wie es jetzt ist. Bei 20.000 Personen dauert das einige Minuten.',
		loadHeading: 'Einlesen',
		load: 'Wer den anderen Server betreibt, liest es in eine leere Datenbank derselben Version ein: npm run app -- archive load DATEI. Was unterbrochen wird, geht dort weiter, wo es stehen blieb.',
		noRight:
			'Das Protokoll ist Teil des Archivs; deshalb braucht man zum Herunterladen das Recht, es zu lesen. Wer es hat, gibt es unter Konten weiter.'
	},
	translationsLink: 'Übersetzungen der Warnzeichen prüfen',
	translations: {
		title: 'Übersetzungen · Easy Corner',
		heading: 'Übersetzungen der Warnzeichen',
		lead: 'Ein falsches Wort bei einem Warnzeichen kann schaden. Bitten Sie eine Person, die Sprache und Fach kennt, diese Texte zu lesen. Bis Sie das bestätigen, steht der englische Text daneben.',
		reviewed: (language, by, when) => `${language} wurde geprüft von ${by}, ${when}.`,
		notReviewed: (language) =>
			`${language} ist noch nicht geprüft. Neben diesen Texten steht der englische Text.`,
		reviewer: 'Name der Person, die diese Texte geprüft hat',
		reviewerHint: 'Zum Beispiel eine Betriebsärztin oder ein Betriebsarzt mit dieser Sprache',
		confirm: (language) => `${language} bestätigen`
	},
	asHtml: 'So sieht sie aus',
	hidePictures: 'Bilder ausblenden, wie es viele Mailprogramme tun',
	showPictures: 'Bilder zeigen',
	asText: 'Als reiner Text',
	from: 'Von',
	subject: 'Betreff',
	senderAlone: 'die absendende Adresse',
	sendToMe: 'Diese E-Mail an mich senden',
	sentToMe: (address) => `Wir haben diese E-Mail an ${address} gesendet.`,
	preview: (name) => `Vorschau: ${name}`
};
