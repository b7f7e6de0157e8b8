import type { Catalogue } from '../../shapes';

export const sideViewTexts: Catalogue['section'] = {
	first: 'Au début',
	now: 'Maintenant',
	after: 'Après le plan',
	again: 'Comme mesuré maintenant',
	choose: 'Afficher la vue de côté',
	levels: { eye: 'œil', elbow: 'coude', seat: 'siège' },
	scale: (unit) => `À l’échelle. Hauteurs en ${unit} au-dessus du sol.`,
	gap: {
		keys: { low: 'clavier trop haut', high: 'clavier trop bas' },
		table: { low: 'table trop haute', high: 'table trop basse' },
		eye: { low: 'écran trop bas', high: 'écran trop haut' },
		knee: { low: 'siège trop bas', high: 'siège trop haut pour les pieds' }
	},
	zone: {
		elbow: 'Bonne hauteur pour les mains',
		eye: 'Bonne hauteur pour le haut de l’écran',
		knee: 'Bonne hauteur pour le siège'
	},
	zoneLegend: 'Hachuré : bonne hauteur.',
	text: {
		oneKnee: (height) =>
			`De côté, à l’échelle : un genou sur un tabouret haut de ${height}, l’autre pied au sol.`,
		intro: (posture) =>
			`Vue de côté de votre poste, ${posture === 'sitting' ? 'assis' : 'debout'}, à l’échelle.`,
		heights: (list) => `Hauteurs au-dessus du sol : ${list}.`,
		stack: (place, list, rise) => `${place} : ${list}, ensemble ${rise}.`,
		nothingBuilt: 'Rien n’est ajouté.'
	},
	surface: 'table',
	screenTop: 'haut de l’écran'
};
