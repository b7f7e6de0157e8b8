import type { refusalTexts } from '../../en/platform/refusals';

/** Why something was refused to an employee, and what to do about it. */
export const refusalTextsDe: typeof refusalTexts = {
	notComplete:
		'Dieser Link ist nicht vollständig. Öffnen Sie ihn noch einmal aus Ihrer E-Mail, oder kopieren Sie ihn ganz.',
	endedReplaced:
		'Dieser Link wurde durch einen neueren ersetzt. Nehmen Sie die neueste E-Mail der Koordination.',
	endedLeft:
		'Dieser Link funktioniert nicht mehr, weil Sie als ausgeschieden geführt werden. Wenn das falsch ist, sagen Sie es der Koordination. Wenn Sie sich nicht gut fühlen, rufen Sie jetzt Ihre Arztpraxis oder die Notrufnummer an.',
	endedWithdrawn:
		'Sie haben Ihre Antworten zurückgezogen, deshalb funktioniert dieser Link nicht mehr. Wenn Sie doch teilnehmen möchten, bitten Sie die Koordination um einen neuen Link.',
	tooManySolves:
		'Sie haben heute viele Pläne gemacht. Ihre Antworten sind gespeichert. Bitte machen Sie morgen einen neuen Plan.',
	tooManyMessages:
		'Sie haben heute viele Nachrichten gesendet. Die Koordination hat sie alle. Schreiben Sie morgen wieder, oder rufen Sie an.',
	tooManyMeasures: 'Sie haben heute oft gemessen. Bitte messen Sie morgen wieder.',
	tooManyRequests:
		'Sie haben das heute oft geändert. Ändern Sie es morgen wieder, oder schreiben Sie der Koordination.',
	noPlanYet: 'Es gibt noch keinen Plan. Beantworten Sie zuerst die Fragen.',
	finishFirst: 'Beantworten Sie zuerst die Fragen. Dann wissen wir, was hilft.',
	tooLarge: 'Das ist mehr, als wir in einer Selbsteinschätzung speichern können. Entfernen Sie zuerst etwas.',
	consentFirst:
		'Bitte lesen Sie, was wir erheben, und wählen Sie zuerst „Anfangen“. Vorher geben wir nur Warnzeichen weiter.',
	emergencyOpen:
		'Sie haben uns ein Notfallzeichen genannt, deshalb sind Ihre Seiten vorerst geschlossen. Ihre Eingaben sind gespeichert. Öffnen Sie Ihren Link: Er zeigt die Nummer, die Sie anrufen sollten, und wie es weitergeht.',
	changedMeanwhile:
		'Ihre Antworten haben sich geändert, während der Plan gemacht wurde. Alles ist gespeichert. Bitte versuchen Sie es noch einmal.',
	sharedSessionEnded: 'Das gemeinsame Ansehen ist beendet. Beginnen Sie bei Bedarf noch einmal.',
	notInSharedSession:
		'Das gehört nicht zum gemeinsamen Ansehen. Beantworten Sie es auf seiner eigenen Seite.',
	notShared: 'Sie teilen Ihre Pausen nicht, deshalb wurde nichts gespeichert.',
	notOffered: 'Das wird nicht mehr angeboten. Laden Sie die Seite neu, um zu sehen, was es gibt.',
	trialAnswered: 'Dieser Tag ist schon beantwortet.',
	trialGone: 'Sie probieren nichts mehr aus. Hier ist Ihr Plan.',
	planGone: 'Dieser Plan wurde ersetzt. Hier ist der neueste.',
	enoughSpots: ({ most }) => `Sie haben schon ${most} Arbeitsplätze.`,
	writeAFewWords: 'Schreiben Sie zuerst ein paar Worte.',
	busySolving:
		'Wir machen gerade viele Pläne. Nichts ist verloren. Versuchen Sie es in einer Minute noch einmal.',
	personGone: 'Diese Daten wurden gelöscht.',
	noSuchDay: 'Wählen Sie einen Tag, den es gibt.',
	notUtf8: 'Wir konnten diesen Text nicht lesen. Senden Sie ihn als UTF-8.',
	nestedTooDeeply: 'Diese Daten sind zu tief verschachtelt. Senden Sie sie mit weniger Ebenen.',
	notJson: 'Wir konnten diese Daten nicht lesen. Senden Sie gültiges JSON.',
	unreadableForm:
		'Wir konnten dieses Formular nicht lesen. Laden Sie die Seite neu, und versuchen Sie es noch einmal.',
	solvingTooLong:
		'Dieser Plan hat zu lange gedauert, deshalb haben wir aufgehört. Nichts ist verloren. Versuchen Sie es mit weniger Gegenständen.',
	tooManyWrites: ({ seconds }) =>
		`Zu viele Änderungen auf einmal. Nichts ist verloren. Versuchen Sie es in ${seconds === 1 ? 'einer Sekunde' : `${seconds} Sekunden`} noch einmal.`,
	tooManyWindows: 'Diese Seite ist in zu vielen Fenstern offen. Schließen Sie einige, und laden Sie sie neu.',
	bodyTooLarge: ({ kB }) => `Das ist größer als ${kB} kB. Senden Sie weniger auf einmal.`,
	unreadableText: ({ at }) =>
		`${at || 'Der Text'} enthält Zeichen, die wir nicht lesen können. Entfernen Sie sie, und versuchen Sie es noch einmal.`,
	unreadableField: ({ field }) => `Wir können ${field} nicht lesen.`,
	checked: () => 'Diese Angabe passt nicht. Prüfen Sie sie, und versuchen Sie es noch einmal.',
	foreignSite: 'Diese Anfrage kam von einer anderen Website, deshalb haben wir sie nicht ausgeführt.',
	noPageHere: 'Unter dieser Adresse gibt es keine Seite. Prüfen Sie die Adresse, oder gehen Sie zurück.',
	tooMuchAtOnce: 'Das ist zu viel auf einmal. Senden Sie weniger, und versuchen Sie es noch einmal.',
	unreadableRequest: 'Wir konnten das nicht lesen. Gehen Sie zurück, und versuchen Sie es noch einmal.',
	ourFault:
		'Bei uns ist etwas schiefgegangen, und dieser Schritt wurde nicht gespeichert. Versuchen Sie es gleich noch einmal.'
};
