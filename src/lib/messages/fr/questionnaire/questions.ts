import { AT_STANDING_SPOT, SITS_FULLY_BACK } from '$lib/core/plan/conditions/fact-groups';
import type { ChecklistTexts } from '../../shapes';

/** Names of the sections. */
export const stationNames: ChecklistTexts['stations'] = {
	spot: 'L’endroit',
	feet: 'Pieds et siège',
	back: 'Dos et épaules',
	hands: 'Coudes, clavier et poignets',
	mouse: 'Souris',
	screen: 'Écran',
	light: 'Lumière et papiers',
	sound: 'Son et téléphone',
	safety: 'Sécurité',
	second: 'Une deuxième position',
	moving: 'Bouger'
};

const YES_NO = { yes: 'Oui', no: 'Non' } as const;
const DAYLIGHT =
	'La lumière de côté est agréable pour les yeux. De face elle éblouit, de dos elle se reflète dans l’écran.';
const SIZE_UP = 'Si vous ne pouvez pas lire à bout de bras, agrandissez le texte. Ne vous penchez pas.';
const NEXT_POSITION = 'La meilleure position est la suivante.';
const STANDING_STILL = 'Rester longtemps debout sans bouger est aussi mauvais que rester assis.';

/** The questions of the checklist, of every version. Facts: common practice. */
export const questionTexts: ChecklistTexts['items'] = {
	place: {
		question: 'Où travaillez-vous le plus ?',
		why: 'Sur un lit ou un canapé, les jambes sont à plat, le dos s’arrondit et la nuque plie. Aucun coussin n’y change rien.',
		look: 'Pensez à l’endroit où vous passez le plus d’heures, pas au meilleur.',
		answers: {
			table: 'À une table ou un bureau',
			worktop: 'À un plan de travail ou un bar',
			'bed-or-sofa': 'Sur un lit ou un canapé',
			wherever: 'Là où il y a de la place'
		}
	},
	'work-surface': {
		question: 'Sur quoi travaillez-vous ?',
		why: 'Un endroit à vous s’aménage une fois et reste ainsi.',
		look: 'Pensez à l’endroit où vous passez le plus d’heures, pas au meilleur.',
		answers: {
			table: 'Une table ou un bureau',
			worktop: 'Un plan de travail ou un bar',
			'low-table': 'Une table basse',
			lap: 'Mes genoux',
			'no-fixed-place': 'Là où il y a de la place'
		}
	},
	walkway: {
		question: 'Passe-t-on derrière vous ou sur vos câbles ?',
		why: 'Des gens derrière vous créent une tension. Un câble dans le passage fait trébucher.',
		look: 'Imaginez la pièce à l’heure la plus animée.',
		answers: { 'out-of-the-way': 'Non', 'people-pass': 'Oui, souvent' }
	},
	socket: {
		question: 'Une prise murale est-elle à portée ?',
		why: 'De longs câbles font trébucher.',
		look: 'Suivez le câble de votre chargeur jusqu’au mur.',
		answers: { 'in-reach': 'Oui', 'across-the-room': 'Non' }
	},
	quiet: {
		question: 'Est-ce assez calme pour réfléchir ?',
		why: 'Le bruit fait crisper la nuque et serrer les mâchoires.',
		look: 'Écoutez pendant une minute.',
		answers: { quiet: 'La plupart du temps', 'often-disturbed': 'Souvent non' }
	},
	window: {
		question: 'Où est la fenêtre quand vous regardez l’écran ?',
		why: DAYLIGHT,
		look: 'Placez-vous comme au travail et montrez la fenêtre la plus claire.',
		answers: { side: 'Sur le côté', none: 'Il n’y en a pas', ahead: 'Devant moi', behind: 'Derrière moi' }
	},
	'window-clock': {
		question: 'Si 12 heures est droit devant, où est la fenêtre la plus claire ?',
		why: DAYLIGHT,
		look: 'Regardez l’écran et imaginez une horloge posée sur le bureau.',
		answers: {
			none: 'Pas de fenêtre',
			'at-12': '12, droit devant',
			'at-1': '1',
			'at-2': '2',
			'at-3': '3, à ma droite',
			'at-4': '4',
			'at-5': '5',
			'at-6': '6, derrière moi',
			'at-7': '7',
			'at-8': '8',
			'at-9': '9, à ma gauche',
			'at-10': '10',
			'at-11': '11'
		}
	},
	sun: {
		question: 'Le soleil atteint-il votre visage ou l’écran à une heure ?',
		why: 'Une heure de soleil sur l’écran, c’est une heure à plisser les yeux.',
		look: 'Le soleil bas de l’hiver entre le plus loin.',
		answers: { never: 'Jamais', 'at-some-hour': 'À une heure' }
	},
	chair: {
		question: 'Sur quoi êtes-vous assis ?',
		why: 'Un dos sans appui se fatigue. Un ballon convient une heure, pas une journée.',
		look: '',
		answers: { chair: 'Une chaise à dossier', stool: 'Un tabouret ou un banc', ball: 'Un ballon' }
	},
	'whole-foot': {
		question: 'Tout votre pied est-il posé ?',
		why: 'Des pieds qui pendent tirent sur les cuisses et le bas du dos.',
		look: [
			{
				holds: SITS_FULLY_BACK,
				text: 'Asseyez-vous bien au fond, avec les chaussures du travail. Les deux talons touchent-ils sans tendre les jambes ?'
			},
			{
				holds: {},
				text: 'Asseyez-vous comme au travail, avec les chaussures du travail. Les deux talons touchent-ils sans tendre les jambes ?'
			}
		],
		answers: {
			'both-flat': 'Les deux pieds à plat',
			'toes-only': 'Seulement les orteils',
			hanging: 'Ils pendent'
		}
	},
	footplates: {
		question: 'Vos pieds restent-ils sur les repose-pieds quand vous travaillez ?',
		why: 'Des pieds qui glissent tirent tout le corps vers l’avant.',
		look: 'Regardez après une demi-heure de frappe.',
		answers: { 'on-the-plates': 'Ils restent', 'slide-off': 'Ils glissent' }
	},
	'behind-the-knee': {
		question: 'Que peut-on passer entre le bord du siège et le creux du genou ?',
		why: 'Un bord derrière le genou appuie sur les vaisseaux et les nerfs, et les jambes s’engourdissent.',
		look: [
			{ holds: SITS_FULLY_BACK, text: 'Asseyez-vous bien au fond et glissez les doigts.' },
			{ holds: {}, text: 'Asseyez-vous comme au travail et glissez les doigts.' }
		],
		answers: {
			'two-fingers-to-a-fist': 'De deux doigts à un poing',
			'more-than-a-fist': 'Plus d’un poing',
			touches: 'Rien, cela touche'
		}
	},
	'crossed-legs': {
		question: 'Êtes-vous souvent assis les jambes croisées ou repliées ?',
		why: 'Ce n’est pas une faute. Votre corps vous demande de vous lever.',
		look: 'Faites-y attention pendant un appel.',
		answers: { seldom: 'Rarement', often: 'Souvent' }
	},
	'ball-hours': {
		question: 'Combien de temps d’affilée êtes-vous sur le ballon ?',
		why: 'Un ballon fait bouger. Sans dossier, il fatigue aussi.',
		look: '',
		answers: { 'an-hour-at-most': 'Une heure au plus', longer: 'Plus longtemps' }
	},
	'all-the-way-back': {
		question: 'Êtes-vous assis bien au fond ?',
		why: 'Un dossier n’aide que si l’on s’y appuie.',
		look: 'Après dix minutes de travail, le bas du dos le touche-t-il ?',
		answers: { 'all-the-way': 'Oui', 'front-of-the-seat': 'Non, plutôt à l’avant' }
	},
	shoulders: {
		question: 'Où sont vos épaules quand vous tapez ?',
		why: 'Des épaules levées ou en avant travaillent toute la journée pour rien.',
		look: 'De côté : oreille au-dessus de l’épaule, épaule au-dessus de la hanche. Demandez à quelqu’un, ou prenez un miroir.',
		answers: { 'down-and-open': 'Basses et ouvertes', 'rolled-forward': 'En avant', raised: 'Levées' }
	},
	even: {
		question: 'Votre poids est-il bien réparti ?',
		why: 'S’appuyer sur un accoudoir ou une hanche plie le dos sur le côté.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Nez, épaules, hanches, genoux et pieds vont dans la même direction.'
			},
			{
				holds: {},
				text: 'Sentez les deux os du bassin. Nez, épaules, hanches, genoux et pieds vont dans la même direction.'
			}
		],
		answers: { even: 'Réparti', 'one-side': 'Plus d’un côté' }
	},
	'neck-rest': {
		question: 'Vous penchez-vous en arrière au travail ?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Avec cette façon de s’asseoir, on se penche en arrière. La nuque a alors besoin d’un appui.'
			},
			{
				holds: {},
				text: 'Certains se penchent en arrière, d’autres non. Si oui, la nuque a besoin d’un appui.'
			}
		],
		look: 'Penchez-vous comme vous aimez. La tête est-elle soutenue ?',
		answers: {
			upright: 'Non, je suis droit',
			'leans-back-held': 'Oui, et ma nuque est soutenue',
			'leans-back-free': 'Oui, sans rien derrière la nuque'
		}
	},
	'armrest-use': {
		question: 'Quand vos bras sont-ils sur les accoudoirs ?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Penché en arrière, les accoudoirs peuvent porter les bras pendant la frappe. D’autres les gardent pour les pauses.'
			},
			{
				holds: { way: ['forearms-down'] },
				text: 'Avec cette façon de s’asseoir, la table porte les bras. D’autres utilisent les accoudoirs pendant les pauses.'
			},
			{
				holds: {},
				text: 'Ici, les accoudoirs sont pour les pauses : taper dessus lève les épaules. Les spécialistes ne sont pas d’accord.'
			}
		],
		look: '',
		answers: { 'in-pauses': 'Pendant les pauses', never: 'Jamais', 'while-typing': 'Quand je tape' }
	},
	'armrest-place': {
		question: 'Où sont les accoudoirs quand vous êtes assis ?',
		why: 'Des accoudoirs écartés éloignent les coudes du corps.',
		look: 'Laissez pendre les bras. Les coudes arrivent-ils dessus ?',
		answers: { 'beside-the-body': 'Contre mon corps', 'out-to-the-side': 'Plus loin sur le côté' }
	},
	wrist: {
		question: 'Votre poignet est-il droit quand vous tapez ?',
		why: 'Un poignet plié vers le haut serre le nerf. Un peu vers le bas va bien, vers le haut non.',
		look: 'Arrêtez-vous au milieu d’un mot. Regardez de côté, puis du dessus.',
		answers: {
			straight: 'Droit',
			'a-little-down': 'Un peu vers le bas',
			up: 'Plié vers le haut',
			sideways: 'Plié sur le côté'
		}
	},
	edge: {
		question: 'Un bord appuie-t-il sur le poignet ou l’avant-bras ?',
		why: 'Un bord dur sur le poignet donne des picotements dans les doigts.',
		look: 'Cherchez une ligne rouge sur la peau après une heure.',
		answers: { nothing: 'Non', presses: 'Oui' }
	},
	'keyboard-feet': {
		question: 'Les petits pieds à l’arrière du clavier sont-ils dépliés ?',
		why: 'Ils plient les poignets vers le haut. Le clavier doit être à plat ou descendre vers l’arrière.',
		look: 'Soulevez le bord arrière et regardez dessous.',
		answers: { 'folded-in': 'Repliés', none: 'Il n’en a pas', out: 'Dépliés' }
	},
	'palm-rest': {
		question: 'Vous appuyez-vous sur un repose-poignets ?',
		why: 'Il est pour les pauses. En tapant, il appuie là où passe le nerf.',
		look: '',
		answers: { none: 'Je n’en ai pas', 'in-pauses': 'Pendant les pauses', 'while-typing': 'Quand je tape' }
	},
	'keyboard-place': {
		question: 'Le clavier est-il près de vous ?',
		why: 'Un clavier éloigné tire les bras et le dos vers l’avant.',
		look: 'Coudes près du corps, épaules basses : vos doigts touchent-ils la rangée du milieu ?',
		answers: { close: 'Près', 'far-back': 'Je dois tendre les bras' }
	},
	'eyes-on-keys': {
		question: 'Où regardez-vous quand vous tapez ?',
		why: 'Regarder les touches plie la nuque toute la journée.',
		look: '',
		answers: { 'on-the-screen': 'L’écran', 'on-the-keys': 'Souvent les touches' }
	},
	lap: {
		question: 'Le clavier pourrait-il rester un moment sur vos genoux ?',
		why: 'Si la table est trop haute, les genoux sont peut-être à la bonne hauteur.',
		look: '',
		answers: { 'would-work': 'Oui', 'would-not': 'Non' }
	},
	'mouse-place': {
		question: 'Où est votre souris ?',
		why: 'Un bras tendu vers la souris fait mal de l’épaule à la main.',
		look: 'Prenez la souris. Votre coude est-il près du corps ?',
		answers: { 'beside-the-keys': 'Juste à côté du clavier', 'arm-stretched': 'Je tends le bras' }
	},
	'mouse-level': {
		question: 'La souris est-elle au niveau du clavier ?',
		why: 'Si les hauteurs diffèrent, une épaule travaille plus haut que l’autre.',
		look: '',
		answers: { 'same-level': 'Oui', 'other-level': 'Non' }
	},
	'mouse-drift': {
		question: 'La souris s’éloigne-t-elle pendant la journée ?',
		why: 'Les souris vont vers l’extérieur et l’épaule suit.',
		look: 'Regardez où elle est en fin de journée.',
		answers: { stays: 'Elle reste', drifts: 'Elle s’éloigne' }
	},
	'side-table': {
		question: 'Y a-t-il une petite table à mettre à côté de vous ?',
		why: 'Une souris sur une table d’appoint reste à portée si le bureau manque de place.',
		look: 'Une table de nuit ou un tabouret suffit.',
		answers: { 'there-is-one': 'Oui', none: 'Non' }
	},
	'pointing-hand': {
		question: 'Comment va la main de la souris le soir ?',
		why: 'Une main fait tout. L’autre peut apprendre en une semaine.',
		look: '',
		answers: { fresh: 'Comme l’autre', tired: 'Fatiguée ou douloureuse' }
	},
	'laptop-hours': {
		question: 'Combien de temps d’affilée tapez-vous sur le portable lui-même ?',
		why: 'Sur un portable, soit l’écran est trop bas, soit le clavier est trop haut.',
		look: '',
		answers: { 'under-half-an-hour': 'Moins d’une demi-heure', longer: 'Plus longtemps' }
	},
	'lean-in': {
		question: 'Vous penchez-vous pour lire ?',
		why: SIZE_UP,
		look: 'Asseyez-vous au fond et lisez votre plus petit texte habituel.',
		answers: { seldom: 'Rarement', often: 'Souvent' }
	},
	'read-sitting-back': {
		question: 'Asseyez-vous comme prévu. Comment lisez-vous votre plus petit texte habituel ?',
		why: SIZE_UP,
		look: 'Lisez trois lignes à voix haute sans bouger la tête.',
		answers: { easily: 'Facilement', 'lean-in': 'Je me penche', squint: 'Je plisse les yeux' }
	},
	screens: {
		question: 'Combien d’écrans regardez-vous ?',
		why: 'Avec deux, il compte de savoir vers lequel vous tournez.',
		look: '',
		answers: { one: 'Un', two: 'Deux ou plus' }
	},
	'second-kind': {
		question: 'Quel est le second écran ?',
		why: 'Un portable à plat à côté d’un écran tire la tête vers le bas d’un côté.',
		look: '',
		answers: {
			monitor: 'Un écran séparé',
			'laptop-raised': 'Un portable surélevé',
			'laptop-flat': 'Un portable à plat sur la table',
			tablet: 'Une tablette ou un téléphone posé'
		}
	},
	'screen-share': {
		question: 'Comment partagez-vous votre temps entre eux ?',
		why: 'Le plus utilisé doit être droit devant.',
		look: 'Comptez pendant dix minutes où vous regardez.',
		answers: { 'one-most': 'Surtout l’un', 'both-alike': 'Les deux à peu près autant' }
	},
	ahead: {
		question: 'L’écran est-il droit devant ?',
		why: 'Une nuque tournée se fatigue en une heure.',
		look: 'Nez, épaules, hanches et genoux vont vers l’écran.',
		answers: { straight: 'Droit devant', 'to-one-side': 'Sur un côté' }
	},
	'main-screen': {
		question: 'Où est l’écran que vous utilisez le plus ?',
		why: 'Mettez le plus utilisé droit devant. Si c’est autant, mettez l’espace entre eux droit devant.',
		look: 'Comptez pendant dix minutes où vous regardez.',
		answers: {
			'main-ahead': 'Droit devant',
			'both-alike-seam-ahead': 'Autant les deux, l’espace droit devant',
			'main-to-one-side': 'Sur un côté'
		}
	},
	turning: {
		question: 'Comment tournez-vous vers l’autre écran ?',
		why: 'Ne tourner que la tête toute la journée est dur pour la nuque.',
		look: '',
		answers: { 'whole-body': 'Avec tout le corps', 'head-only': 'Seulement la tête' }
	},
	tilt: {
		question: 'L’écran est-il bien face à vos yeux ?',
		why: 'Un écran mal incliné reflète la lampe et fait lever le menton.',
		look: 'Posez un miroir à plat dessus. Vous devez voir vos propres yeux.',
		answers: { 'square-to-the-eye': 'Oui', 'leans-away-or-down': 'Non' }
	},
	'tips-head-back': {
		question: 'Penchez-vous la tête en arrière pour lire avec le bas de vos verres ?',
		why: 'Un menton levé toute la journée fait mal à la nuque. Baissez l’écran et inclinez-le en arrière.',
		look: 'Fermez les yeux, tenez-vous droit, ouvrez-les. Pouvez-vous lire sans bouger la tête ?',
		answers: YES_NO
	},
	reflections: {
		question: 'Voyez-vous des reflets dans l’écran ?',
		why: 'Les yeux forcent pour voir à travers un reflet et la tête l’évite.',
		look: 'Éteignez l’écran et regardez dedans.',
		answers: { none: 'Non', some: 'Oui' }
	},
	brightness: {
		question: 'L’écran est-il clair par rapport à la pièce ?',
		why: 'Les yeux se fatiguent à passer du clair au sombre.',
		look: 'Tenez une feuille blanche à côté. Les deux doivent se ressembler.',
		answers: {
			'like-the-room': 'À peu près pareil',
			'lamp-bright': 'Il brille comme une lampe',
			'too-dim': 'Il est sombre'
		}
	},
	'eye-test': {
		question: 'Quand vos yeux ont-ils été vérifiés ?',
		why: 'D’abord un texte plus grand, puis de nouvelles lunettes. Ne vous penchez pas.',
		look: '',
		answers: { 'two-years': 'Il y a moins de deux ans', longer: 'Il y a plus longtemps, ou jamais' }
	},
	lamp: {
		question: 'De quel côté est la lampe quand vous écrivez à la main ?',
		why: 'Du côté qui écrit, la main fait de l’ombre sur le texte.',
		look: 'Tenez un stylo au-dessus du papier. Où tombe l’ombre ?',
		answers: {
			'other-side': 'Du côté opposé à la main qui écrit',
			'no-paper-work': 'Je n’écris pas à la main',
			'writing-side': 'Du côté de la main qui écrit'
		}
	},
	'only-light': {
		question: 'L’écran est-il parfois la seule lumière ?',
		why: 'Dans le noir, les pupilles s’ouvrent et l’écran éblouit.',
		look: '',
		answers: YES_NO
	},
	evening: {
		question: 'Avec quelle lumière travaillez-vous tard ?',
		why: 'Une lumière plus chaude le soir aide à dormir.',
		look: 'La plupart des écrans peuvent devenir plus chauds à heure fixe.',
		answers: { warm: 'Chaude', 'no-evenings': 'Je ne travaille pas tard', cold: 'Froide et vive' }
	},
	air: {
		question: 'Un chauffage, un ventilateur ou une fenêtre souffle-t-il vers votre visage ?',
		why: 'L’air en mouvement sèche les yeux.',
		look: '',
		answers: { still: 'Non', 'at-my-face': 'Oui' }
	},
	papers: {
		question: 'Où mettez-vous les papiers que vous recopiez ?',
		why: 'À plat à côté du clavier, ils plient et tournent la nuque à chaque ligne.',
		look: '',
		answers: {
			'on-a-stand': 'Sur un support près de l’écran',
			'no-papers': 'Je n’en ai pas',
			flat: 'À plat sur la table'
		}
	},
	phone: {
		question: 'Comment tenez-vous le téléphone pour les longs appels ?',
		why: 'Un téléphone entre l’oreille et l’épaule plie la nuque et lève l’épaule à la fois.',
		look: '',
		answers: {
			'headset-or-loudspeaker': 'Casque-micro ou haut-parleur',
			seldom: 'Je n’en ai pas',
			'between-ear-and-shoulder': 'Entre l’oreille et l’épaule'
		}
	},
	'phone-side': {
		question: 'Où est votre téléphone ?',
		why: 'La main qui écrit reste libre si l’autre prend le téléphone.',
		look: '',
		answers: { 'other-hand': 'Près de la main qui n’écrit pas', 'writing-hand': 'Près de la main qui écrit' }
	},
	ear: {
		question: 'Avec quelle oreille écoutez-vous ?',
		why: 'Toujours la même oreille, c’est toujours pencher du même côté.',
		look: '',
		answers: { changes: 'Les deux, ou tantôt l’une tantôt l’autre', 'always-the-same': 'Toujours la même' }
	},
	'phone-reading': {
		question: 'Comment lisez-vous sur le téléphone ?',
		why: 'Une tête penchée sur les genoux pèse lourd sur la nuque.',
		look: '',
		answers: {
			'at-eye-height': 'Levé à hauteur des yeux',
			seldom: 'Rarement',
			'in-the-lap': 'Sur les genoux'
		}
	},
	headphones: {
		question: 'Avec quoi écoutez-vous ?',
		why: 'Beaucoup trouvent un casque posé sur l’oreille plus doux à la longue. D’autres vont bien avec de petits écouteurs, à volume bas.',
		look: '',
		answers: {
			'over-the-ear': 'Sur l’oreille',
			none: 'Rien',
			'in-the-ear': 'Dans l’oreille, pendant des heures'
		}
	},
	cables: {
		question: 'Où passent les câbles ?',
		why: 'Un câble à vos pieds peut vous faire trébucher et faire tomber un écran.',
		look: 'Regardez sous la table.',
		answers: { 'out-of-the-way': 'Hors du passage', 'at-the-feet': 'À mes pieds, ou en travers du sol' }
	},
	strips: {
		question: 'Où est branchée votre multiprise ?',
		why: 'Une multiprise sur une autre peut chauffer. Branchez chacune au mur.',
		look: 'Suivez le câble jusqu’au mur.',
		answers: { 'into-the-wall': 'Au mur', none: 'Je n’en ai pas', 'into-another': 'Sur une autre multiprise' }
	},
	stacks: {
		question: 'Vos piles tiennent-elles bien ?',
		why: 'Ce qui bouge peut tomber, avec l’écran dessus.',
		look: 'Enlevez l’écran et poussez chaque pile de la main.',
		answers: { none: 'Je n’en ai pas', firm: 'Bien', wobble: 'L’une bouge' }
	},
	vents: {
		question: 'L’aération du portable est-elle libre ?',
		why: 'Du tissu sur l’aération retient la chaleur, ce qui peut provoquer un feu.',
		look: 'Sentez où sort l’air chaud.',
		answers: { free: 'Libre', covered: 'Sur du tissu, ou couverte' }
	},
	wiped: {
		question: 'Quand avez-vous essuyé le clavier et la souris ?',
		why: 'Les mains vont de là à votre visage.',
		look: '',
		answers: { 'this-month': 'Ce mois-ci', 'long-ago': 'Il y a longtemps' }
	},
	'second-spot': {
		question: [
			{ holds: AT_STANDING_SPOT, text: 'Y a-t-il un endroit où vous pouvez aussi travailler assis ?' },
			{ holds: {}, text: 'Y a-t-il un endroit où vous pouvez travailler debout ?' }
		],
		why: 'Aucune position n’est bonne longtemps, même avec un bon poste.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Une table avec une chaise : les mains de nouveau à hauteur des coudes.'
			},
			{ holds: {}, text: 'Un plan de travail, une commode ou une planche à repasser suffit.' }
		],
		answers: YES_NO
	},
	'standing-time': {
		question: 'Comment passez-vous la journée debout ?',
		why: STANDING_STILL,
		look: '',
		answers: { 'in-turns': 'En alternant avec assis', 'all-day': 'Je suis debout toute la journée' }
	},
	'standing-weight': {
		question: 'Comment vous tenez-vous debout ?',
		why: 'Tout le poids sur une jambe fait pencher les hanches.',
		look: '',
		answers: { even: 'Réparti, ou un pied en avant', 'one-leg': 'Surtout sur une jambe' }
	},
	'standing-legs': {
		question: 'Comment vous tenez-vous debout ?',
		why: 'Tout le poids sur une jambe fait pencher les hanches. Des genoux bloqués fatiguent le dos.',
		look: 'Regardez vers le bas après dix minutes.',
		answers: {
			even: 'Sur les deux pieds',
			'split-stance': 'Un pied en avant, en alternance',
			'one-knee-on-a-stool': 'Un pied ou un genou sur un tabouret, en alternance',
			'one-leg': 'Surtout sur une jambe',
			locked: 'Les genoux bloqués'
		}
	},
	'get-up': {
		question: [
			{ holds: AT_STANDING_SPOT, text: 'À quelle fréquence marchez-vous ou vous asseyez-vous ?' },
			{ holds: {}, text: 'À quelle fréquence vous levez-vous ?' }
		],
		why: NEXT_POSITION,
		look: '',
		answers: {
			'every-half-hour': 'Toutes les demi-heures',
			'every-hour': 'Toutes les heures',
			seldom: 'Rarement'
		}
	},
	'weight-shift': {
		question: 'À quelle fréquence changez-vous d’appui, vous penchez-vous et bougez-vous les bras ?',
		why: `${NEXT_POSITION} La peau sous vous a aussi besoin de changement.`,
		look: '',
		answers: { 'every-half-hour': 'Toutes les demi-heures ou plus', seldom: 'Rarement' }
	},
	'soft-seat-hours': {
		question: 'Combien de temps d’affilée travaillez-vous là ?',
		why: 'Un siège mou laisse le dos s’affaisser et la nuque plier.',
		look: '',
		answers: { 'under-half-an-hour': 'Moins d’une demi-heure', longer: 'Plus longtemps' }
	},
	'far-look': {
		question: 'À quelle fréquence regardez-vous au loin ?',
		why: 'Le travail de près tend un petit muscle de l’œil, et fixer l’écran sèche les yeux.',
		look: 'Toutes les 20 minutes, regardez à environ 6 m pendant 20 secondes et clignez des yeux.',
		answers: { often: 'Plusieurs fois par heure', seldom: 'Rarement' }
	},
	calls: {
		question: 'Où prenez-vous vos appels ?',
		why: 'Les appels sont une occasion de marcher.',
		look: '',
		answers: { 'on-my-feet': 'Debout', 'no-calls': 'Je n’en ai pas', seated: 'Assis' }
	},
	signal: {
		question: 'Qu’est-ce qui vous fait bouger ?',
		why: 'La douleur vient tard. Bougez avant.',
		look: '',
		answers: { 'by-plan': 'Un plan, une horloge, une habitude', 'when-it-hurts': 'Quand cela fait mal' }
	}
};
