import type { StartTexts } from '../../shapes';

/** Texts of the start page. */
export const startTexts: StartTexts = {
	title: (name) => `Guten Tag, ${name}. Prüfen wir, ob Ihr Arbeitsplatz zu Ihnen passt.`,
	lead: (minutes) => `Das dauert etwa ${minutes} Minuten, am besten mit einem Maßband.`,
	again: {
		title: 'Was ist anders als beim letzten Mal?',
		lead: 'Wir haben gespeichert, was Sie gemessen haben. Kreuzen Sie an, was sich geändert hat. Wir fragen nur danach, wie es Ihnen geht, und nach der Sicherheit.',
		renewed: {
			place: 'Anderer Tisch, anderer Raum oder andere Wohnung',
			chair: 'Anderer Stuhl',
			devices: 'Anderer Bildschirm, andere Tastatur oder Maus',
			glasses: 'Neue Brille oder Linsen'
		},
		stillTitle: 'Ist es noch da?',
		stillLead:
			'Das haben Sie nach dem letzten Mal eingerichtet. Entfernen Sie den Haken, wenn etwas nicht mehr da ist.',
		step: (place, pieces) => (pieces ? `${place}: ${pieces}` : place),
		finding: (problem) => `Behoben: ${problem}`
	},
	everything: (minutes) => `Alle Fragen stellen (etwa ${minutes} Minuten)`,
	linesTitle: 'Bevor Sie anfangen',
	moreOnPrivacy: 'Mehr über Ihre Daten lesen',
	begin: 'Ich habe das gelesen. Anfangen',
	goOn: 'Weitermachen, wo ich aufgehört habe',
	toPlan: 'Zu meinem Plan'
};
