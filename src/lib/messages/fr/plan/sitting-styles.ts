import type { SittingStyleTexts } from '../../shapes';

/** Sitting styles to try for a day each. Facts: common practice. */
export const sittingStyleTexts: SittingStyleTexts = {
	title: 'Essayer une autre façon de s’asseoir',
	lead: 'Les spécialistes ne sont pas d’accord sur la meilleure façon de s’asseoir. Essayez-en une pendant une journée, puis gardez celle qui vous convient.',
	choose: 'Façons de s’asseoir',
	current: 'Votre plan est fait pour celle-ci.',
	since: (day) => `Vous l’essayez depuis le ${day}.`,
	evening: 'Le soir, la page de votre plan demande comment s’est passée la journée.',
	how: 'Comment s’asseoir',
	asksTitle: 'Ce qu’il faut à votre bureau',
	asksNothing: 'Rien ne change à votre bureau.',
	care: 'Arrêtez si quelque chose fait plus mal qu’avant, ou si vous sentez des picotements ou un engourdissement.',
	tryIt: 'L’essayer aujourd’hui',
	keep: 'La garder et refaire mon plan',
	stop: 'Arrêter et revenir à mon plan',
	back: 'Revenir à mon plan',
	ways: {
		upright: {
			name: 'Droit',
			what: 'Coudes et genoux à peu près à angle droit. C’est ce que décrivent la plupart des normes.',
			how: [
				'Asseyez-vous bien au fond, pour que la chaise soutienne le bas du dos.',
				'Laissez pendre les bras, les avant-bras à plat.',
				'Gardez les hanches au niveau des genoux ou un peu plus haut.'
			]
		},
		open: {
			name: 'Ouvert',
			what: 'Coudes et genoux plus ouverts qu’un angle droit. Il faut une table basse.',
			how: [
				'Asseyez-vous bien au fond et penchez-vous un peu en arrière.',
				'Laissez les avant-bras descendre vers le clavier.',
				'Avancez un peu les pieds, les hanches plus hautes que les genoux.'
			]
		},
		'forearms-down': {
			name: 'Avant-bras sur la table',
			what: 'La table porte vos bras, vos épaules peuvent se reposer.',
			how: [
				'Reculez le clavier jusqu’à ce que les deux avant-bras reposent sur la table.',
				'Asseyez-vous près, les épaules basses.',
				'Gardez les poignets droits et loin du bord.'
			]
		},
		active: {
			name: 'Actif',
			what: 'À l’avant du siège, le dos libre. Une demi-heure à la fois.',
			how: [
				'Asseyez-vous sur le tiers avant du siège, les deux pieds à plat.',
				'Gardez les hanches nettement plus hautes que les genoux.',
				'Après une demi-heure, reculez ou levez-vous.'
			]
		}
	}
};
