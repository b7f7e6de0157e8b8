import type { PhotoTexts } from '../../shapes';

export const photoTexts: PhotoTexts = {
	title: 'Mesurer sur une photo de profil',
	lead: 'Une photo de profil peut remplacer une personne avec un mètre. Vous y marquez vos articulations, et cette page calcule les angles et les hauteurs.',
	private:
		'La photo ne quitte jamais cet appareil. Elle n’est ni envoyée ni enregistrée et disparaît quand vous fermez la page. Seuls les chiffres sont enregistrés, et seulement si vous le voulez.',
	how: [
		'Placez l’appareil à 2 ou 3 mètres, à la hauteur de votre coude, bien en face de votre profil. Utilisez le retardateur ou demandez à quelqu’un d’appuyer.',
		'Tenez une feuille A4 à plat contre votre côté, face à l’appareil, ou fixez-la à l’accoudoir. Une carte bancaire convient aussi, mais c’est moins précis.',
		'Asseyez-vous comme au travail, les mains sur le clavier. Pour les mesures du corps, tenez-vous droit.'
	],
	choose: 'Choisir une photo',
	take: 'Prendre une photo',
	another: 'Utiliser une autre photo',
	notOpened: 'Ce fichier ne s’ouvre pas comme une image. Choisissez une photo JPEG ou PNG.',
	tooSmall: (px) =>
		`Cette image est trop petite pour y mesurer. Il faut au moins ${px} pixels sur le grand côté.`,
	needsStature: 'Indiquez d’abord votre taille sur la première page. La photo est lue à partir d’elle.',
	toStature: 'Indiquer ma taille',
	scaleLegend: 'Qu’est-ce qui a une taille connue sur la photo ?',
	scales: {
		a4: 'Une feuille A4',
		card: 'Une carte bancaire',
		table: 'La table, dont vous avez mesuré la hauteur'
	},
	placeNext: (name) => `Ensuite : ${name}. Touchez l’endroit sur la photo.`,
	allPlaced: 'Tout est marqué. Vérifiez chaque repère et déplacez-le s’il le faut.',
	keys: 'Faites glisser un repère, ou choisissez-le et utilisez les flèches. Avec Maj, les pas sont plus grands. Entrée place le repère suivant.',
	moveMark: 'Repère à déplacer',
	ways: {
		left: 'un pixel à gauche',
		up: 'un pixel vers le haut',
		down: 'un pixel vers le bas',
		right: 'un pixel à droite'
	},
	magnifier: 'Loupe',
	picture: 'Votre photo avec les repères',
	undo: 'Retirer le dernier repère',
	marks: {
		corner1: 'premier coin de la feuille ou de la carte',
		corner2: 'deuxième coin de la feuille ou de la carte',
		corner3: 'troisième coin de la feuille ou de la carte',
		corner4: 'quatrième coin de la feuille ou de la carte',
		tableTop: 'dessus du bord de la table à côté de vous',
		floor: 'sol sous votre talon',
		seat: 'dessus du siège sous la cuisse',
		eye: 'coin extérieur de l’œil',
		ear: 'conduit de l’oreille',
		neck: 'os à la base du cou',
		shoulder: 'milieu de l’articulation de l’épaule',
		elbow: 'os à l’extérieur du coude',
		wrist: 'milieu du poignet',
		knuckle: 'base du petit doigt',
		hip: 'articulation de la hanche, l’os sur le côté',
		knee: 'extérieur du genou',
		ankle: 'os à l’extérieur de la cheville',
		upright1: 'haut de quelque chose de vertical, comme un cadre de porte',
		upright2: 'bas de la première ligne verticale',
		upright3: 'haut d’une deuxième ligne verticale, loin de la première',
		upright4: 'bas de la deuxième ligne verticale'
	},
	skipUpright: 'Rien d’autre de vertical sur la photo',
	edgesFound: 'Les bords de la feuille ont été trouvés sur la photo et les coins placés dessus.',
	edgesNotFound: 'Les bords ne se distinguent pas du fond. Placez les coins aussi précisément que possible.',
	result: 'Résultats de la photo',
	angles: {
		neck: 'Cou : incliné vers l’avant',
		'head-trunk': 'Oreille, épaule et hanche : alignées, cela fait 180°',
		elbow: 'Coude',
		wrist: 'Poignet : plié vers le haut',
		hip: 'Hanche : entre le tronc et la cuisse',
		knee: 'Genou'
	},
	published: {
		elbow: 'plage publiée de 70 à 135°',
		wrist: 'plage publiée jusqu’à 30°',
		hip: 'plage publiée à partir de 90°'
	},
	source: 'Plages : ANSI/HFES 100-2007. Un angle décrit, ce n’est pas un diagnostic.',
	heights: {
		eye: 'Œil au-dessus du sol',
		elbow: 'Coude au-dessus du sol',
		seat: 'Siège au-dessus du sol, avec vous dessus'
	},
	value: (value, spread) => `${value} ± ${spread}`,
	spread: 'Sur 95 photos sur 100, le vrai chiffre se trouve dans ±.',
	issues: {
		scale: 'Les quatre coins ne ressemblent pas à une feuille plate de cette taille. Vérifiez-les.',
		'upper-arm': 'Votre bras serait étonnamment long ou court. Vérifiez l’épaule, le coude et la feuille.',
		'too-near': 'L’appareil était très près. Reculez à 1,5 mètre au moins.',
		turned: 'L’appareil vous regardait de biais. Tournez-le bien en face de votre profil.'
	},
	lengthsLegend: 'Mesures du corps à utiliser dans votre auto-évaluation',
	straight: 'Je me tiens droit sur cette photo',
	needsStraight: 'Ces mesures ne comptent que si vous vous tenez droit, comme quand quelqu’un vous mesure.',
	lengthNow: (length) => `actuellement ${length}`,
	notMeasured: 'pas encore mesuré',
	save: 'Enregistrer ces chiffres',
	saveHow: 'La personne qui vous suit voit ces chiffres avec vos réponses. La photo reste ici.',
	saved: 'Les chiffres sont enregistrés avec vos réponses.',
	remove: 'Supprimer les chiffres de la photo',
	removed: 'Les chiffres de la photo sont supprimés.',
	overlay: 'En pointillé : vous sur la photo, par-dessus la vue de profil tirée de vos réponses.',
	back: 'Retour aux questions'
};
