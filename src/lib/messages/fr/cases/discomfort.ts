import type { Catalogue } from '../../shapes';

export const discomfortTexts: Catalogue['discomfort'] = {
	question: 'Où avez-vous eu mal ces sept derniers jours ?',
	nothing: 'Rien ne fait mal',
	list: 'Choisir plutôt dans une liste',
	figure: 'Silhouette de face et de dos. La liste à côté contient les mêmes zones du corps.',
	front: 'face',
	back: 'dos',
	places: {
		head: 'Tête',
		eyes: 'Yeux',
		neck: 'Nuque',
		shoulder: 'Épaule',
		'upper-back': 'Haut du dos',
		elbow: 'Coude',
		'wrist-hand': 'Poignet ou main',
		'low-back': 'Bas du dos',
		'hip-thigh': 'Hanche ou cuisse',
		knee: 'Genou',
		'ankle-foot': 'Cheville ou pied'
	},
	placesWithin: {
		head: 'tête',
		eyes: 'yeux',
		neck: 'nuque',
		shoulder: 'épaule',
		'upper-back': 'haut du dos',
		elbow: 'coude',
		'wrist-hand': 'poignet ou main',
		'low-back': 'bas du dos',
		'hip-thigh': 'hanche ou cuisse',
		knee: 'genou',
		'ankle-foot': 'cheville ou pied'
	},
	bothSides: (name) => `${name}, des deux côtés`,
	sided: (name, side) => `${name}, côté ${side === 'left' ? 'gauche' : 'droit'}`,
	worst: 'Au pire moment',
	worstEnds: '0 : rien, 10 : le pire que vous puissiez imaginer',
	days: 'Combien de jours sur les sept ?',
	hinders: 'Est-ce que cela vous gêne au travail ?',
	hindersOptions: { no: 'Non', 'a-little': 'Un peu', much: 'Beaucoup' },
	kinds: 'Qu’est-ce que vous ressentez ?',
	kindOptions: {
		ache: 'Douleur sourde',
		pain: 'Douleur vive',
		stiffness: 'Raideur',
		'tingling-or-numbness': 'Picotements ou engourdissement',
		weakness: 'Faiblesse',
		'tired-or-dry-eyes': 'Yeux fatigués ou secs'
	},
	parts: 'Où exactement ?',
	partOptions: { thumb: 'Le pouce', 'outer-side': 'Le côté extérieur' },
	none: 'rien',
	level: (worst) => `${worst} sur 10`,
	daysMissing: 'Combien de jours ?',
	care: 'À partir de 7 sur 10, ou si un engourdissement, des picotements ou une faiblesse persistent, consultez un médecin. Ceci est un guide, pas un diagnostic.'
};
