import type { DeskTexts } from '../../shapes';

/** Was die Organisation anbietet, verleiht und ihr Eigen nennt, nach Bereich. */
export const settingsTexts: DeskTexts['settings'] = {
	title: (heading) => `${heading} · Easy Corner`,
	areas: {
		choices: {
			link: 'Sitzweisen und Pausen',
			heading: 'Sitzweisen und Pausenpläne',
			lead: 'Legen Sie fest, welche Sitzweisen und Pausenpläne zur Wahl stehen. Eine getroffene Wahl behalten alle.'
		},
		'days-off': {
			link: 'Freie Tage',
			heading: 'Freie Tage',
			lead: 'Tragen Sie Tage ein, an denen Ihre Organisation nicht arbeitet, und Feiertage, an denen sie arbeitet. Fristen, Erinnerungen und Rückmeldungen überspringen freie Tage am Ort der Person.'
		},
		'household-items': {
			link: 'Haushaltsgegenstände',
			heading: 'Haushaltsgegenstände',
			lead: 'Legen Sie fest, welche Gegenstände sich eintragen lassen und mit welcher Größe sie beginnen. Ergänzen Sie, was viele bei Ihnen haben, etwa den Karton des Laptops.'
		},
		equipment: {
			link: 'Ausstattungskatalog',
			heading: 'Ausstattungskatalog',
			lead: 'Legen Sie fest, worum gebeten werden kann, mit Preisen, Lieferanten und Lieferzeiten. Ergänzen Sie Eigenes und sagen Sie, wobei es hilft.'
		},
		'purchasing-file': {
			link: 'Datei für den Einkauf',
			heading: 'Datei für den Einkauf',
			lead: 'Geben Sie den Spalten der Ausstattungsdatei (CSV) die Reihenfolge und die Überschriften, die Ihre Einkaufssoftware erwartet. Lassen Sie Spalten weg und fügen Sie solche hinzu, in denen jede Zeile dasselbe sagt, etwa eine Kostenstelle.'
		},
		'eye-tests': {
			link: 'Sehtests',
			heading: 'Sehtests',
			lead: 'Sagen Sie, in welchen Ländern ein Anspruch auf einen Sehtest besteht, nach welchem Gesetz und wie man ihn bekommt. Gebeten wird darum auf den eigenen Seiten, und Sie tragen ein, wann er gemacht ist. Prüfen Sie jedes Gesetz: Örtliches Recht geht vor.'
		},
		teams: {
			link: 'Teams',
			heading: 'Teams',
			lead: 'Fügen Sie Teams hinzu, benennen Sie sie um oder legen Sie sie zusammen. Alle in einem Team gehen mit dem neuen Namen mit; abgeschlossene Zahlen behalten den alten.'
		}
	},
	published: (version) => `${version} gilt jetzt.`,
	publishedDays: (version) =>
		`${version} gilt jetzt. Wir zählen die Tage aller Fälle neu; „Heute“ sagt, wie viele noch fehlen.`,
	fileName: (area, version) => `einstellungen-${area}-${version}.json`,
	howChanged: {
		added: (name) => `Neu: ${name}`,
		removed: (name) => `Entfernt: ${name}`,
		changed: (name) => `Geändert: ${name}`
	},
	concerned: {
		choices: (n) =>
			n === 0
				? 'Niemand nutzt, was Sie nicht mehr anbieten.'
				: `${n === 1 ? 'Eine Person nutzt' : `${n} Personen nutzen`}, was Sie nicht mehr anbieten, und ${n === 1 ? 'behält' : 'behalten'} es.`,
		'days-off': (n) =>
			n === 0
				? 'Kein Nachfassen fällt auf einen neuen freien Tag.'
				: `${n === 1 ? 'Ein Nachfassen fällt' : `${n} Mal fällt Nachfassen`} auf einen neuen freien Tag und behält den Tag, bis Sie es verschieben.`,
		'household-items': () => 'Eingetragene Gegenstände bleiben auf den Listen, mit den gemessenen Größen.',
		equipment: (n) =>
			n === 0
				? 'Keine offene Anfrage betrifft etwas, das Sie nicht mehr anbieten.'
				: `${n === 1 ? 'Eine offene Anfrage betrifft' : `${n} offene Anfragen betreffen`} etwas, das Sie nicht mehr anbieten. ${n === 1 ? 'Sie bleibt' : 'Sie bleiben'} unter „Ausstattung“.`,
		'purchasing-file': () => 'Die nächste Datei, die Sie herunterladen, hat diese Spalten.',
		'eye-tests': () => 'Auf den eigenen Seiten ist das ab jetzt zu sehen. Gestellte Anfragen bleiben.',
		teams: (n) =>
			n === 0
				? 'Niemand wechselt das Team.'
				: `${n === 1 ? 'Eine Person bekommt' : `${n} Personen bekommen`} den Namen eines anderen Teams.`
	},
	noLevels: 'Keine Stufe ändert sich: Von diesen Einstellungen hängt keine ab.',
	listed: (n) => (n === 1 ? 'Diese Person ansehen' : `${n} davon ansehen`),
	choices: {
		styles: 'Sitzweisen',
		schedules: 'Pausenpläne',
		usual: (words) => `${words} (üblich, bleibt im Angebot)`,
		oneStyle: 'Mindestens eine bleibt im Angebot.'
	},
	daysOff: {
		day: 'Tag',
		name: 'Name',
		country: 'Land',
		everywhere: 'Alle Länder',
		region: 'Regionskürzel',
		regionHint: 'Wie in der Personenliste, etwa BE; leer für das ganze Land.',
		isWorked: 'An diesem Tag wird gearbeitet',
		add: 'Tag hinzufügen',
		remove: (name) => `${name} entfernen`,
		newDay: 'Neuer Tag',
		none: 'Keine eigenen Tage: Feiertage und Wochenenden gelten unverändert.'
	},
	household: {
		kinds: 'Gegenstände zur Auswahl',
		own: 'Eigene Gegenstände',
		offered: (name) => `${name} anbieten`,
		sides: ['Länge, mm', 'Breite, mm', 'Höhe, mm'],
		sideOf: (side, name) => `${side}: ${name}`,
		kind: 'Verwendet wie',
		add: 'Eigenen Gegenstand hinzufügen',
		newItem: 'Neuer Gegenstand'
	},
	equipment: {
		currency: 'Währung',
		offered: 'Kann angefragt werden',
		price: 'Preis',
		supplier: 'Lieferant',
		article: 'Artikelnummer',
		delivery: 'Lieferzeit, Werktage',
		details: 'Einzelheiten',
		detailsOf: (name) => `Einzelheiten: ${name}`,
		ownName: (language) => `Name auf ${language}`,
		helps: 'Hilft bei',
		addProblem: 'Problem hinzufügen',
		add: 'Eigene Ausstattung hinzufügen',
		newItem: 'Neue Ausstattung'
	},
	purchasing: {
		heading: (content: string) => `Überschrift von „${content}“`,
		value: (heading: string) => `In jeder Zeile von „${heading}“`,
		up: (heading: string) => `Nach oben: ${heading}`,
		down: (heading: string) => `Nach unten: ${heading}`,
		remove: (heading: string) => `Weglassen: ${heading}`,
		leaveOut: 'Weglassen',
		add: 'Diese Spalte hinzufügen',
		column: 'Weitere Spalte',
		newHeading: 'Neue Spalte',
		contents: {
			thing: 'Code des Artikels',
			person: 'Beschäftigte Person',
			team: 'Team',
			state: 'Stand',
			since: 'In diesem Stand seit',
			asked: 'Angefragt am',
			closes: 'Wobei es hilft',
			supplier: 'Lieferant',
			'order number': 'Bestellnummer',
			cost: 'Preis',
			currency: 'Währung',
			'from the store': 'Aus dem Lager',
			'back by': 'Zurück bis',
			reason: 'Begründung',
			name: 'Name des Artikels',
			'item number': 'Artikelnummer',
			'deliver to': 'Lieferadresse',
			fixed: 'In jeder Zeile dasselbe'
		}
	},
	teams: {
		name: (i) => `Team ${i}`,
		add: 'Team hinzufügen',
		remove: (name) => `${name || 'Team ohne Namen'} entfernen`,
		mergeHint:
			'Zwei Teams legen Sie zusammen, indem Sie beiden denselben Namen geben. Ein Team mit Personen darin lässt sich nicht entfernen.',
		none: 'Noch keine Teams.'
	},
	eyeTests: {
		law: 'Gesetz, oder wer ihn gibt',
		everyMonths: 'Wieder nach, Monate',
		everyHint: 'Lassen Sie die Monate leer, wo das Gesetz keine nennt.',
		howTo: (language) => `Wie man ihn bekommt, auf ${language}`,
		add: 'Land hinzufügen',
		removeOf: (country) => `${country} entfernen`,
		again: (months) => (months === 1 ? 'jeden Monat' : `alle ${months} Monate`),
		details: 'Ändern',
		detailsOf: (country) => `Ändern: ${country}`,
		otherCountries: 'Alle anderen Länder'
	},
	remove: 'Entfernen',
	removeItem: 'Diesen Eintrag entfernen',
	wholeNumber: 'Geben Sie eine ganze Zahl ein.',
	amount: 'Geben Sie einen Betrag ein, etwa 129,90.'
};
