import type { Catalogue } from '../../shapes';

/** The steps of a plan: what to do, and how to see that it has worked. */
export const stepTexts: Catalogue['steps'] = {
	places: {
		surface: 'Table',
		seat: 'Siège',
		feet: 'Pieds',
		back: 'Dos',
		keys: 'Clavier',
		mouse: 'Souris',
		screen: 'Écran',
		distance: 'Distance',
		tilt: 'Inclinaison'
	},
	folded: (label, layers) => `${label}, en ${layers} épaisseurs`,
	face: (label, height) => `${label}, posé de façon à avoir ${height} de haut`,
	rolled: (label, roll) => {
		const folded = ['', 'plié en deux, puis ', 'plié en quatre, puis '][roll.folds] ?? '';
		return `${label}, ${folded}roulé sur ${roll.length} en un rouleau épais de ${roll.diameter}, attaché`;
	},
	bottomUp: (list) => `De bas en haut : ${list}.`,
	set: {
		surface: (h) => `Réglez le plateau à ${h} du sol.`,
		seat: (h) => `Réglez le siège vide à ${h} du sol.`,
		screen: (h) => `Réglez le haut de l’affichage à ${h} du sol.`,
		distance: (h) => `Déplacez l’écran pour que le milieu de l’affichage soit à ${h} de vos yeux.`
	},
	seatPads: 'Posez-les à plat pour qu’ils couvrent tout le siège.',
	feet: 'Poussez-le là où reposent vos pieds, les deux pieds à plat dessus.',
	back: {
		hollow: 'Dans le creux du bas du dos, juste au-dessus de la ceinture.',
		behind: 'À plat derrière tout le dos.'
	},
	keysFlat: 'Près de vous et à plat, les pieds arrière repliés.',
	keysStack: 'Posez le clavier dessus, les pieds arrière repliés.',
	keysBack: 'Reculez le clavier jusqu’à ce que la table porte vos avant-bras, du coude au poignet.',
	mouse: 'Posez la souris dessus, à côté du clavier et au même niveau.',
	screenOn: 'Posez l’écran dessus.',
	tilt: 'Inclinez l’affichage de 10 à 20° en arrière, jusqu’à ce qu’il soit face à vos yeux.',
	target: {
		surface: (h) => `Le plateau est alors à ${h}.`,
		seat: (h) => `Quand vous êtes assis, il est à ${h}.`,
		feet: (h) => `Vos pieds sont alors à ${h} du sol.`,
		keys: (h) => `Le clavier est alors à ${h}.`,
		screen: (h) => `Le haut de l’affichage est alors à ${h}.`
	},
	check: {
		forearmsLevel: 'Épaules basses, bras pendants : vos avant-bras sont à plat, les mains sur le clavier.',
		forearmsSloping: 'Épaules basses, bras pendants : vos avant-bras descendent un peu vers le clavier.',
		forearmsCarried: 'Épaules basses : la table porte vos avant-bras du coude au poignet.',
		kneesLower: 'Tout le pied est posé. De l’eau renversée sur vos cuisses coulerait vers les genoux.',
		kneesHigher: 'Tout le pied est posé, les genoux un peu plus hauts que les hanches.',
		hollow: 'Vous le sentez sans être poussé vers l’avant.',
		behind: 'Le bord du siège ne touche pas vos genoux et votre dos peut s’arrondir.',
		wrists: 'Les mains prolongent les avant-bras, ni vers le haut ni vers le bas.',
		mouse: 'Elle est au niveau du clavier et votre coude reste près du corps.',
		topEdge: 'En regardant droit devant, vous touchez le haut de l’affichage ou juste au-dessus.',
		lookOver: (mm) =>
			`En regardant droit devant, vous voyez au-dessus de l’écran : son bord est environ ${mm} sous vos yeux. Vous lisez sans lever le menton.`,
		distance: 'Assis au fond, vous lisez votre plus petit texte sans vous pencher.',
		tilt: 'Posez un miroir à plat contre l’écran : vous voyez vos propres yeux.'
	},
	cautions: {
		'push-before-use':
			'Poussez la pile de la main avant de poser quelque chose dessus. Si elle bouge, faites-la plus large, pas plus haute. Rien de fragile dedans.',
		'nobody-stands-on-it': 'Seulement pour poser les pieds. Ne montez jamais dessus.',
		'pads-rock':
			'Un rembourrage épais peut basculer. Si vous êtes instable, enlevez la pièce du haut et mesurez à nouveau.',
		'castors-roll': 'Cette chaise roule : asseyez-vous lentement une fois qu’elle est rembourrée.',
		'laptop-vents': 'Laissez libre l’aération du portable : rien de mou dessous ou dessus.',
		'half-hour-spells':
			'Un portable ne peut pas convenir aux mains et aux yeux à la fois. Travaillez ici 30 minutes au plus, puis bougez.',
		'hand-over-thigh':
			'Les hauteurs sont estimées, fiez-vous donc à vos sensations : arrêtez tant qu’une main à plat passe au-dessus de la cuisse.',
		'chin-down': 'Si vous levez encore le menton pour lire, baissez l’écran ou parlez-en à votre opticien.'
	}
};

/** Sitting styles; where experts differ, each is one view. */
export const sittingStyleNames: Catalogue['ways'] = {
	upright: {
		name: 'Droit : coudes à peu près à angle droit',
		why: 'Les normes et la plupart des spécialistes sont d’accord, et cela convient aux tables fixes.'
	},
	open: {
		name: 'Ouvert : coudes et genoux plus ouverts qu’un angle droit',
		why: 'Cela facilite la circulation et soulage les nerfs, et demande une table basse ou les genoux.'
	},
	'forearms-down': {
		name: 'Avant-bras sur la table',
		why: 'Le clavier est reculé et la table porte les bras.'
	},
	active: {
		name: 'Actif : à l’avant du siège, hanches nettement plus hautes que les genoux',
		why: 'Le dos est libre. C’est pour de courts moments, pas pour toute la journée.'
	}
};

/** The sitting style that a plan was made for. */
export const sittingStyleSentence: Catalogue['wayOf'] = (name, why) =>
	`Ce plan est fait pour une façon de s’asseoir. ${name}. ${why} Les spécialistes ne sont pas d’accord.`;
