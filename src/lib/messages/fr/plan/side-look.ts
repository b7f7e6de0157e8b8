import type { Catalogue } from '../../shapes';

/** What to look for from the side once the plan is carried out. Facts: common practice. */
export const sideViewPointTexts: Catalogue['side'] = {
	title: 'Regarder de côté',
	link: 'Regarder de côté',
	lead: 'Demandez à quelqu’un, prenez un miroir, ou calez votre téléphone et prenez une photo. Placez-vous comme au travail, puis comparez.',
	right: 'C’est bien',
	off: 'Ce n’est pas ça',
	toStep: (step) => `Revenir à l’étape « ${step} »`,
	noStep: 'Il n’y a pas d’étape pour cela. Écrivez à la coordination.',
	done: 'Tout est bien. Votre poste est réglé.',
	offCount: (n) => (n === 1 ? 'Un point à revoir.' : `${n} points à revoir.`),
	points: {
		'ear-over-shoulder': {
			name: 'Oreille au-dessus de l’épaule',
			look: 'Votre oreille est au-dessus de l’épaule, pas devant.'
		},
		'shoulder-over-hip': {
			name: 'Épaule au-dessus de la hanche',
			look: 'Votre épaule est au-dessus de la hanche : vous ne vous penchez pas et ne vous affaissez pas.'
		},
		'hip-against-knee': {
			name: 'Hanche et genou',
			look: 'Vos hanches sont au niveau des genoux ou un peu plus haut.'
		},
		'whole-foot': { name: 'Pied entier', look: 'Les deux pieds reposent en entier, talons compris.' },
		'back-filled': {
			name: 'Dos soutenu',
			look: 'On ne voit pas de jour entre le bas du dos et le dossier.'
		},
		'forearm-level': {
			name: 'Avant-bras à plat',
			look: 'Le bras pend, l’avant-bras est à peu près à plat.'
		},
		'wrist-straight': {
			name: 'Poignet droit',
			look: 'Le dos de la main et l’avant-bras forment une ligne.'
		},
		'elbow-at-body': { name: 'Coude près du corps', look: 'Votre coude est à côté de vous, pas devant.' },
		'screen-top': {
			name: 'Haut de l’écran',
			look: 'Le haut de l’affichage est à hauteur des yeux ou un peu plus bas.'
		},
		'arms-length': {
			name: 'Distance à l’écran',
			look: 'Vous êtes assis au fond et votre tête ne se penche pas vers l’écran.'
		}
	}
};

/** Questions not asked before the plan. */
export const skippedQuestionTexts: Catalogue['closer'] = {
	title: 'D’autres questions (facultatif)',
	lead: 'Nous avons seulement demandé ce qui pouvait changer votre plan. Si vous avez le temps, répondez aussi à celles-ci :',
	line: (page, minutes) => `${page}, environ ${minutes} min`
};

/** Usual sizes of what the plan uses. */
export const sizeCheckTexts: Catalogue['sizes'] = {
	title: 'Vérifiez avant de commencer',
	ask: (used, label, height) =>
		used > 1
			? `${used} × ${label} en une pile : environ ${height} de haut ?`
			: `${label} : environ ${height} de haut ?`,
	right: 'Oui, environ',
	other: (unit) => `Non, c’est (${unit})`,
	keep: 'Refaire un plan avec cela'
};
