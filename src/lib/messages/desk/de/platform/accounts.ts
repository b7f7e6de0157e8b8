import type { DeskTexts } from '../../shapes';

/** Accounts, passwords and the sign-in. */
export const accountTexts: DeskTexts['accounts'] = {
	tokens: {
		link: 'API-Zugänge',
		title: 'API-Zugänge · Easy Corner',
		heading: 'API-Zugänge',
		lead: 'Ein Programm mit einem Zugang darf in Ihrem Namen, was Sie hier ankreuzen. Was es liest und ändert, steht als Ihre Handlung im Protokoll. Ein neues Passwort beendet alle Ihre Zugänge.',
		description: 'Beschreibung (OpenAPI 3.1)',
		made: 'Das ist der Zugang. Kopieren Sie ihn jetzt: Er wird nur dieses eine Mal gezeigt.',
		yours: 'Ihre Zugänge',
		none: 'Kein Programm handelt für Sie.',
		until: (day) => `Gilt bis ${day}.`,
		used: (moment) => `Zuletzt benutzt ${moment}.`,
		unused: 'Noch nicht benutzt.',
		end: 'Beenden',
		endNamed: (name) => `Beenden: ${name}`,
		make: 'Zugang anlegen',
		name: 'Name',
		nameHint: 'Zum Beispiel der des Programms.',
		may: 'Es darf …',
		scopes: {
			'people:read': 'Angaben zu Personen lesen',
			'people:change': 'Personen hinzufügen, ihre Angaben ändern und als ausgeschieden markieren',
			'assessments:send': 'Selbsteinschätzungen senden',
			'rounds:read': 'Runden lesen, und wie viele geantwortet haben',
			'rounds:run': 'Runden anlegen, starten, anhalten und schließen',
			'cases:read': 'Ergebnisse lesen: Stufen, Warnzeichen, Prüfungen und Beschwerden'
		},
		days: 'Wie lange',
		daysWords: (n) => `${n} Tage`,
		makeIt: 'Zugang anlegen'
	},
	absence: {
		title: 'Abwesenheit und Übergabe · Easy Corner',
		heading: 'Abwesenheit und Übergabe',
		link: 'Abwesenheit und Übergabe',
		lead: 'Solange Sie abwesend sind, sieht Ihre Vertretung Ihre Fälle unter „Mir zugewiesen“ und bekommt die Alarme, die sonst Sie als Vertretung bekämen. Sie können auch die Abwesenheit anderer eintragen.',
		awayHeading: 'Abwesenheit eintragen',
		who: 'Wer ist abwesend?',
		from: 'Erster Tag',
		until: 'Letzter Tag',
		standIn: 'Vertretung',
		save: 'Abwesenheit speichern',
		saved: 'Gespeichert.',
		line: (name, cases) => `${name}: ${cases} zugewiesen`,
		away: ({ from, until, standIn }) => `abwesend vom ${from} bis ${until}, vertreten durch ${standIn}`,
		isBack: (name) => `${name} ist zurück`,
		handHeading: 'Fälle übergeben',
		handLead:
			'Alle Personen, die jemandem zugewiesen sind, gehen an jemand anderen. Die Übergabe steht bei den heutigen Handlungen und lässt sich dort zurücknehmen.',
		handFrom: 'Von',
		handTo: 'An',
		nobody: 'Niemandem zugewiesen',
		hand: (n) => (n === 1 ? 'Eine Person übergeben' : `${n} Personen übergeben`),
		handed: (n) => `Erledigt: ${n === 1 ? 'Eine Person wurde' : `${n} Personen wurden`} übergeben.`,
		standingIn: (names) => `Sie vertreten ${names}. Deren Fälle stehen unter „Mir zugewiesen“.`,
		standingInUntil: (name, until) => `${name} (bis ${until})`
	},
	accountPageTitle: 'Ihr Konto · Easy Corner',
	yourAccount: 'Ihr Konto',
	sessions: 'Wo Sie angemeldet sind',
	session: (device, isHere) => `${device}${isHere ? ' (dieser Browser)' : ''}`,
	signedInSince: (since) => `seit ${since}`,
	signOutOthers: 'In allen anderen Browsern abmelden',
	signedOutOthers: (isDone) => (isDone ? 'In allen anderen Browsern sind Sie abgemeldet.' : ''),
	password: 'Passwort',
	forgotPassword: 'Passwort vergessen?',
	emailPasswordLink: 'Link per E-Mail anfordern',
	unknownBrowser: 'Unbekannter Browser',
	browserOn: (browser, system) => `${browser} unter ${system}`,
	language: 'Sprache',
	deskLanguage: 'Sprache Ihrer Seiten und E-Mails',
	saveLanguage: 'Sprache speichern',
	accountsTitle: 'Konten · Easy Corner',
	accounts: 'Konten',
	accountsLead: 'Personen, die sich anmelden können, und ihre Rollen.',
	accountState: (isClosed, roles) => (isClosed ? 'geschlossen' : roles),
	confirmClosing: 'Ja, Konto schließen',
	cancelClosing: 'Abbrechen',
	closeAccount: 'Konto schließen …',
	inviteHeading: 'Eine Person einladen',
	name: 'Name',
	emailAddress: 'E-Mail-Adresse',
	role: 'Rolle',
	sendInvitation: 'Einladung senden',
	invited: (address) =>
		address ? `Wir haben eine Einladung an ${address} gesendet. Der Link gilt sieben Tage.` : '',
	coordinator: 'Koordination',
	roleChoice: (role, sees) => `${role}: ${sees}`,
	coordinatorSees: 'sieht alle Fälle und darf alles',
	clinician: 'Ärztin oder Arzt',
	clinicianSees: 'sieht nur überwiesene Fälle',
	analyst: 'Auswertung',
	analystSees: 'sieht nur Summen, keine einzelnen Personen',
	forgotTitle: 'Passwort vergessen? · Easy Corner',
	product: 'Easy Corner',
	forgotHeading: 'Passwort vergessen?',
	passwordLinkSent:
		'Wenn es ein Konto mit dieser Adresse gibt, haben wir einen Link dorthin gesendet. Er gilt zwei Stunden.',
	passwordLinkLead:
		'Geben Sie die E-Mail-Adresse Ihres Kontos ein. Wir senden Ihnen einen Link, mit dem Sie ein neues Passwort wählen.',
	sendPasswordLink: 'Link senden',
	backToSignIn: 'Zurück zur Anmeldung',
	choosePasswordTitle: 'Passwort wählen · Easy Corner',
	choosePassword: 'Passwort wählen',
	choosePasswordLead: (name) => `Für ${name}. Alle Ihre Browser werden abgemeldet.`,
	passwordField: (shortest) => `Passwort (mindestens ${shortest} Zeichen)`,
	savePassword: 'Passwort speichern',
	signInTitle: 'Anmelden · Easy Corner',
	signIn: 'Anmelden',
	signInLead:
		'Für Koordination, Ärztinnen, Ärzte und Auswertung. Beschäftigte verwenden den Link in ihrer E-Mail.',
	demo: 'Demo:',
	demoPassword: 'jeweils mit dem Passwort',
	code: 'Code',
	codeTitle: 'Zweiter Faktor · Anmelden · Easy Corner',
	factorLead: (hasCode, hasPasskey) =>
		hasCode
			? `Geben Sie die sechs Ziffern ein, die Ihr Telefon für Easy Corner zeigt${hasPasskey ? ', oder verwenden Sie Ihren Passkey' : ''}.`
			: 'Verwenden Sie Ihren Passkey, oder geben Sie einen Ihrer Wiederherstellungscodes ein.',
	codeLost:
		'Gerät verloren? Geben Sie einen Ihrer Wiederherstellungscodes ein. Wenn Sie keine haben, bitten Sie die Koordination, Ihr Konto zu schließen und Sie wieder einzuladen.',
	asSomeoneElse: 'Mit einem anderen Konto anmelden',
	confirmTitle: 'Ihr Passwort · Easy Corner',
	confirm: 'Passwort bestätigen',
	confirmLead: (name) =>
		`Sie sind als ${name} angemeldet. Der nächste Schritt betrifft viele Personen oder lässt sich nicht rückgängig machen. Bitte geben Sie Ihr Passwort noch einmal ein.`,
	goOn: 'Weiter',
	secondFactor: 'Zweiter Faktor',
	secondFactorTitle: 'Zweiter Faktor · Easy Corner',
	factorWhy:
		'Ein zweiter Faktor schützt Ihr Konto, wenn jemand Ihr Passwort erfährt. Verwenden Sie einen Passkey oder Codes von Ihrem Telefon.',
	activeFactors: (passkeys, hasCodes, left) =>
		`Aktiv: ${[
			...(passkeys > 0 ? [passkeys === 1 ? 'ein Passkey' : `${passkeys} Passkeys`] : []),
			...(hasCodes ? ['Codes von Ihrem Telefon'] : [])
		].join(
			' und '
		)}. ${left === 1 ? 'Ein Wiederherstellungscode ist' : `${left} Wiederherstellungscodes sind`} übrig.`,
	passkeys: 'Passkeys',
	passkeyWhy:
		'Ein Passkey ist auf Ihrem Telefon oder Laptop gespeichert. Sie entsperren ihn mit Finger, Gesicht oder Geräte-PIN. Er meldet Sie ohne Passwort an und gilt nur hier.',
	passkeyName: 'Name des Geräts',
	passkeyNameHint: 'Zum Beispiel „Arbeitslaptop“',
	addPasskey: 'Passkey hinzufügen',
	usePasskey: 'Passkey verwenden',
	lastUsed: (when) => `zuletzt verwendet ${when}`,
	addedOn: (when) => `hinzugefügt ${when}`,
	removePasskey: (name) => `Entfernen: ${name}`,
	passkeyNeedsName: 'Passkeys brauchen eine Adresse mit einem Namen. Hier funktionieren sie unter',
	noPasskeysHere: 'In diesem Browser oder unter dieser Adresse funktionieren Passkeys nicht.',
	passkeyThere: 'Auf diesem Gerät haben Sie schon einen Passkey.',
	passkeyNotUsed:
		'Es wurde kein Passkey verwendet: Der Vorgang wurde abgebrochen, oder dieses Gerät hat keinen für Easy Corner. Es wurde nichts geändert.',
	phoneCodes: 'Codes von Ihrem Telefon',
	signInWith: (name) => `Anmelden mit ${name}`,
	providerWhy: {
		cancelled:
			'Sie wurden dort nicht angemeldet. Versuchen Sie es noch einmal, oder verwenden Sie Ihr Passwort.',
		unreachable:
			'Die Anmeldung Ihrer Organisation antwortet nicht. Verwenden Sie Ihr Passwort, oder versuchen Sie es in einigen Minuten noch einmal.',
		refused:
			'Die Anmeldung Ihrer Organisation hat unerwartet geantwortet. Bitte versuchen Sie es noch einmal.',
		unknown:
			'Sie sind dort angemeldet, haben hier aber kein Konto. Bitten Sie die Koordination um eine Einladung.'
	},
	hasLogAccess: 'Darf das Protokoll sehen',
	hasNoLogAccess: 'Darf das Protokoll nicht sehen',
	giveLogAccess: 'Zugang zum Protokoll geben',
	removeLogAccess: 'Zugang zum Protokoll entziehen',
	codeWhy: 'Sie geben zum Passwort einen Code von Ihrem Telefon ein.',
	codeNeeded: 'Ihre Organisation verlangt einen zweiten Faktor. Richten Sie ihn ein, um weiterzuarbeiten.',
	setUpCode: 'Codes einrichten',
	changeCode: 'Telefon wechseln',
	scanIt: 'Lesen Sie dies mit einer Authentifizierungs-App auf Ihrem Telefon ein.',
	qrOf: 'QR-Code des Schlüssels, der auch als Text darunter steht',
	typeSecret: 'Oder geben Sie diesen Schlüssel in der App ein:',
	codeNow: 'Code, den die App jetzt zeigt',
	turnOnCodes: 'Codes einschalten',
	codesAreOn: 'Die Codes sind eingeschaltet. Sie brauchen bei jeder Anmeldung einen.',
	recoveryLead:
		'Bewahren Sie diese Wiederherstellungscodes getrennt von Ihrem Gerät auf. Wenn Sie es verlieren, meldet jeder Code Sie einmal an. Wir zeigen sie nur jetzt.',
	savedThem: 'Ich habe sie gespeichert',
	codeAsked: 'Sie brauchen zum Anmelden einen Code von Ihrem Telefon.',
	codeStays:
		'Ihre Organisation verlangt ihn, deshalb können Sie ihn nicht entfernen. Für ein anderes Telefon melden Sie sich mit einem Wiederherstellungscode an und fragen Sie die Koordination.',
	turnOffCodes: 'Codes ausschalten',
	currentPassword: 'Aktuelles Passwort',
	newPassword: (shortest) => `Neues Passwort (mindestens ${shortest} Zeichen)`,
	changePassword: 'Passwort ändern',
	passwordChanged: 'Ihr Passwort ist geändert. Alle anderen Browser sind abgemeldet.'
};
