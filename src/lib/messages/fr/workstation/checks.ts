import type { Catalogue } from '../../shapes';

export const heightCheckTexts: Catalogue['checks'] = {
	names: { knee: 'Genoux', elbow: 'Coude', eye: 'Haut de l’écran', thigh: 'Place pour les cuisses' },
	fits: 'convient',
	unsure: 'pas encore connu',
	atEdge: 'à la limite : c’est bien si vous êtes à l’aise',
	about: (length) => `environ ${length}`,
	toBeSure: (name) => `pas encore connu, à mesurer : ${name}`,
	surer: (name) => `Pour plus de certitude, mesurez : ${name}.`,
	off: {
		knee: {
			low: (mm) => `siège ${mm} trop bas`,
			high: (mm) => `siège ${mm} trop haut pour les pieds`
		},
		elbow: { low: (mm) => `clavier ${mm} trop haut`, high: (mm) => `clavier ${mm} trop bas` },
		eye: { low: (mm) => `écran ${mm} trop bas`, high: (mm) => `écran ${mm} trop haut` },
		thigh: { low: (mm) => `il manque ${mm} de place`, high: (mm) => `${mm} de plus que nécessaire` }
	},
	was: 'avant',
	worse: 'moins bien',
	verdicts: { fits: 'convient', unsure: 'pas encore connu', off: 'problème' },
	likely: (words) => `peut-être ${words}`,
	markText: (name, words, value, band) => `${name} : ${words}. Valeur ${value}, bien ${band}.`,
	band: (low, high) => (high === null ? `à partir de ${low}` : `de ${low} à ${high}`)
};

export const measurableLengthTexts: Catalogue['measurable'] = {
	popliteal: 'du sol au creux du genou',
	sittingElbow: 'du siège au coude',
	sittingEye: 'du siège à l’œil',
	thigh: 'épaisseur de la cuisse',
	buttockPopliteal: 'du dos du siège au creux du genou',
	standingElbow: 'du sol au coude, debout',
	standingEye: 'du sol à l’œil, debout',
	seat: 'hauteur du siège',
	surface: 'hauteur de la table',
	thickness: 'épaisseur de la table'
};
