import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { Catalogue } from '../../shapes';
import { cityNames } from '../platform/cities';

export const pageTexts: Catalogue['pages'] = {
	first: {
		short: 'D’abord',
		title: 'Avant tout',
		lead: 'Certains signes demandent un médecin, pas un questionnaire. Avez-vous eu l’un d’eux ces derniers jours ?'
	},
	you: { short: 'Vous', title: 'Vous', lead: 'Pour comparer les hauteurs de vos meubles aux vôtres.' },
	spot: {
		short: 'Endroit',
		title: 'L’endroit et sa table',
		lead: 'Là où vous travaillez le plus, et la surface qui s’y trouve. Un plan de travail ou une commode comptent aussi.'
	},
	feet: {
		short: 'Pieds',
		title: 'Pieds et siège',
		lead: 'Chaque hauteur repose sur celle du dessous, nous commençons donc par le sol.'
	},
	back: {
		short: 'Dos',
		title: 'Dos et épaules',
		lead: 'Comment vous êtes assis ou debout, et ce qui soutient votre dos.'
	},
	hands: {
		short: 'Mains',
		title: 'Coudes et clavier',
		lead: 'Si vous ne mesurez qu’une chose, mesurez le coude. C’est ce qui nous en dit le plus.'
	},
	mouse: {
		short: 'Souris',
		title: 'La souris',
		lead: 'À côté du clavier et au même niveau, le coude près du corps.'
	},
	screen: {
		short: 'Écran',
		title: 'L’écran',
		lead: 'Sa hauteur par rapport à vos yeux, puis sa distance et son orientation.'
	},
	light: {
		short: 'Lumière',
		title: 'Lumière, papiers et téléphone',
		lead: 'La lumière, les papiers et les appels agissent sur vos yeux et votre nuque.'
	},
	safety: { short: 'Sécurité', title: 'Sécurité', lead: 'Un coup d’œil sous la table.' },
	second: {
		short: 'Bouger',
		title: 'Une deuxième position, et bouger',
		lead: 'Aucune position n’est bonne longtemps, même avec un bon poste.'
	},
	discomfort: {
		short: 'Corps',
		title: 'Ce qui vous gêne',
		lead: 'Ces sept derniers jours. Touchez la silhouette, ou utilisez la liste. Si rien ne fait mal, continuez.'
	},
	house: {
		short: 'Maison',
		title: 'Ce que vous avez chez vous',
		lead: 'Des objets solides à mettre sous l’écran, le clavier et les pieds, des objets mous pour le siège. Laissez ce qui sert ailleurs.'
	}
};

export const redFlagTexts: Catalogue['first'] = {
	emergencyTitle: 'Signes d’urgence',
	emergencyLead: 'Ces derniers jours. Si c’est maintenant, appelez les secours.',
	urgentTitle: 'Ces derniers jours : signes pour un médecin aujourd’hui',
	urgentLead: '',
	distressTitle: 'À propos de vous',
	distressLead: 'Si oui, nous indiquons où trouver de l’aide.',
	professionalTitle: 'Ces derniers jours : signes pour un médecin',
	professionalLead: '',
	none: 'Aucun de ces signes',
	noneDone: 'Aucun de ces signes : noté',
	noneOfOthers: 'Aucun des autres',
	noneOfOthersDone: 'Aucun des autres : noté',
	missing: 'Répondez à chaque ligne, ou touchez « Aucun de ces signes ».',
	yes: 'Oui',
	no: 'Non',
	signs: {
		'chest-pain': 'Douleur ou pression dans la poitrine, ou douleur vers le bras ou la mâchoire',
		'sudden-breathlessness': 'Difficulté soudaine à respirer',
		'sudden-one-sided-weakness':
			'Faiblesse ou engourdissement soudain d’un côté, visage affaissé, difficulté à parler',
		'sudden-worst-headache': 'Mal de tête soudain, le pire jamais ressenti, ou avec fièvre et nuque raide',
		'sudden-loss-of-sight': 'Perte soudaine de la vue ou vision double',
		'saddle-numbness':
			'Mal de dos avec engourdissement entre les jambes, difficulté à uriner ou à se retenir, ou les deux jambes faibles ou engourdies',
		'thoughts-of-ending-life': 'Avez-vous pensé à mettre fin à vos jours ?',
		'new-weakness': 'Faiblesse nouvelle : des objets tombent, ou un pied traîne',
		'one-calf-swollen': 'Un mollet gonflé, chaud et douloureux',
		'back-pain-with-fever': 'Mal de dos avec fièvre, perte de poids inexpliquée ou après un cancer',
		'clumsy-hands': 'Mains devenues maladroites ou marche instable',
		'wakes-at-night': 'Engourdissement ou picotements qui vous réveillent',
		'numbness-stays': 'Engourdissement ou picotements qui persistent',
		'runs-down-a-limb': 'Douleur qui descend dans un bras ou une jambe',
		'does-not-ease': 'Douleur qui ne diminue pas malgré les changements',
		'after-injury': 'Douleur après une chute, un coup ou une blessure',
		'worst-at-night': 'Mal de dos pire la nuit au lit'
	},
	today: {
		title: 'Consultez un médecin aujourd’hui',
		lead: 'Vous avez signalé :',
		weakness: 'une faiblesse là où vous avez mal',
		does: (number) =>
			`Appelez aujourd’hui votre médecin ou un service de garde. Si cela s’aggrave vite, appelez le ${number} ou votre numéro d’urgence local. Jusqu’à l’avis d’un médecin, ne portez rien de lourd et ne faites pas d’exercices.`
	},
	coordinatorKnows:
		'La coordination connaît le signe d’alerte que vous avez signalé. Consultez un médecin. Les étapes faciles sont possibles, mais rien qui fasse mal ou demande de forcer.',
	stopTitle: 'Arrêtez-vous et appelez les secours.',
	call: (number) => `Appeler le ${number}`,
	callElsewhere:
		'Ou appelez votre numéro d’urgence local. À l’étranger, c’est le numéro du pays où vous êtes. Le 112 fonctionne depuis la plupart des portables.'
};

/** What exercises and advice take into account. */
export const precautionTexts: Catalogue['care'] = {
	question: 'Grossesse, opération, vertiges, articulations souples, un bras ?',
	why: 'Facultatif : les exercices et les conseils en tiennent compte.',
	options: {
		pregnant: 'Grossesse',
		'recent-surgery': 'Opération récente',
		dizzy: 'Vertiges',
		hypermobile: 'Articulations très souples'
	},
	arms: { 'right-only': 'Seulement mon bras droit', 'left-only': 'Seulement mon bras gauche' }
};

export const fieldTexts: Catalogue['fields'] = {
	unit: 'Longueurs en',
	stature: 'Votre taille sans chaussures',
	handSpan: 'Votre empan',
	heel: 'Semelle des chaussures au travail',
	sex: 'Proportions pour les estimations',
	hand: 'Main qui écrit',
	pointer: 'Main de la souris',
	lenses: 'Lunettes à l’écran',
	back: 'Quel mouvement soulage votre dos ?',
	wrists: 'Comment vont vos poignets ?',
	arms: 'Bras',
	drawnAs: 'Comment le dessin vous montre',
	posture: 'À cet endroit, vous êtes',
	by: 'Comment vous mesurez les meubles',
	surfaceHeight: 'Du sol au plateau de la table',
	surfaceThickness: 'Épaisseur du bord de la table',
	surfaceDepth: 'Profondeur, d’avant en arrière',
	surfaceKind: 'Sur quoi travaillez-vous ?',
	surfaceMoves: 'Est-ce réglable en hauteur ?',
	surfaceLow: 'Plateau au plus bas',
	surfaceHigh: 'Plateau au plus haut',
	seatHeight: 'Du sol au dessus du siège vide',
	seatKind: 'Sur quoi êtes-vous assis ?',
	seatGive: 'De combien il s’enfonce quand vous êtes assis',
	seatDepth: 'Profondeur, du bord avant au dossier',
	seatMoves: 'Est-ce réglable en hauteur ?',
	seatLow: 'Siège au plus bas',
	seatHigh: 'Siège au plus haut',
	backrest: 'Y a-t-il un dossier ?',
	lumbar: 'Le dossier remplit-il le creux du bas du dos ?',
	armrest: 'Des accoudoirs ?',
	armrestHeight: 'Accoudoir au-dessus du siège',
	castors: 'À roulettes ?',
	footBar: 'Y a-t-il une barre ou un anneau pour les pieds ?',
	footBarHeight: 'Du sol au dessus de la barre',
	tray: 'Le clavier est-il sur une tablette sous la table ?',
	trayHeight: 'Du sol au dessus de la tablette',
	trayThickness: 'Épaisseur de la tablette',
	bodyBy: 'Comment vous vous mesurez',
	popliteal: 'Du sol au creux du genou',
	thigh: 'Du siège au dessus de la cuisse',
	sittingElbow: 'Du siège au dessous du coude',
	sittingEye: 'Du siège au coin de l’œil',
	buttockPopliteal: 'Du dossier au creux du genou',
	standingElbow: 'Du sol au dessous du coude',
	standingEye: 'Du sol au coin de l’œil',
	screenKind: 'Vous regardez',
	topAboveBase: 'Haut de l’affichage au-dessus de son appui',
	visibleHeight: 'Hauteur de l’affichage',
	baseLong: 'Son pied, de gauche à droite',
	baseShort: 'Son pied, d’avant en arrière',
	screenSize: 'Sa taille, d’un coin à l’autre',
	screenMoves: 'L’écran est-il réglable en hauteur ?',
	hurts: 'Avez-vous mal quelque part ?',
	hasThings: 'Pouvez-vous prêter des objets de la maison ?',
	route: 'Longueur du questionnaire',
	screenLow: 'Haut de l’affichage au plus bas',
	screenHigh: 'Haut de l’affichage au plus haut',
	distance: 'Des yeux à l’écran',
	keysKind: 'Vous tapez sur',
	homeRow: 'Hauteur du clavier au-dessus de la table',
	keysLong: 'Clavier, de gauche à droite',
	keysShort: 'Clavier, d’avant en arrière',
	mouse: 'Vous pointez avec',
	letterSize: 'Laquelle de ces lettres est aussi haute que dans votre texte habituel ?',
	city: 'Laquelle de ces villes est la plus proche ?',
	windowFaces: 'Vers où donne la fenêtre ?'
};

export const hintTexts: Catalogue['hints'] = {
	stature: '',
	drawnAs: 'Change seulement le dessin.',
	seatHeight: 'Mesurez quand personne n’est assis.',
	letterSize:
		'Tenez votre téléphone à côté de l’écran. Réglez son échelle une fois dans « Pas de mètre ? » pour des lettres à la bonne taille.',
	city: 'Seulement pour calculer où est le soleil. Vous pouvez passer.',
	windowFaces: 'La boussole d’un téléphone l’indique.',
	sex: 'Nous l’utilisons seulement pour estimer ce que vous ne mesurez pas.',
	surfaceHeight: 'À la verticale depuis le dessus, à l’avant.',
	surfaceThickness: 'Avec la traverse ou le tiroir là où sont vos jambes.',
	seatDepth: '',
	popliteal: 'Assis pieds nus et à plat. Mesurez du sol au pli derrière le genou.',
	thigh: 'Assis droit sur quelque chose de dur. Mesurez du siège au point le plus haut de la cuisse.',
	sittingElbow:
		'Épaules basses, bras pendant, avant-bras à plat. Mesurez du siège enfoncé au dessous du coude.',
	sittingEye: 'Assis droit, regard devant vous. Mesurez du siège à un livre tenu à plat à hauteur de l’œil.',
	buttockPopliteal: 'Assis bien au fond. Mesurez du dossier au pli derrière le genou.',
	standingElbow: 'Debout pieds nus, bras pendant, avant-bras à plat.',
	standingEye: 'Debout, droit et pieds nus, regard devant vous.',
	topAboveBase: 'Ouvrez le portable comme d’habitude. Mesurez de la table au haut de l’affichage.',
	baseLong: 'Pour un portable, le portable lui-même.',
	distance: 'Comme vous êtes assis d’habitude.',
	homeRow: 'Jusqu’à la rangée de touches du milieu.',
	bodyBy: 'C’est plus facile à deux.'
};

/** How much a self-assessment asks. */
export const questionnaireModeTexts: Catalogue['routes'] = {
	short: `Court : ce qui peut changer le résultat, environ ${PROMISED_MINUTES.short} minutes`,
	complete: `Complet : tout, environ ${PROMISED_MINUTES.complete} minutes`
};

/** Labels of the usual lengths to tap. */
export const pickTexts: Catalogue['picks'] = {
	heel: ['Pieds nus ou chaussettes', 'Chaussons', 'Chaussures', 'Semelles épaisses'],
	seatGive: ['Dur : pas du tout', 'Ferme : un doigt', 'Mou : deux doigts', 'Très mou : un poing'],
	surfaceThickness: null
};

const MEASURING = {
	tape: 'Mètre ruban',
	'paper-ruler': 'Règle en papier',
	'a4-sheets': 'Feuilles A4',
	'hand-span': 'Empan',
	guess: 'À l’œil'
} as const;

export const optionTexts: Catalogue['options'] = {
	unit: { cm: 'centimètres', in: 'pouces', mm: 'millimètres' },
	sex: { unstated: 'Moyenne des deux', female: 'Femmes', male: 'Hommes' },
	hand: { right: 'Droite', left: 'Gauche' },
	pointer: { same: 'La même main', right: 'Droite', left: 'Gauche' },
	lenses: {
		none: 'Aucune',
		'single-vision': 'Simple foyer',
		bifocal: 'Double foyer',
		progressive: 'Progressives',
		trifocal: 'Triple foyer ou mi-distance'
	},
	back: {
		any: 'Rien de particulier',
		'eased-by-arching': 'Cambrer en arrière',
		'eased-by-rounding': 'Arrondir en avant'
	},
	arms: { both: 'Les deux', 'right-only': 'Seulement le droit', 'left-only': 'Seulement le gauche' },
	wrists: { well: 'Bien', troubled: 'Douloureux ou sensibles' },
	drawnAs: {
		standard: 'Sur une chaise, ou debout',
		wheelchair: 'En fauteuil roulant',
		'without-near-arm': 'Sans le bras de devant',
		'without-near-leg': 'Sans la jambe de devant'
	},
	posture: { sitting: 'Assis', standing: 'Debout' },
	by: MEASURING,
	bodyBy: MEASURING,
	surfaceKind: {
		table: 'Une table',
		desk: 'Un bureau',
		worktop: 'Un plan de travail',
		'ironing-board': 'Une planche à repasser',
		'coffee-table': 'Une table basse'
	},
	surfaceMoves: { no: 'Non', yes: 'Oui' },
	seatKind: {
		chair: 'Une chaise',
		stool: 'Un tabouret ou un banc',
		ball: 'Un ballon',
		wheelchair: 'Mon fauteuil roulant',
		sofa: 'Un canapé ou un fauteuil',
		bed: 'Un lit',
		saddle: 'Un siège selle',
		kneeling: 'Un siège à genoux',
		floor: 'Le sol'
	},
	seatMoves: { no: 'Non', yes: 'Oui' },
	backrest: { yes: 'Oui', no: 'Non' },
	lumbar: { no: 'Non', yes: 'Oui' },
	armrest: { no: 'Non', yes: 'Oui' },
	castors: { no: 'Non', yes: 'Oui' },
	footBar: { no: 'Non', yes: 'Oui' },
	tray: { no: 'Non', yes: 'Oui' },
	screenKind: { laptop: 'Un ordinateur portable', monitor: 'Un écran séparé' },
	hurts: { yes: 'Oui', no: 'Non' },
	hasThings: { yes: 'Oui', no: 'Non' },
	route: { short: 'Court', complete: 'Complet' },
	screenSize: {
		'not-known': 'Je ne sais pas',
		'13': '13 pouces',
		'14': '14 pouces',
		'16': '15 à 16 pouces',
		'17': '17 pouces',
		'22': '22 pouces',
		'24': '24 pouces',
		'27': '27 pouces',
		'32': '32 pouces ou plus'
	},
	screenMoves: { no: 'Non', yes: 'Oui' },
	keysKind: { separate: 'Un clavier séparé', 'built-in': 'Le clavier du portable' },
	mouse: { separate: 'Une souris', touchpad: 'Un pavé tactile' },
	letterSize: {
		'not-known': 'Je ne sais pas',
		'1.2': '1,2 mm',
		'1.5': '1,5 mm',
		'1.8': '1,8 mm',
		'2.1': '2,1 mm',
		'2.5': '2,5 mm',
		'3': '3 mm',
		'3.5': '3,5 mm',
		'4': '4 mm',
		'5': '5 mm'
	},
	windowFaces: {
		'not-known': 'Je ne sais pas',
		n: 'Nord',
		ne: 'Nord-est',
		e: 'Est',
		se: 'Sud-est',
		s: 'Sud',
		sw: 'Sud-ouest',
		w: 'Ouest',
		nw: 'Nord-ouest'
	},
	city: cityNames
};

export const issueTexts: Catalogue['issues'] = {
	missing: 'Remplissez ceci, s’il vous plaît.',
	cant: 'Je ne peux pas le mesurer maintenant',
	standsIn: (length) =>
		`Nous prendrons alors une valeur habituelle (${length}) et dirons que tout ce qui en dépend est incertain.`,
	'not-a-length': (example) => `Nous ne pouvons pas lire cette longueur. Écrivez par exemple ${example}.`,
	negative: 'Une longueur ne peut pas être inférieure à zéro.',
	range: (low, high) => `La valeur devrait être entre ${low} et ${high}.`,
	meant: (read, meant) => `Nous lisons ${read}. Vouliez-vous dire ${meant} ?`,
	use: (meant) => `Utiliser ${meant}`,
	'range-order': 'Le plus haut est inférieur au plus bas. Vérifiez les deux.',
	'outside-range': 'La hauteur actuelle est hors du plus bas et du plus haut. Mesurez les trois à nouveau.',
	'not-a-count': (most) => `Saisissez un nombre entier de 0 à ${most}.`,
	unusual: (read) => `${read} est inhabituel. Si c’est juste, continuez.`,
	estimate: (length, sd) => `Estimé ${length}, à ${sd} près`
};

export const thingTexts: Catalogue['things'] = {
	names: {
		book: 'Livre relié',
		ream: 'Ramette de papier',
		binder: 'Classeur',
		'board-game': 'Jeu de société',
		'sturdy-box': 'Caisse solide',
		'light-box': 'Boîte légère',
		'step-stool': 'Marchepied',
		pillow: 'Oreiller',
		cushion: 'Coussin',
		towel: 'Serviette',
		blanket: 'Couverture',
		bolster: 'Traversin ou rouleau'
	},
	notes: {
		'sturdy-box': 'Elle ne doit pas céder quand vous appuyez dessus.',
		'light-box':
			'Une boîte à chaussures ou un colis cède : seulement pour des papiers, jamais sous l’écran, le clavier ou les pieds.',
		'step-stool': 'Longueur, largeur et hauteur au sol.',
		towel: 'Longueur, largeur, épaisseur d’une couche.',
		blanket: 'Longueur, largeur, épaisseur d’une couche.',
		pillow: 'Seulement pour le siège ou le dos.',
		cushion: 'Seulement pour le siège ou le dos.',
		binder: 'Incline un clavier, jamais dans une pile.'
	},
	devices: 'Avez-vous l’un de ces appareils inutilisé chez vous ?',
	deviceNames: {
		keyboard: 'Clavier',
		mouse: 'Souris',
		screen: 'Écran',
		television: 'Téléviseur',
		tablet: 'Tablette',
		headset: 'Casque-micro'
	},
	shelf: 'Que pouvez-vous prêter de la maison ?',
	more: 'D’autres objets',
	sizes: 'Nom et taille',
	nothing: 'Rien à prêter',
	add: (name) => `Ajouter : ${name}`,
	label: 'Comment vous l’appelez',
	count: 'Combien',
	sides: { a: 'Longueur', b: 'Largeur', c: 'Hauteur' },
	remove: (name) => `Retirer : ${name}`,
	pile: 'Quelle est à peu près la hauteur de la pile ?',
	none: 'Touchez ce que vous avez.'
};
