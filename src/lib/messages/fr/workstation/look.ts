import {
	AT_STANDING_SPOT,
	IN_A_WHEELCHAIR,
	LOW_LENSES,
	OWN_MOUSE
} from '$lib/core/plan/conditions/fact-groups';
import type { Catalogue } from '../../shapes';

/** What the drawing of a question shows: this person, with everything fitting. */
export const howToLookTexts: Catalogue['look'] = {
	feet: [
		{
			holds: IN_A_WHEELCHAIR,
			text: 'Comme ceci : les deux pieds entiers sur les repose-pieds, les cuisses à plat.'
		},
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'Comme ceci : tout le pied posé, les genoux un peu plus hauts que les hanches.'
		},
		{
			holds: { way: ['active'] },
			text: 'Comme ceci : tout le pied posé, les hanches nettement plus hautes que les genoux.'
		},
		{
			holds: {},
			text: 'Comme ceci : tout le pied posé, les cuisses à plat ou un peu en pente vers les genoux.'
		}
	],
	back: [
		{
			holds: AT_STANDING_SPOT,
			text: 'Comme ceci : épaules au-dessus des hanches, hanches au-dessus des pieds.'
		},
		{
			holds: { way: ['active'] },
			text: 'Comme ceci : à l’avant du siège, le dos libre, les épaules au-dessus des hanches.'
		},
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'Comme ceci : bien au fond, le dos libre de s’arrondir.'
		},
		{
			holds: { seat: ['chair'] },
			text: 'Comme ceci : bien au fond, le bas du dos soutenu, les épaules au-dessus des hanches.'
		},
		{ holds: {}, text: 'Comme ceci : épaules au-dessus des hanches, poids bien réparti.' }
	],
	hands: [
		{
			holds: { way: ['open'] },
			text: 'Comme ceci : le bras pend, l’avant-bras descend un peu, le poignet est droit.'
		},
		{
			holds: { way: ['forearms-down'], posture: ['sitting'] },
			text: 'Comme ceci : la table porte les avant-bras, épaules basses, poignets droits.'
		},
		{ holds: {}, text: 'Comme ceci : le bras pend, l’avant-bras est à plat, le poignet est droit.' }
	],
	safety:
		'Comme ceci : la multiprise est fixée sous la table et branchée au mur. Le sol à vos pieds est dégagé.',
	second: [
		{
			holds: AT_STANDING_SPOT,
			text: 'Comme ceci, une partie de la journée : assis, le clavier de nouveau à hauteur des coudes.'
		},
		{
			holds: {},
			text: 'Comme ceci, une partie de la journée : debout, le clavier de nouveau à hauteur des coudes.'
		}
	],
	spot: 'Comme ceci, vu du dessus : la fenêtre sur le côté, personne ne passe derrière vous.',
	mouse: [
		{
			holds: OWN_MOUSE,
			text: 'Comme ceci, vu du dessus : la souris juste à côté du clavier, à portée de l’avant-bras.'
		},
		{ holds: {}, text: 'Comme ceci, vu du dessus : le clavier à portée des avant-bras.' }
	],
	light:
		'Comme ceci, vu du dessus : les papiers près de l’écran, la lampe du côté opposé à la main qui écrit.',
	screen: [
		{
			holds: LOW_LENSES,
			text: 'Comme ceci : en regardant droit devant, votre regard passe au-dessus de l’écran, incliné en arrière.'
		},
		{ holds: {}, text: 'Comme ceci : en regardant droit devant, votre regard touche le haut de l’affichage.' }
	]
};

/** Labels in the view from above. */
export const householdLookTexts: Catalogue['lookThings'] = {
	mouse: 'souris',
	phone: 'téléphone',
	papers: 'papiers',
	lamp: 'lampe',
	keyboard: 'clavier'
};

/** The view of the desk from above. */
export const deskLayoutTexts: Catalogue['desk'] = {
	title: 'Votre bureau vu du dessus',
	lead: 'Placez ce que vous utilisez tout le temps entre les lignes intérieures, là où vos avant-bras arrivent.',
	twoMostly: 'L’écran le plus utilisé est droit devant, l’autre à côté, tourné vers vous.',
	twoAlike: 'Les deux écrans sont tournés vers vous, l’espace entre eux droit devant.',
	raiseSecond: (rise) =>
		`Surélevez l’ordinateur portable d’environ ${rise} au-dessus de la table. Les deux hauts d’écran sont alors au même niveau.`,
	outOfReach: (list) => `Difficile à atteindre ici : ${list}.`,
	overEdge: (list) => `Il n’y a pas de place sur ce bureau pour : ${list}.`
};
