import type { DeskTexts } from '../../shapes';

/** The page on which crisis lines are set. */
export const crisisLineTexts: DeskTexts['crisisLines'] = {
	title: 'Krisentelefone · Easy Corner',
	heading: 'Krisentelefone',
	lead: 'Wenn eine Person angibt, dass sie daran denkt, ihr Leben zu beenden, zeigt ihre Seite neben der Notrufnummer das Krisentelefon ihres Landes. Easy Corner bringt keine Krisentelefone mit: Bitte tragen Sie Nummern ein, die Sie geprüft haben, und prüfen Sie sie alle paar Monate.',
	none: 'Kein Krisentelefon ist eingetragen.',
	noneHint: 'Bis Sie eines eintragen, sagt die Seite das und nennt die Notrufnummer.',
	country: 'Land',
	countryCode: 'Ländercode',
	countryHint: 'Zwei Buchstaben, zum Beispiel AT',
	name: 'Name des Krisentelefons',
	nameHint: 'Wie es dort heißt',
	phone: 'Telefonnummer',
	phoneHint: 'Wie man sie in diesem Land wählt',
	addHeading: 'Krisentelefon eintragen oder ändern',
	save: 'Krisentelefon speichern',
	remove: (country) => `Krisentelefon entfernen: ${country}`,
	saved: (country) => `Gespeichert. Personen in diesem Land sehen es ab jetzt: ${country}.`,
	removed: (country) => `Entfernt. Personen in diesem Land sehen nur die Notrufnummer: ${country}.`,
	link: 'Krisentelefone eintragen'
};
