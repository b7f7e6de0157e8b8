import type { Catalogue } from '../../shapes';

/** Six habits for everybody. Facts: common practice. */
export const habitTexts: Catalogue['habits'] = {
	title: 'Six habitudes pour tous les bureaux',
	lead: 'Est-ce le cas chez vous ?',
	yes: 'Oui',
	notYet: 'Pas encore',
	added: 'Nous l’avons ajouté à votre liste.',
	distance: {
		plan: (mm) => `Asseyez-vous au fond, les yeux à ${mm} de l’écran.`,
		arm: (mm) => `Asseyez-vous au fond, à une longueur de bras de l’écran (pour vous, ${mm}).`,
		band: (low, high) => `Asseyez-vous au fond, entre ${low} et ${high} de l’écran.`
	},
	names: {
		'mouse-close': 'La souris est juste à côté du clavier.',
		'straight-wrists': 'Les poignets restent droits.',
		'light-from-the-side': 'La lumière vient de côté et rien ne se reflète dans l’écran.',
		'phone-in-hand': 'Vous tenez le téléphone à la main, pas avec l’épaule.',
		'up-and-about': 'Vous vous levez toutes les demi-heures.'
	},
	shifting: 'Toutes les demi-heures, changez d’appui, penchez-vous et étirez-vous.'
};
