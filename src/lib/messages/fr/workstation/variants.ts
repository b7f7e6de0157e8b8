import type { ChecklistTexts } from '../../shapes';

/** Other ways, each with what to do. Facts: common practice. */
export const variantTexts: ChecklistTexts['variants'] = {
	'another-spot': {
		name: 'D’abord un meilleur endroit',
		how: (w) =>
			`Un canapé ou un lit ne peut pas convenir. Cherchez une table haute de ${w.from} à ${w.to} et une chaise dont le siège est à ${w.rise}.`,
		care: 'En attendant, travaillez ici une demi-heure au plus, puis bougez.'
	},
	'keyboard-on-lap': {
		name: 'Le clavier sur les genoux',
		how: (w) =>
			w.things.length > 0
				? `Pliez ${w.things[0]} en deux, posez-le sur les genoux et le clavier dessus. Les mains descendent à hauteur des coudes.`
				: 'Posez le clavier sur les genoux. Les mains descendent à hauteur des coudes.',
		care: 'Jamais un portable sur une serviette : son aération a besoin d’air.'
	},
	'mouse-on-side-table': {
		name: 'La souris sur une table d’appoint',
		how: (w) =>
			`Mettez une petite table juste à côté de vous. Son plateau doit être entre ${w.from} et ${w.to}.`
	},
	wedge: {
		name: 'Une pente sous le clavier',
		how: (w) =>
			`Mettez ${w.things[0]} sous le clavier, le dos vers vous. Il descend de ${w.degrees} vers l’arrière. Le clavier monte de ${w.rise}, son bord avant de ${w.edge}.`,
		care: 'Les poignets doivent être droits ensuite. Sinon, retirez-le.'
	},
	'sloped-books': {
		name: 'Un appui incliné pour les pieds',
		how: (w) =>
			w.things.length > 1
				? `Appuyez ${w.things[0]} sur ${w.things[1]} : cela fait une pente de ${w.degrees}. Alternez avec l’appui plat.`
				: `Posez les pieds sur ${w.things[0]} et laissez-les se balancer, en alternance avec l’appui plat.`,
		care: 'Seulement pour poser les pieds. Ne montez jamais dessus.'
	},
	'jacket-roll': {
		name: 'Si le rouleau glisse',
		how: () => 'Accrochez une veste au dossier et glissez le rouleau dans sa poche. Il tient à toute hauteur.'
	},
	recline: {
		name: 'En arrière, et l’écran suit',
		how: (w) =>
			`Inclinez le dossier de ${w.degrees} en arrière. Vos yeux descendent de ${w.lower} : rapprochez l’écran de ${w.nearer} et inclinez-le d’autant.`,
		care: 'Les spécialistes ne sont pas d’accord : d’autres s’assoient droit. Ne vous penchez que si la tête reste soutenue.'
	},
	'high-chair': {
		name: 'Une chaise haute, en alternance avec la station debout',
		how: (w) =>
			`À cette hauteur, on peut aussi s’asseoir : sur un siège à ${w.from}, avec un appui de ${w.feet} pour les pieds.`,
		care: 'Seulement sur une chaise faite pour cette hauteur.'
	},
	'knee-on-stool': {
		name: 'Un pied en avant, ou un genou sur un tabouret',
		how: (w) =>
			`Posez un genou sur un tabouret haut d’environ ${w.from}, ou avancez un pied. Changez de côté.`,
		care: 'Rester longtemps debout sans bouger est aussi mauvais que rester assis.'
	},
	'move-about': {
		name: 'Changer d’endroit toutes les demi-heures',
		how: (w) =>
			w.from
				? `Avec le portable seul, aucun endroit n’est bon longtemps. Pour les mains : des tables de ${w.from} à ${w.to}, ou debout de ${w.standingFrom} à ${w.standingTo}.`
				: `Avec le portable seul, aucun endroit n’est bon longtemps. Debout, pour les mains : des surfaces de ${w.standingFrom} à ${w.standingTo}.`
	}
};
