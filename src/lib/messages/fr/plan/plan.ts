import type { Catalogue } from '../../shapes';
import { inWordsFeminine, inWordsWithin, isOne } from '../platform/numbers';

/** Options: the best single change, the best two, and all of them. */
export const planOptionTexts: Catalogue['ladder'] = {
	title: 'Options avec moins de changements',
	lead: 'Chaque ligne montre le maximum que l’on corrige avec ce nombre de changements.',
	things: {
		seat: 'siège',
		surface: 'table',
		feet: 'un appui sous les pieds',
		keys: 'clavier et souris',
		screen: 'écran'
	},
	thing: (name, by) => `${name} ${by}`,
	count: (n) => (isOne(n) ? 'Un changement' : `${inWordsFeminine(n)} changements`),
	suggested: 'notre proposition',
	show: 'Afficher ce plan',
	isShown: 'Affiché ci-dessous',
	other: (n, isCloser) => (isCloser ? 'Le plus juste' : `Avec d’autres objets${n > 1 ? `, ${n}` : ''}`)
};

/** The page of a plan. */
export const planTexts: Catalogue['plan'] = {
	dayLink: 'Prévoir les pauses de la journée',
	allDone: 'Toutes les étapes sont faites. Maintenant, bougez.',
	title: 'Votre plan',
	act: {
		seat: (by, isUp) => (isUp ? `Montez le siège de ${by}` : `Baissez le siège de ${by}`),
		surface: (by, isUp) => (isUp ? `Montez la table de ${by}` : `Baissez la table de ${by}`),
		feet: (by) => `Mettez un appui de ${by} sous vos pieds`,
		keys: (by) => `Surélevez le clavier de ${by}`,
		screen: (by, isUp) => (isUp ? `Montez l’écran de ${by}` : `Baissez l’écran de ${by}`),
		flat: 'Posez le clavier à plat',
		back: 'Soutenez le bas de votre dos',
		mouse: 'Mettez la souris au niveau du clavier',
		distance: (to) => `Placez l’écran à ${to} de vos yeux`,
		tilt: 'Inclinez l’écran en arrière'
	},
	leadStep: (n) =>
		isOne(n)
			? 'C’est le seul changement, avec ce que vous avez chez vous.'
			: `C’est l’une des ${inWordsWithin(n)} étapes, en partant du sol, avec ce que vous avez chez vous.`,
	leadFound: (name) => `${name} : cela vient en premier.`,
	titleMeasure: (what) => `À mesurer d’abord : ${what}`,
	leadMeasure: 'Pour l’instant c’est une estimation. Quand vous aurez mesuré, nous referons votre plan.',
	thenTitle: 'Ensuite :',
	measureNow: 'Mesurer maintenant',
	titleNone: 'Aucun changement nécessaire',
	titleAnotherSpot: 'Trouvez un meilleur endroit pour travailler',
	leadAnotherSpot:
		'Avec ce que vous avez, cet endroit ne peut pas convenir. Vous voyez ci-dessous le mieux possible ici et ce qu’il faut chercher.',
	titleKeyboard: 'Demandez un clavier et une souris',
	leadKeyboard: (steps) =>
		[
			'Un portable ne peut pas convenir aux mains et aux yeux à la fois. Rien d’autre ne vous aidera autant.',
			steps === 0
				? ''
				: isOne(steps)
					? 'En attendant, faites l’étape ci-dessous.'
					: `En attendant, faites les ${inWordsWithin(steps)} étapes ci-dessous.`
		]
			.filter(Boolean)
			.join(' '),
	noNetwork:
		'Vous êtes hors ligne. Les coches et les hauteurs sont enregistrées ici. Ce qui est gris fonctionnera quand vous serez en ligne.',
	leadNone: (measure) =>
		[
			'Vos hauteurs conviennent, pour autant que nous le sachions.',
			measure ? `Pour plus de certitude, mesurez : ${measure}.` : '',
			'Vérifiez à nouveau si quelque chose change : une chaise, des lunettes, une nouvelle douleur.'
		]
			.filter(Boolean)
			.join(' '),
	leadHeightsFit: 'Vous n’avez rien à changer : vos hauteurs conviennent, pour autant que nous le sachions.',
	leadSoftSeat:
		'Un canapé, un lit ou le sol ne peuvent pas convenir. Vous voyez ci-dessous ce qu’il faut chercher.',
	titleHopeless: 'Rien chez vous ne corrige cela pour l’instant',
	leadHopeless: 'Ajoutez d’autres objets, ou demandez à la coordination ce qui manque.',
	openNow: (list) => `Maintenant : ${list}.`,
	stays: (list) => `Après toutes les étapes : ${list}.`,
	padShare: {
		pillow: (percent) => `un oreiller garde ${percent} % de son épaisseur`,
		cushion: (percent) => `un coussin garde ${percent} % de son épaisseur`
	},
	padsExpected: (shares) => `Mesuré chez d’autres, une fois assis dessus : ${shares}.`,
	stoodIn: (list) => `Non mesuré, nous avons pris des tailles habituelles : ${list}.`,
	estimated: (list) => `Estimé d’après votre taille, à mesurer si possible : ${list}.`,
	measureNext: (what) => `À mesurer ensuite : ${what}.`,
	isDone: 'Fait',
	isOpen: 'Pas fait',
	tick: 'Cochez chaque étape quand elle est faite.',
	again: 'Vérifier les hauteurs',
	notHere: 'Impossible ici',
	notHereLead: 'Pas là, utile ailleurs ou instable ? Nous referons le plan sans cet objet.',
	without: (label) => `Sans : ${label}`,
	withoutAny: {
		book: 'Sans livres',
		ream: 'Sans papier',
		binder: 'Sans classeurs',
		'board-game': 'Sans jeux de société',
		'sturdy-box': 'Sans caisses',
		'light-box': 'Sans boîtes légères',
		'step-stool': 'Sans marchepied',
		pillow: 'Sans oreillers',
		cushion: 'Sans coussins',
		towel: 'Sans serviettes',
		blanket: 'Sans couvertures',
		bolster: 'Sans traversins'
	},
	leftOut: 'Laissé de côté :',
	putBack: (label) => `Utiliser à nouveau : ${label}`,
	takeAlong: 'Télécharger mes données',
	anotherLead: 'Il manque quelque chose ou c’est instable ? Ces plans utilisent d’autres objets.',
	planN: (n) => (n === 1 ? 'Le meilleur plan' : `Plan ${n}`),
	checksTitle: 'Vos hauteurs',
	print: 'Imprimer',
	correct: 'Corriger mes réponses',
	isNew: 'Voici votre nouveau plan.',
	sent: 'La coordination a vos réponses.',
	notSent: 'La coordination a vos réponses précédentes.',
	behind: 'Vous avez changé des réponses après ce plan.',
	renew: 'Envoyer les changements et refaire un plan',
	firstStep: (place) => `${place} :`,
	sureTitle: 'Notre degré de certitude',
	oldRules:
		'Nous faisons maintenant des plans plus soignés. Le vôtre reste juste, un nouveau peut être meilleur. Les étapes faites et encore utiles restent cochées.',
	newRules: 'Refaire un plan',
	offline:
		'Vous êtes hors ligne, cet appareil a donc fait votre plan. Tout est enregistré ici et sera envoyé dès que vous serez en ligne.',
	solving: 'Votre plan se prépare …',
	withdraw: 'Retirer mes réponses',
	alternatives: 'Plans',
	ticked: (n, of) => `${n} étapes faites sur ${of}`,
	kept: (list) => `C’est un nouveau plan. Ce que vous avez fait et qui sert encore reste coché : ${list}.`,
	keptNone: 'C’est un nouveau plan. Aucune étape précédente n’y est inchangée.',
	workOnThis: 'Utiliser plutôt ce plan',
	workOnThisNote: 'Les étapes communes restent cochées.',
	workingOn: 'Vous utilisez ce plan',
	doneTitle: 'Tout est fait. Bravo.',
	stepsDoneTitle: (n) =>
		isOne(n)
			? 'Toutes les étapes sont faites. Un problème ci-dessous reste.'
			: `Toutes les étapes sont faites. ${inWordsFeminine(n)} problèmes ci-dessous restent.`,
	doneLead:
		'Vérifiez maintenant les hauteurs : le rembourrage s’enfonce et il peut manquer un livre à une pile.',
	askAgain: (day) => `Nous vous poserons à nouveau la question le ${day}. Cela prend deux à trois minutes.`,
	askedNow: 'Nous avons demandé comment va votre poste. Répondre prend deux à trois minutes.',
	lookAgain: (day) => `Votre prochaine auto-évaluation est le ${day}.`,
	tellNow: 'Répondre au suivi',
	somethingNew: 'Quelque chose a changé',
	earlier: 'Plans précédents',
	earlierOf: (day) => `Du ${day}`
};

/** What remains after a plan, and what would change it. */
export const openProblemTexts: Catalogue['open'] = {
	laptopTitle: 'Un portable seul',
	laptop: (minutes) =>
		`Une pile ne peut pas convenir aux mains et aux yeux à la fois, il y a donc trois possibilités. Changez au bout de ${minutes} minutes au plus.`,
	withKeyboard: 'Avec un clavier et une souris',
	withKeyboardHow:
		'Emprunté, sorti d’un tiroir ou demandé : c’est ce qui aide le plus. Le portable devient l’écran.',
	typing: 'Pour taper',
	typingHow: 'Les mains d’abord : le portable reste bas. Le plan ci-dessus est pour cela.',
	reading: 'Pour lire et pour les appels',
	readingHow: 'Sans taper. Le siège, les pieds et la table restent comme pour taper.',
	arrived: 'J’ai maintenant un clavier et une souris',
	nothingToBuild: 'Aucun changement nécessaire',
	buyTitle: 'À emprunter ou à acheter',
	buyLead: 'Nous avons comparé chacun avec le mieux que permettent vos objets. Empruntez avant d’acheter.',
	buy: {
		'keyboard-and-mouse': 'Un clavier et une souris séparés',
		footrest: 'Un repose-pieds réglable',
		'foot-bar': 'Une barre ou un anneau pour les pieds',
		'seat-cushion': 'Un coussin de siège ferme',
		monitor: 'Un écran à pied réglable',
		chair: 'Une chaise réglable en hauteur',
		'another-surface': 'Une table réglable en hauteur',
		headset: 'Un casque-micro',
		'desk-lamp': 'Une lampe de bureau',
		'paper-holder': 'Un porte-documents',
		'vertical-mouse': 'Une souris verticale ou un pavé tactile',
		'power-strip': 'Une multiprise à câble plus long',
		'sit-stand-converter': 'Un support qui surélève clavier et écran pour être debout'
	},
	both: (first, second) => `${first}. Et aussi : ${second}`,
	moreTitle: 'Encore des objets de la maison',
	more: (height) => `Un autre objet ferme, haut de ${height}`,
	moreHow: 'Des livres, du papier ou une caisse solide : demandez autour de vous avant d’acheter.',
	closes: (list) => `Corrige : ${list}.`,
	change: (name, from, to) =>
		to === null
			? `${name} : juste, au lieu de ${from} d’écart`
			: `${name} : ${to} d’écart au lieu de ${from}`,
	haveIt: 'Vous avez cela chez vous',
	atHome: {
		'keyboard-and-mouse': 'Vous les avez chez vous : branchez-les',
		monitor: 'Vous avez un écran chez vous : essayez-le',
		'paper-holder': 'Votre tablette peut tenir des papiers droits'
	},
	helpTitle: 'Ce qui aiderait aussi',
	ask: 'Demander ceci',
	asked: 'Demandé',
	tied: (regions, isFirst) =>
		`Peut être lié à votre gêne (${regions})${isFirst ? ', et vient donc en premier' : ''}.`,
	besidesTitle: 'À changer aussi',
	tick: 'Cocher comme fait',
	ticked: 'Fait',
	untick: 'Annuler',
	refuse: 'C’est impossible ici',
	refused: 'Impossible ici',
	refusedHazard: 'Impossible ici. La coordination le voit, car quelqu’un peut se blesser.',
	moreFindings: (n) => (isOne(n) ? 'Un autre' : `${n} autres`),
	closedTitle: 'Aussi corrigé par le plan',
	caused: 'Votre plan cause cela, corrigez-le ensuite.',
	borrow: (list) => `Si cela ne suffit pas : ${list}.`,
	off: (length) => `de ${length}`,
	notProven:
		'Il y avait beaucoup de combinaisons, nous avons donc arrêté la recherche. Il existe peut-être un meilleur plan.',
	askNextTitle: 'Aidez-nous à trouver la cause',
	askNext: 'Vous n’avez pas encore répondu à ces questions, les plus importantes pour ce qui fait mal :',
	otherWaysTitle: 'D’autres possibilités',
	otherWaysLead: 'Essayez-en une si le plan ne vous convient pas.'
};

/** The height check: measuring what was built. */
export const remeasurementTexts: Catalogue['again'] = {
	title: 'Vérification des hauteurs',
	lead: 'Un oreiller paraît plus épais qu’il n’est, et il peut manquer un livre à une pile. Mesurez ce qui est là. Laissez vide ce que vous n’avez pas mesuré.',
	fields: {
		seatUnder: 'Du sol au siège, quand vous êtes assis',
		feetOn: 'Du sol à ce sur quoi reposent vos pieds',
		surface: 'Du sol au plateau de la table',
		keysOn: 'Du sol à ce sur quoi est posé le clavier',
		screenTop: 'Du sol au haut de l’affichage'
	},
	hints: {
		seatUnder: 'Asseyez-vous comme au travail et demandez à quelqu’un de lire le mètre sur le côté.',
		feetOn: '0 si vos pieds sont au sol.',
		surface: '',
		keysOn: 'La table elle-même s’il n’est posé sur rien d’autre.',
		screenTop: ''
	},
	planned: (height) => `prévu : ${height}`,
	keep: 'Enregistrer ces chiffres',
	nothingTyped: 'Rien à enregistrer pour l’instant. Indiquez au moins une hauteur que vous avez mesurée.',
	kept: 'Enregistré. Le dessin montre votre poste comme vous venez de le mesurer.',
	keptHere: 'Enregistré sur cet appareil. Nous l’enverrons dès que vous serez en ligne.'
};

/** One person's workstations. */
export const spotTexts: Catalogue['spots'] = {
	title: 'Vos postes',
	name: (n, posture) => `Poste ${n}, ${posture === 'sitting' ? 'assis' : 'debout'}`,
	add: 'Ajouter un autre endroit où vous travaillez',
	moving: (list) =>
		`Ici, chaque objet appartient à un poste. C’est mieux si vous déplacez ceux-ci à chaque changement : ${list}.`,
	move: 'Afficher le plan avec déplacement',
	stay: 'Afficher le plan sans déplacement'
};
