import type { Catalogue } from '../../shapes';

export const heightCheckTexts: Catalogue['checks'] = {
	names: { knee: 'Knie', elbow: 'Ellenbogen', eye: 'Bildschirm', thigh: 'Beinfreiheit' },
	fits: 'passt',
	unsure: 'noch nicht bekannt',
	atEdge: 'an der Grenze: in Ordnung, wenn es sich gut anfühlt',
	about: (length) => `etwa ${length}`,
	toBeSure: (name) => `noch nicht bekannt, bitte messen: ${name}`,
	surer: (name) => `Für mehr Sicherheit bitte messen: ${name}.`,
	off: {
		knee: {
			low: (mm) => `Sitz ${mm} zu niedrig`,
			high: (mm) => `Sitz ${mm} zu hoch für die Füße`
		},
		elbow: { low: (mm) => `Tastatur ${mm} zu hoch`, high: (mm) => `Tastatur ${mm} zu niedrig` },
		eye: { low: (mm) => `Bildschirm ${mm} zu niedrig`, high: (mm) => `Bildschirm ${mm} zu hoch` },
		thigh: { low: (mm) => `${mm} zu wenig Platz`, high: (mm) => `${mm} mehr als nötig` }
	},
	was: 'vorher',
	worse: 'schlechter',
	verdicts: { fits: 'passt', unsure: 'noch nicht bekannt', off: 'Problem' },
	likely: (words) => `vielleicht ${words}`,
	markText: (name, words, value, band) => `${name}: ${words}. Wert ${value}, gut ${band}.`,
	band: (low, high) => (high === null ? `ab ${low}` : `von ${low} bis ${high}`)
};

export const measurableLengthTexts: Catalogue['measurable'] = {
	popliteal: 'Boden bis Kniekehle',
	sittingElbow: 'Sitz bis Ellenbogen',
	sittingEye: 'Sitz bis Auge',
	thigh: 'Dicke des Oberschenkels',
	buttockPopliteal: 'Gesäß bis Kniekehle',
	standingElbow: 'Boden bis Ellenbogen im Stehen',
	standingEye: 'Boden bis Auge im Stehen',
	seat: 'Höhe des Sitzes',
	surface: 'Höhe des Tisches',
	thickness: 'Dicke des Tisches'
};
