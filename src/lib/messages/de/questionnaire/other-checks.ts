import type { Catalogue } from '../../shapes';

/** Checks other than heights, now and after the plan. */
export const nonHeightCheckTexts: Catalogue['otherChecks'] = {
	foldTitle: 'Abstände, Licht und Ihr Schreibtisch von oben',
	title: 'Außer den Höhen',
	now: 'jetzt',
	after: 'danach',
	names: {
		'seat-depth': 'Sitzkante bis Knie',
		armrest: 'Ellenbogen über der Armlehne',
		'under-table': 'Platz für die Armlehne unter dem Tisch',
		distance: 'Augen bis Bildschirm',
		gaze: 'Blick nach unten zur Mitte der Anzeige',
		letters: 'Höhe Ihrer kleinen Buchstaben'
	},
	good: {
		between: (low, high) => `gut von ${low} bis ${high}`,
		from: (low) => `gut ab ${low}`
	},
	published: (low, high) => `Für die Mitte der Anzeige veröffentlicht: ${low} bis ${high} (ISO 9241-5).`,
	schools:
		'Fachleute sind sich nicht einig: Ihr Blick kann die Oberkante, das obere Drittel oder die Mitte treffen.',
	zoom: (percent) => `Stellen Sie den Zoom auf ${percent} %.`,
	lettersHow: (height) => `Bei diesem Abstand sollte ein kleiner Buchstabe mindestens ${height} hoch sein.`,
	fits: 'passt',
	off: 'Problem',
	unsure: 'noch nicht bekannt'
};

/** Daylight at the workstation. */
export const lightTexts: Catalogue['light'] = {
	title: 'Ihr Fenster und die Sonne',
	angle: (degrees) => `Das Fenster liegt ${degrees} neben Ihrer Blickrichtung.`,
	side: 'Das ist gut: Tageslicht von der Seite.',
	turn: (degrees) => `Drehen Sie den Tisch um etwa ${degrees}, dann ist es an Ihrer Seite.`,
	sunLead: 'Wann die Sonne hereinscheint, an einem klaren Tag in der Mitte des Monats:',
	month: 'Monat',
	face: 'Auf Ihr Gesicht',
	screen: 'Auf den Bildschirm',
	none: 'nie',
	never: 'Durch dieses Fenster erreicht die Sonne weder Ihr Gesicht noch den Bildschirm.',
	assumed: 'Für ein Fenster von 80 cm bis 2,2 m über dem Boden, etwa 1,5 m entfernt.'
};
