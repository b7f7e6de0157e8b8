import type { DeskTexts } from '../../shapes';

/** Zwei Datensätze einer Person werden einer. */
export const mergeTexts: DeskTexts['merge'] = {
	link: 'Mit anderem Datensatz zusammenlegen …',
	title: (name) => `Datensätze von ${name} zusammenlegen · Easy Corner`,
	heading: (name) => `Zwei Datensätze von ${name} zusammenlegen`,
	lead: 'Für Personen, die doppelt geführt werden, etwa mit zwei Adressen. Alles aus dem anderen Datensatz kommt in diesen, und der andere verschwindet.',
	search: 'Den anderen Datensatz suchen',
	searchHint: 'Ein Teil des Namens, des Teams oder der E-Mail-Adresse.',
	find: 'Suchen',
	none: 'Kein anderer Datensatz passt.',
	choose: (name) => `Mit ${name} vergleichen`,
	another: 'Mit einem anderen Datensatz vergleichen',
	keep: 'Welche Angaben bleiben?',
	thisOne: 'Dieser Datensatz',
	otherOne: 'Der andere Datensatz',
	details: {
		name: 'Name',
		email: 'E-Mail-Adresse',
		staffNumber: 'Personalnummer',
		team: 'Team',
		phone: 'Telefonnummer',
		country: 'Land',
		region: 'Region',
		timeZone: 'Zeitzone',
		language: 'Sprache'
	},
	nothing: 'nichts',
	same: (value) => `${value} in beiden`,
	what: 'Was geschieht',
	happens: [
		'Antworten, Pläne, Nachrichten, Notizen, Überweisungen und E-Mails aus beiden bleiben zusammen erhalten. Der Fall wird nach allem neu beurteilt; frühere Ergebnisse des anderen Datensatzes fallen weg.',
		'Von zwei offenen Links gilt der neuere. Von zwei offenen Terminen zum Nachfassen bleibt der frühere.',
		'Links zu beantworteten Selbsteinschätzungen funktionieren weiter.',
		'Frühere Zahlen zählen zwei Personen, spätere eine.'
	],
	waits: (name) =>
		`Ein Warnzeichen von ${name} wartet auf sein Ergebnis. Tragen Sie es zuerst ein: Ein Ergebnis für den einen Datensatz darf kein Zeichen im anderen schließen.`,
	confirm:
		'Beide Datensätze gehören derselben Person. Ich weiß, dass sich das nicht rückgängig machen lässt.',
	merge: 'Datensätze zusammenlegen',
	followUpOutcome: 'Mit dem Nachfassen eines anderen Datensatzes zusammengelegt',
	back: 'Zurück zum Fall'
};
