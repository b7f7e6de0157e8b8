import type { Catalogue } from '../../shapes';

export const discomfortTexts: Catalogue['discomfort'] = {
	question: 'Wo hat es in den letzten sieben Tagen wehgetan?',
	nothing: 'Nichts tut weh',
	list: 'Stattdessen aus einer Liste wählen',
	figure: 'Figur von vorn und hinten. Die Liste daneben enthält dieselben Körperregionen.',
	front: 'vorn',
	back: 'hinten',
	places: {
		head: 'Kopf',
		eyes: 'Augen',
		neck: 'Nacken',
		shoulder: 'Schulter',
		'upper-back': 'Oberer Rücken',
		elbow: 'Ellenbogen',
		'wrist-hand': 'Handgelenk oder Hand',
		'low-back': 'Unterer Rücken',
		'hip-thigh': 'Hüfte oder Oberschenkel',
		knee: 'Knie',
		'ankle-foot': 'Fußgelenk oder Fuß'
	},
	placesWithin: {
		head: 'Kopf',
		eyes: 'Augen',
		neck: 'Nacken',
		shoulder: 'Schulter',
		'upper-back': 'Oberer Rücken',
		elbow: 'Ellenbogen',
		'wrist-hand': 'Handgelenk oder Hand',
		'low-back': 'Unterer Rücken',
		'hip-thigh': 'Hüfte oder Oberschenkel',
		knee: 'Knie',
		'ankle-foot': 'Fußgelenk oder Fuß'
	},
	bothSides: (name) => `${name}, beide Seiten`,
	sided: (name, side) => `${name}, ${side === 'left' ? 'links' : 'rechts'}`,
	worst: 'Im schlimmsten Moment',
	worstEnds: '0 ist gar nicht, 10 das Schlimmste, das Sie sich vorstellen können',
	days: 'An wie vielen der sieben Tage?',
	hinders: 'Behindert es Sie bei der Arbeit?',
	hindersOptions: { no: 'Nein', 'a-little': 'Ein wenig', much: 'Stark' },
	kinds: 'Wie fühlt es sich an?',
	kindOptions: {
		ache: 'Dumpfer Schmerz',
		pain: 'Starker Schmerz',
		stiffness: 'Steifheit',
		'tingling-or-numbness': 'Kribbeln oder Taubheit',
		weakness: 'Schwäche',
		'tired-or-dry-eyes': 'Müde oder trockene Augen'
	},
	parts: 'Wo genau?',
	partOptions: { thumb: 'Der Daumen', 'outer-side': 'Die Außenseite' },
	none: 'nichts',
	level: (worst) => `${worst} von 10`,
	daysMissing: 'An wie vielen Tagen?',
	care: 'Gehen Sie ab 7 von 10, oder wenn Taubheit, Kribbeln oder Schwäche bleibt, zu einer Ärztin oder einem Arzt. Dies ist eine Orientierung und keine Diagnose.'
};
