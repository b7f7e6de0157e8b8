import type { Catalogue } from '../../shapes';

export const sideViewTexts: Catalogue['section'] = {
	first: 'Am Anfang',
	now: 'Jetzt',
	after: 'Nach dem Plan',
	again: 'Wie jetzt gemessen',
	choose: 'Seitenansicht zeigen',
	levels: { eye: 'Auge', elbow: 'Ellenbogen', seat: 'Sitz' },
	scale: (unit) => `Maßstabsgetreu. Höhen über dem Boden (${unit}).`,
	gap: {
		keys: { low: 'Tastatur zu hoch', high: 'Tastatur zu niedrig' },
		table: { low: 'Tischplatte zu hoch', high: 'Tischplatte zu niedrig' },
		eye: { low: 'Bildschirm zu niedrig', high: 'Bildschirm zu hoch' },
		knee: { low: 'Sitz zu niedrig', high: 'Sitz zu hoch für die Füße' }
	},
	zone: {
		elbow: 'Gute Höhe für die Hände',
		eye: 'Gute Höhe für die Bildschirmoberkante',
		knee: 'Gute Höhe für den Sitz'
	},
	zoneLegend: 'Schraffiert: gute Höhe.',
	text: {
		oneKnee: (height) =>
			`Von der Seite, maßstabsgetreu: ein Knie auf einem ${height} hohen Hocker, der andere Fuß auf dem Boden.`,
		intro: (posture) =>
			`Seitenansicht Ihres Arbeitsplatzes, ${posture === 'sitting' ? 'sitzend' : 'stehend'}, maßstabsgetreu.`,
		heights: (list) => `Höhen über dem Boden: ${list}.`,
		stack: (place, list, rise) => `${place}: ${list}, zusammen ${rise}.`,
		nothingBuilt: 'Nichts kommt hinzu.'
	},
	surface: 'Tisch',
	screenTop: 'Bildschirmoberkante'
};
