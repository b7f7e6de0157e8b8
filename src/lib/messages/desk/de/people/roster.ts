import type { DeskTexts } from '../../shapes';

/** A file with a list of people. */
export const rosterTexts: DeskTexts['roster'] = {
	fields: {
		name: 'Name',
		email: 'E-Mail-Adresse',
		staffNumber: 'Personalnummer',
		team: 'Team',
		phone: 'Telefon',
		country: 'Land',
		region: 'Region',
		timeZone: 'Zeitzone',
		language: 'Sprache',
		leavesOn: 'Austrittsdatum'
	},
	ignored: {
		'no-person': 'keine Person darin',
		headings: 'noch einmal die Überschriften',
		same: 'noch einmal dieselbe Person'
	},
	/** What is wrong with a cell, and what to do. */
	faults: {
		missing: () => 'fehlt. Bitte ausfüllen.',
		'no-address': ({ text }) => `„${text}“ ist keine E-Mail-Adresse.`,
		twice: ({ text, first }) => `„${text}“ steht schon in Zeile ${first ?? 0}. Behalten Sie eine davon.`,
		'too-long': ({ text }) => `„${text} …“ ist länger als 200 Zeichen.`,
		'no-country': ({ text }) =>
			`Das Land „${text}“ kennen wir nicht. Verwenden Sie seinen Namen oder zwei Buchstaben wie AT.`,
		'no-phone': ({ text }) => `„${text}“ ist keine Telefonnummer.`,
		'no-region': ({ text }) => `„${text}“ ist kein Regionscode. Verwenden Sie einen Code wie BY.`,
		'no-time-zone': ({ text }) =>
			`„${text}“ ist keine Zeitzone. Verwenden Sie einen Namen wie Europe/Vienna.`,
		'no-language': ({ text }) =>
			`„${text}“ ist keine Sprache, die wir kennen. Verwenden Sie ihren Namen oder einen Code wie de.`,
		'no-date': ({ text }) => `„${text}“ ist kein Datum. Verwenden Sie ein Datum wie 2026-03-31.`
	}
};
