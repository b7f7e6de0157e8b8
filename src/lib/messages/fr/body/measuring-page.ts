import type { MeasuringPageTexts } from '../../shapes';

export const measuringPageTexts: MeasuringPageTexts = {
	title: 'Mesurer à la maison',
	lead: 'Le mieux est un mètre ruban. Sinon, l’un de ces moyens suffit. Dites-nous lequel vous avez utilisé.',
	toTheWalk: 'Revenir aux questions',
	ways: [
		{
			id: 'tape',
			title: 'Mètre ruban',
			lines: [
				'À la verticale jusqu’au sol, à l’avant de la table ou du siège. Les mesures du corps sont plus faciles à deux.'
			]
		},
		{
			id: 'paper-ruler',
			title: 'Règle en papier à imprimer',
			lines: [
				'Imprimez à 100 %, sans « ajuster à la page ». Posez le grand côté d’une carte bancaire sur le trait épais. Les deux doivent avoir la même longueur.',
				'Découpez les quatre bandes et collez chacune sur la languette de la précédente. Cela fait un mètre.'
			]
		},
		{
			id: 'a4-sheets',
			title: 'Feuilles A4 bout à bout',
			lines: [
				'Le grand côté d’une feuille mesure 29,7 cm, le petit 21,0 cm. Prenez toujours le grand côté. Pliez une feuille pour les moitiés, choisissez « Feuilles A4 » et comptez.'
			]
		},
		{
			id: 'card',
			title: 'Une carte bancaire et cet écran, pour les petites choses',
			lines: [
				'Pour l’épaisseur d’un livre ou d’un coussin. Réglez l’échelle une fois avec une carte. Cet appareil la retient.'
			]
		},
		{
			id: 'photo',
			title: 'Photo de profil, quand vous êtes seul',
			lines: [
				'Une photo de profil avec une feuille A4. Vous marquez vos articulations, et cet appareil calcule la hauteur de l’œil et du coude. La photo n’est jamais envoyée.'
			]
		},
		{
			id: 'hand-span',
			title: 'L’empan, en dernier recours',
			lines: [
				'Du pouce au petit doigt, main écartée. Mesurez votre empan une fois sur une feuille A4, puis comptez.'
			]
		}
	],
	printA4: 'Règle pour papier A4',
	printLetter: 'Règle pour papier Letter',
	rulerTitle: 'Règle en papier',
	rulerLead:
		'Imprimez à 100 %. Avant de découper, posez une carte bancaire sur le trait épais. Si les longueurs diffèrent, réglez l’échelle de l’imprimante sur 100 %.',
	check: 'À vérifier : ce trait est aussi long que le grand côté d’une carte bancaire (85,6 mm).',
	cardLabel: 'Réglez le cadre à la largeur d’une carte bancaire',
	cardHow: 'Posez la carte sur l’écran, dans le sens de la longueur, et déplacez le curseur.',
	cardKept: 'L’échelle de cet écran est enregistrée sur cet appareil.',
	cardNot: 'Pas encore réglé, les tailles ci-dessous sont donc approximatives.',
	thingLabel: 'Longueur d’un petit objet',
	thingHow: 'Posez-le contre la barre et déplacez le curseur jusqu’à la même longueur.'
};
