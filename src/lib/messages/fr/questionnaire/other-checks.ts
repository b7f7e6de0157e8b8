import type { Catalogue } from '../../shapes';

/** Checks other than heights, now and after the plan. */
export const nonHeightCheckTexts: Catalogue['otherChecks'] = {
	foldTitle: 'Distances, lumière et votre bureau vu du dessus',
	title: 'Hors hauteurs',
	now: 'maintenant',
	after: 'après',
	names: {
		'seat-depth': 'Du bord du siège au genou',
		armrest: 'Coude au-dessus de l’accoudoir',
		'under-table': 'Place pour l’accoudoir sous la table',
		distance: 'Des yeux à l’écran',
		gaze: 'Regard vers le milieu de l’affichage',
		letters: 'Hauteur de vos petites lettres'
	},
	good: {
		between: (low, high) => `bien de ${low} à ${high}`,
		from: (low) => `bien à partir de ${low}`
	},
	published: (low, high) => `Publié pour le milieu de l’affichage : ${low} à ${high} (ISO 9241-5).`,
	schools:
		'Les spécialistes ne sont pas d’accord : le regard peut toucher le bord supérieur, le tiers supérieur ou le milieu.',
	zoom: (percent) => `Réglez le zoom sur ${percent} %.`,
	lettersHow: (height) => `À cette distance, une petite lettre doit mesurer au moins ${height}.`,
	fits: 'convient',
	off: 'problème',
	unsure: 'pas encore connu'
};

/** Daylight at the workstation. */
export const lightTexts: Catalogue['light'] = {
	title: 'Votre fenêtre et le soleil',
	angle: (degrees) => `La fenêtre est à ${degrees} de votre regard.`,
	side: 'C’est bien : la lumière vient de côté.',
	turn: (degrees) => `Tournez le bureau d’environ ${degrees} et elle sera sur le côté.`,
	sunLead: 'Quand le soleil entre, un jour clair au milieu du mois :',
	month: 'Mois',
	face: 'Sur votre visage',
	screen: 'Sur l’écran',
	none: 'jamais',
	never: 'Par cette fenêtre, le soleil n’atteint ni votre visage ni l’écran.',
	assumed: 'Pour une fenêtre de 80 cm à 2,2 m du sol, à environ 1,5 m.'
};
