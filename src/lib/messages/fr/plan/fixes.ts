import { WITH_ARMRESTS } from '$lib/core/plan/conditions/fact-groups';
import type { ChecklistTexts } from '../../shapes';

/** What to do at home. */
export const householdFixTexts: ChecklistTexts['household'] = {
	'move-to-table':
		'Travaillez à une table, un plan de travail ou une commode. Gardez le lit et le canapé pour les loisirs.',
	'one-fixed-spot':
		'Choisissez un endroit pour les longues heures et aménagez-le. Les autres servent peu de temps.',
	'half-hour-on-soft-seat': 'Si ce doit être ici, restez une demi-heure au plus, puis bougez.',
	'turn-out-of-walkway': 'Tournez ou déplacez la table pour que l’on ne passe pas derrière vous.',
	'move-near-socket': 'Rapprochez-vous d’une prise murale.',
	'quieter-room': 'Fermez la porte, convenez d’horaires, ou prenez la pièce la plus calme pour réfléchir.',
	'screen-over-the-edge':
		'Éloignez la table du mur et asseyez-vous plus loin. Tout le pied de l’écran reste sur la table.',
	'stack-under-feet':
		'Mettez des livres, des ramettes ou une caisse solide sous les deux pieds, le plus large en bas.',
	'back-on-the-plates':
		'Ramenez les pieds sur les repose-pieds, talons compris. Demandez leur hauteur à la personne qui a réglé le fauteuil.',
	'fill-behind-back': 'Mettez un oreiller derrière le dos jusqu’à ce que le bord soit loin de vos genoux.',
	'get-up': 'Levez-vous : prenez un verre d’eau, ou montez un étage.',
	'sit-all-the-way-back': 'Reculez bien au fond, jusqu’à toucher le dossier.',
	'middle-of-the-ball': 'Asseyez-vous au milieu du ballon, pas devant, et pas toute la journée.',
	'rolled-towel': 'Roulez une serviette, attachez-la et mettez-la dans le creux au-dessus de la ceinture.',
	'jacket-with-pocket':
		'Accrochez une veste au dossier et glissez le rouleau dans sa poche. Il tient à toute hauteur.',
	'chair-with-a-back': 'Prenez une chaise à dossier pour les longues heures.',
	'shoulders-down':
		'Laissez tomber les épaules et pendre les bras. Amenez ensuite le clavier et la souris à vos mains.',
	'sit-in-the-middle': [
		{ holds: WITH_ARMRESTS, text: 'Répartissez votre poids et lâchez l’accoudoir.' },
		{ holds: {}, text: 'Répartissez votre poids des deux côtés.' }
	],
	'roll-behind-neck': 'Mettez un petit rouleau ou un coussin de voyage derrière la nuque.',
	'keyboard-feet-in': 'Repliez les pieds à l’arrière du clavier.',
	'towel-over-edge': 'Pliez une serviette sur le bord.',
	'rest-in-pauses': 'Reposez-vous pendant les pauses. Laissez flotter les mains quand vous tapez.',
	'take-armrests-off': 'Baissez les accoudoirs. Ne les enlevez que si la notice de la chaise montre comment.',
	'ask-the-fitter':
		'Demandez à la personne qui a réglé votre fauteuil de mettre les accoudoirs à vos coudes.',
	'table-over-armrests':
		'Cherchez une table avec plus de place dessous. Les accoudoirs doivent passer sous le bord.',
	'armrests-in': 'Rapprochez les accoudoirs si c’est possible. Sinon, ne vous y appuyez pas.',
	'pad-armrest': 'Attachez une serviette pliée autour de l’accoudoir.',
	'light-on-keys': 'Éclairez les touches et apprenez deux touches par jour sans regarder.',
	'keys-nearer': 'Tirez le clavier vers vous jusqu’à ce que les coudes soient près du corps.',
	'mouse-beside-keyboard': 'Mettez la souris juste à côté du clavier, le coude près du corps.',
	'tape-a-square': 'Marquez un carré pour la souris avec du ruban adhésif. Ramenez-la quand elle s’éloigne.',
	'stack-under-mouse': 'Surélevez la souris jusqu’au niveau du clavier.',
	'change-mouse-hand': 'Utilisez l’autre main pour la souris le matin.',
	'half-height-half-hour': 'Travaillez une demi-heure au plus et changez d’endroit entre les deux.',
	'move-screen-away': 'Reculez l’écran.',
	'move-screen-nearer': 'Rapprochez l’écran.',
	'enlarge-text': 'Agrandissez le texte jusqu’à pouvoir le lire assis au fond.',
	'screen-straight-ahead': 'Mettez l’écran le plus utilisé droit derrière le clavier.',
	'raise-second-screen': 'Surélevez le second écran jusqu’au niveau du premier.',
	'turn-with-the-body': [
		{
			holds: { castors: ['yes'] },
			text: 'Tournez tout le corps. Les roulettes de la chaise vous aident.'
		},
		{ holds: {}, text: 'Tournez tout le corps, pieds compris.' }
	],
	'tilt-screen': 'Inclinez l’écran jusqu’à ce qu’il soit face à vos yeux.',
	'lower-and-lean-back': 'Baissez l’écran et inclinez-le de 10 à 20° en arrière.',
	'turn-desk': 'Tournez la table pour que la fenêtre soit sur le côté.',
	'draw-curtain': 'Tirez un rideau ou un store aux heures claires.',
	'match-brightness': 'Réglez l’écran aussi clair qu’une feuille blanche à côté.',
	'lamp-other-side': 'Mettez la lampe du côté opposé à la main qui écrit.',
	'light-the-room': 'Allumez une lampe qui éclaire la pièce, pas seulement le mur derrière l’écran.',
	'warmer-in-the-evening': 'Réglez l’écran sur des couleurs plus chaudes le soir.',
	'turn-draught-away': 'Détournez l’air de votre visage, ou écartez-vous. Clignez souvent des yeux.',
	'paper-stand': 'Faites un support à côté de l’écran avec un bloc, une pince et des briques de jeu.',
	loudspeaker: 'Utilisez un casque-micro ou le haut-parleur.',
	'phone-on-other-side': 'Mettez le téléphone du côté de la main qui n’écrit pas.',
	'change-ears': 'Changez d’oreille à chaque appel, ou utilisez les deux.',
	'raise-the-phone': 'Levez le téléphone à hauteur des yeux et posez ce coude sur l’autre bras.',
	'headphones-over-ears': 'Essayez un casque posé sur l’oreille, à volume bas.',
	'cables-to-the-wall': 'Faites passer les câbles le long du mur et attachez-les sous la table.',
	'one-strip-one-socket': 'Branchez chaque multiprise directement au mur.',
	'rebuild-wider': 'Refaites la pile, plus large et plus basse, le plus grand en bas.',
	'vents-free': 'Posez le portable sur quelque chose de dur et plat.',
	'wipe-keys': 'Éteignez le clavier et la souris et essuyez-les avec un chiffon humide.',
	'standing-spot': 'Trouvez un plan de travail ou une commode où le clavier est aussi à hauteur des coudes.',
	'change-over':
		'Alternez assis et debout. Les spécialistes ne sont pas d’accord sur la part, mais tous conseillent de changer.',
	'split-stance': 'Avancez un pied, et changez de pied.',
	'knee-on-a-stool': 'Posez un pied ou un genou sur un tabouret bas, et changez de côté.',
	'soften-knees': 'Ne bloquez pas les genoux et passez le poids d’un pied à l’autre.',
	'shift-weight': 'Toutes les demi-heures : penchez-vous en avant et de chaque côté, et bougez les bras.',
	'break-plan':
		'Prévoyez des pauses à heure fixe, avec quelque chose à y faire. Les spécialistes disent toutes les 20 à 60 minutes. 30 convient à la plupart.',
	'look-far': 'Toutes les 20 minutes, regardez à environ 6 m pendant 20 secondes et clignez des yeux.',
	'walk-calls': 'Marchez en téléphonant.',
	'move-before-it-hurts': 'Bougez à heure fixe, pas quand cela fait mal.',
	optician: 'Faites vérifier vos yeux et dites à quelle distance est votre écran.'
};

/** What can be borrowed or bought. */
export const purchaseFixTexts: ChecklistTexts['shop'] = {
	'keyboard-and-mouse': 'un clavier et une souris séparés',
	footrest: 'un repose-pieds réglable',
	'foot-bar': 'une barre ou un anneau pour les pieds sur un siège haut',
	'seat-cushion': 'un coussin de siège ferme',
	monitor: 'un écran à pied réglable',
	'another-surface': 'une table d’une autre hauteur, ou réglable',
	chair: 'une chaise réglable',
	headset: 'un casque-micro',
	'desk-lamp': 'une lampe de bureau',
	'paper-holder': 'un porte-documents',
	'vertical-mouse': 'une souris verticale ou un pavé tactile, pour changer',
	'power-strip': 'une multiprise à câble plus long',
	'sit-stand-converter': 'un support qui surélève clavier et écran pour être debout'
};

/** Cautions, shown next to the risk. */
export const cautionTexts: ChecklistTexts['cautions'] = {
	'stable-stack':
		'Poussez la pile de la main avant de poser quelque chose dessus. Le plus large en bas, rien de fragile.',
	'nobody-on-stack': 'Seulement pour poser les pieds. Ne montez jamais sur une pile.',
	'no-castors': 'Rien à roulettes sous une pile.',
	'thin-padding': 'Un rembourrage mince seulement, sinon le siège bascule.',
	'never-under-screen': 'Ne mettez jamais rien de mou sous un écran.',
	electricity: 'Une multiprise par prise murale. Gardez les câbles hors du passage.',
	vents: 'N’enveloppez jamais dans du tissu un appareil qui a une aération.',
	'half-hour': 'C’est un compromis : une demi-heure à la fois au plus.',
	'stop-at-pain': 'Arrêtez si cela fait mal. On sent un étirement, jamais une douleur.',
	'standing-still': 'Rester longtemps debout sans bouger est aussi mauvais que rester assis.',
	'clinician-first':
		'Des picotements qui vous réveillent, persistent ou viennent avec une faiblesse : consultez un médecin. Ceci est un guide, pas un diagnostic.',
	'fitted-chair':
		'Votre fauteuil est réglé pour vous. Laissez coussin, dossier et repose-pieds à la personne qui l’a réglé.'
};
