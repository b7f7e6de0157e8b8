import type { Catalogue } from '../../shapes';

/** What the plan says about other sitting styles. */
export const styleTrialTexts: Catalogue['style'] = {
	link: 'Essayer une autre façon de s’asseoir'
};

/** The self-test of the back. Facts: common practice. */
export const backTestTexts: Catalogue['backTest'] = {
	title: 'Pas sûr ? Un test d’une demi-minute',
	steps: [
		'Asseyez-vous à l’avant d’une chaise ferme, les deux pieds à plat.',
		'Arrondissez lentement le dos, puis cambrez-le lentement. Faites-le cinq fois.',
		'Restez le temps d’une respiration dans chaque position. Laquelle soulage votre dos ?'
	],
	round: 'Arrondir : le dos se courbe vers l’avant, la tête pend.',
	arch: 'Cambrer : la poitrine monte, le bas du dos se creuse.',
	care: 'N’allez pas plus loin que ce qui est agréable. Arrêtez si la douleur descend dans une jambe, et choisissez « Rien de particulier ».'
};
