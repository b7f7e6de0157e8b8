import type { DeskTexts } from '../../shapes';

/** Whether plans help, and how long things take. Numbers are already formatted. */
export const effectTexts: DeskTexts['effect'] = {
	/** The outcomes of a plan. */
	courses: {
		done: 'Plan umgesetzt',
		household: 'nur mit Dingen, die zu Hause waren',
		bought: 'mit Ausstattung, die ihnen gesendet wurde',
		'not-done': 'Plan nicht umgesetzt'
	},
	change: {
		none: 'keine klare Änderung',
		notSure: (by, low, high) => `keine klare Änderung (${by} Punkte, 95-%-Intervall ${low} bis ${high})`,
		lower: (by, low, high) => `etwa ${by} Punkte niedriger (95-%-Intervall ${low} bis ${high})`,
		higher: (by, low, high) => `etwa ${by} Punkte höher (95-%-Intervall ${low} bis ${high})`
	},
	tooFew:
		'Noch kein Ergebnis: Mit oder ohne umgesetzten Plan haben weniger als fünf Personen erneut Angaben gemacht.',
	compared: (done, changeDone, notDone, changeNotDone) =>
		`Änderung des höchsten Beschwerdewerts, 0 bis 10. Mit umgesetztem Plan (${done}): ${changeDone}. Ohne (${notDone}): ${changeNotDone}.`,
	withinDays: (n) =>
		n === 0 ? 'am selben Tag' : n === 1 ? 'innerhalb von einem Tag' : `innerhalb von ${n} Tagen`,
	withinWeeks: (n) => (n === 1 ? 'innerhalb von einer Woche' : `innerhalb von ${n} Wochen`),
	halfDealtWith: (time) => `Die Hälfte aller Antworten war ${time} bearbeitet.`,
	fewerDealtWith: 'Weniger als die Hälfte aller Antworten war innerhalb von drei Monaten bearbeitet.',
	halfCarriedOut: (time) => `Die Hälfte aller Pläne war ${time} umgesetzt.`,
	fewerCarriedOut: 'Weniger als die Hälfte aller Pläne war innerhalb eines Jahres umgesetzt.',
	noTimes: 'Zu wenige Personen für ein Ergebnis.',
	people: (n, formatted) => `${formatted} ${n === 1 ? 'Person' : 'Personen'}`,
	interval: (low, high) => `${low} bis ${high}`,
	share: (x, n) => `${x} von ${n}`,
	percent: (share) => `${share} %`,
	hidden: 'nicht gezeigt',
	pValueBelow: (p) => `kleiner als ${p}`,
	groupings: {
		team: 'Team',
		country: 'Land',
		round: 'Runde',
		way: 'Sitzhaltung',
		route: 'Länge des Fragebogens',
		spot: 'Art des Arbeitsplatzes',
		time: 'Tag der Antworten'
	},
	noTeam: 'Ohne Team',
	unknownCountry: 'Land unbekannt',
	deletedRound: 'Gelöschte Runde',
	noRound: 'Nicht Teil einer Runde',
	routes: { short: 'Kurzer Fragebogen', complete: 'Ganzer Fragebogen' },
	spots: {
		standing: 'Stehen',
		chair: 'Stuhl',
		stool: 'Hocker oder Bank',
		ball: 'Ball',
		wheelchair: 'Rollstuhl',
		sofa: 'Sofa oder Sessel',
		bed: 'Bett'
	}
};
