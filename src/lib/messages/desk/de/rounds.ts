import type { DeskTexts } from '../shapes';

const people = (n: number) => (n === 1 ? 'eine Person' : `${n} Personen`);

/** Rounds. */
export const roundTexts: DeskTexts['rounds'] = {
	deleteDraft: 'Entwurf löschen',
	sendTo: (n) => `An ${people(n)} senden`,
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
	saveDraft: 'Entwurf speichern',
	newRoundTitle: 'Neue Runde · Easy Corner',
	saveAsDraft: 'Entwurf speichern'
};
