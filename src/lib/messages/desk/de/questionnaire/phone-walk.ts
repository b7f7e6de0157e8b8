import type { DeskTexts } from '../../shapes';

/** Die Fragen am Telefon, mit Personen ohne Gerät. */
export const phoneWalkTexts: DeskTexts['phoneWalk'] = {
	link: 'Am Telefon fragen',
	title: (name) => `Am Telefon mit ${name} · Easy Corner`,
	back: (name) => `Zurück zu ${name}`,
	heading: 'Die Fragen am Telefon stellen',
	lead: (name) =>
		`Für Personen ohne Gerät zur Hand: Sie lesen jede Frage vor und tragen ein, was ${name} sagt und misst.`,
	inTheirLanguage: (language) => `Die Fragen erscheinen auf ${language}.`,
	hasLeft: (name) => `${name} ist nicht mehr da; eine Selbsteinschätzung kann nicht beginnen.`,
	readOut: 'Lesen Sie zuerst vor, was erhoben wird',
	ask: 'Fragen Sie nach der Zustimmung',
	agreed: (name) => `${name} hat das gehört und stimmt zu`,
	begin: 'Mit den Fragen beginnen',
	goOn: 'Mit der offenen Selbsteinschätzung weitermachen',
	then: 'Während Sie fragen',
	signs:
		'Die Warnzeichen kommen zuerst. Bedeutet eines einen Notfall, zeigt die Seite die Nummer: Lassen Sie die Person auflegen und dort anrufen, oder rufen Sie für sie an.',
	marked:
		'Der Fall, der Verlauf und das Protokoll sagen, dass die Antworten am Telefon gegeben wurden und wer gefragt hat.',
	answered: (name, day) => `Am Telefon beantwortet, gefragt hat ${name}, begonnen am ${day}.`,
	asked: (name) => `am Telefon gefragt von ${name}`,
	closed: 'ein geschlossenes Konto'
};
