import type { StartTexts } from '../../shapes';

/** Texts of the start page. */
export const startTexts: StartTexts = {
	title: (name) => `Bonjour ${name}. Voyons si votre poste vous convient.`,
	lead: (minutes) => `Cela prend environ ${minutes} minutes, de préférence avec un mètre ruban.`,
	again: {
		title: 'Qu’est-ce qui a changé depuis la dernière fois ?',
		lead: 'Nous avons gardé vos mesures. Cochez ce qui a changé. Nous ne posons que ces questions, celles sur votre état et celles sur la sécurité.',
		renewed: {
			place: 'Une autre table, pièce ou maison',
			chair: 'Une autre chaise',
			devices: 'Un autre écran, clavier ou souris',
			glasses: 'De nouvelles lunettes ou lentilles'
		},
		stillTitle: 'Est-ce encore en place ?',
		stillLead: 'Vous l’avez installé après la dernière fois. Décochez ce qui n’est plus là.',
		step: (place, pieces) => (pieces ? `${place} : ${pieces}` : place),
		finding: (problem) => `Corrigé : ${problem}`
	},
	everything: (minutes) => `Poser toutes les questions (environ ${minutes} minutes)`,
	linesTitle: 'Avant de commencer',
	moreOnPrivacy: 'En savoir plus sur vos données',
	begin: 'J’ai lu ceci. Commencer',
	goOn: 'Reprendre où je me suis arrêté',
	toPlan: 'Aller à mon plan'
};
