import type { DeskTexts } from '../../shapes';

const people = (n: number) => (n === 1 ? 'eine Person' : `${n} Personen`);

/** Rounds. */
export const roundTexts: DeskTexts['rounds'] = {
	deleteDraft: 'Entwurf löschen',
	sendTo: (n) => `An ${people(n)} senden`,
	sendMenu: (n) => `An ${people(n)} senden …`,
	sendHint: (startsOn, reminders) =>
		`Die Einladungen gehen ab ${startsOn} hinaus. Wer nicht antwortet, bekommt nach ${reminders} Arbeitstagen Erinnerungen und steht danach auf der Anrufliste.`,
	seeReminder: 'Erinnerung ansehen',
	paused: 'Angehalten',
	pause: 'Anhalten',
	resume: 'Fortsetzen',
	pausedHint:
		'Solange die Runde angehalten ist, gehen weder Einladungen noch Erinnerungen hinaus. Die Links funktionieren weiter.',
	correctMenu: 'Verlängern oder berichtigen …',
	correctHint: (waiting) =>
		waiting === 0
			? 'Alle Einladungen sind hinaus und behalten Tag und Text. Erinnerungen bekommen den neuen Betreff.'
			: waiting === 1
				? 'Eine Einladung ist noch nicht hinaus: Sie bekommt den neuen Tag und Text. Die anderen behalten ihre.'
				: `${waiting} Einladungen sind noch nicht hinaus: Sie bekommen den neuen Tag und Text. Die anderen behalten ihre.`,
	lastDay: 'Letzter Tag für Antworten',
	subject: 'Betreff',
	body: 'E-Mail',
	saveCorrection: 'Änderungen speichern',
	reopenMenu: 'Runde wieder öffnen …',
	reopenHint:
		'Noch nicht gesendete E-Mails gehen hinaus. Personen ohne Antwort verlassen die Anrufliste und werden ab morgen wieder erinnert.',
	confirmReopening: 'Ja, Runde wieder öffnen',
	closeMenu: 'Runde schließen …',
	closeHint:
		'Wir senden keine Erinnerungen mehr. Die Links funktionieren weiter, und Sie können die Runde wieder öffnen.',
	addToCallList: (n) => `Die ${n} ohne Antwort auf die Anrufliste setzen`,
	confirmClosing: 'Ja, Runde schließen',
	results: 'Ergebnisse',
	compareWith: 'Vergleichen mit',
	answeredBoth: (n) =>
		n === 1
			? 'Nur die eine Person, die in beiden Runden geantwortet hat'
			: `Nur die ${n} Personen, die in beiden Runden geantwortet haben`,
	people: 'Personen',
	answered: 'Beantwortet',
	answeredAfterClosing: 'davon nach dem Schließen',
	medianDays: 'Tage bis zur Antwort (Median)',
	withHeightProblem: 'Mit einem Höhenproblem beim Antworten',
	withDiscomfort: 'Mit Beschwerden ab 4',
	notAnswered: 'Ohne Antwort',
	remindMany: (n) => `Jetzt ${people(n)} erinnern`,
	remindHint:
		'Das zählt als die nächste Erinnerung. Personen, die im letzten Tag eine E-Mail bekommen haben, lassen wir aus.',
	everyoneAnswered: 'Alle haben geantwortet.',
	remindOne: (name) => `Jetzt erinnern: ${name}`,
	remindNow: 'Jetzt erinnern',
	firstHundred: 'Die ersten 100 werden gezeigt.',
	reminding: (n) => `Wir erinnern jetzt ${people(n)}.`,
	emailReturned: 'E-Mail kam zurück: Adresse berichtigen',
	reminders: (sent, of, next) => `${sent} von ${of} Erinnerungen${next}`,
	nextReminder: (day) => `, nächste ${day}`,
	namesAndMore: (names, more) => `${names.join(', ')}${more > 0 ? ` und ${more} weitere` : ''}.`,
	recipients: 'Empfängerinnen und Empfänger',
	goesTo: (n) => `Die Runde geht an ${people(n)}`,
	leftOut: (n, words) => `Ausgelassen: ${n}, ${words}`,
	leftOutHint: 'Aus ihrem Fall können Sie trotzdem eine Selbsteinschätzung senden.',
	pageTitle: 'Runden · Easy Corner',
	heading: 'Befragungsrunden',
	lead: 'Senden Sie Selbsteinschätzungen an viele Personen auf einmal, mit Erinnerungen.',
	newRound: 'Neue Runde',
	noneYet:
		'Noch keine Runden. Erstellen Sie eine: Wählen Sie die Personen, die E-Mail und die Tage. Nichts wird gesendet, bevor Sie gesehen haben, an wie viele Personen es geht.',
	summary: ({ roundStates, startsOn, dueOn }) => `${roundStates} · ${startsOn} bis ${dueOn}`,
	titleOf: (name) => `${name} · Easy Corner`,
	fullSummary: ({ roundStates, startsOn, dueOn, timeZone, checklistVersion }) =>
		`${roundStates} · ${startsOn} bis ${dueOn}, ${timeZone} · Checkliste Version ${checklistVersion}`,
	forecast: {
		heading: 'Vorhersage',
		afterwards: 'Vorhersage und bisheriges Ergebnis',
		lead: (from) =>
			`Aus der Zeit, die Antworten, Anrufe und Rückmeldungen nach den letzten ${from} Einladungen brauchten. In neun von zehn Fällen liegt die Zahl im Bereich.`,
		tooFew: (least) =>
			`Noch gibt es keine Vorhersage: Dafür braucht es mindestens ${least} frühere Einladungen.`,
		week: 'Woche',
		from: (day) => `ab ${day}`,
		kinds: {
			answers: 'Antworten',
			calls: 'Angerufene',
			checkIns: 'Gesendete Rückmeldungen',
			hours: 'Arbeitsstunden'
		},
		range: (low, high) => `${low} bis ${high}`,
		came: (n) => `bisher: ${n}`,
		outside: 'außerhalb des Bereichs',
		total: 'Insgesamt',
		minutes: (answers, calls, checkIns) =>
			`Gerechnet sind ${answers} Minuten für das Lesen einer Antwort, ${calls} für einen Anruf mit Notiz und ${checkIns} für das Lesen einer Rückmeldung.`
	},
	saveDraft: 'Entwurf speichern',
	newRoundTitle: 'Neue Runde · Easy Corner',
	saveAsDraft: 'Entwurf speichern'
};
