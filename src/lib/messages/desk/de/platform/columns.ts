import type { DeskTexts } from '../../shapes';

/** The list of people: headings, and the sort order by a column and reversed. */
export const columnTexts: DeskTexts['columns'] = {
	names: {
		name: 'Name',
		team: 'Team',
		email: 'E-Mail-Adresse',
		'staff-number': 'Personalnummer',
		phone: 'Telefon',
		country: 'Land',
		owner: 'Zugewiesen an',
		level: 'Stufe',
		state: 'Selbsteinschätzung',
		answered: 'Beantwortet',
		'checks-off': 'Höhenprobleme',
		'follow-up': 'Wiedervorlage'
	},
	orders: {
		name: ['A bis Z', 'Z bis A'],
		team: ['A bis Z', 'Z bis A'],
		answered: ['neueste zuerst', 'älteste zuerst'],
		'checks-off': ['meiste zuerst', 'wenigste zuerst'],
		'follow-up': ['nächste zuerst', 'letzte zuerst']
	}
};
