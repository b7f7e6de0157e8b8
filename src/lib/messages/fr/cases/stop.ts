import type { StopTexts } from '../../shapes';

/** Texts of the stop page and related pages. */
export const stopTexts: StopTexts = {
	lead: 'Vous avez signalé :',
	do: [
		'Appelez. Dites ce que vous ressentez et depuis quand.',
		'Ne conduisez pas. Déverrouillez la porte et, si possible, ne restez pas seul.',
		'Laissez votre bureau comme il est. Vos réponses sont enregistrées et votre lien fonctionnera encore demain.'
	],
	reportReceived:
		'La coordination a reçu votre signalement, mais n’est peut-être pas au travail. Ne l’attendez pas : appelez maintenant. Cet outil ne pose pas de diagnostic.',
	deputyTold: (minutes) =>
		`Si personne ne l’a ouvert après ${minutes} minutes, nous prévenons une personne suppléante par e-mail. N’attendez pas pour autant.`,
	outOfHours: 'En dehors des heures de travail, selon votre organisation :',
	openAgain: 'Pour utiliser à nouveau vos pages',
	slip: 'J’ai appuyé par erreur',
	seen: 'Un médecin ou les secours m’ont vu',
	safe: 'Je suis maintenant en sécurité et quelqu’un est avec moi',
	note: 'La coordination voit ce que vous indiquez ici et vérifiera quand même que vous allez bien.',
	needsNetwork: 'Cela fonctionnera quand vous serez en ligne. Les appels fonctionnent sans internet.',
	mistakeTitle: 'Avez-vous appuyé par erreur ?',
	mistakeLead: 'Vous avez signalé :',
	mistakeYes: 'Oui, par erreur. Je n’ai pas cela',
	mistakeNo: 'Non, j’ai cela',
	staysOpen: 'Toujours accessible',
	write: 'Écrire à la coordination',
	privacy: 'Lire comment vos données sont utilisées',
	download: 'Télécharger vos données',
	withdraw: 'Retirer vos réponses',
	distressTitle: 'Vous n’avez pas à traverser cela seul.',
	distressLead:
		'Vous avez pensé à mettre fin à vos jours. Merci de l’avoir dit. Parlez à quelqu’un maintenant, s’il vous plaît.',
	distressNoLine: (number) =>
		`Votre organisation n’a pas indiqué de ligne d’écoute pour votre pays. Appelez le ${number} ou votre numéro d’urgence local : on vous aidera aussi.`,
	distressDo: [
		'Ne restez pas seul. Allez voir une personne de confiance, ou demandez-lui de venir ou de rester au téléphone.',
		'Si vous êtes en danger maintenant ou si vous vous êtes blessé, appelez le numéro d’urgence.',
		'Éloignez tout ce que vous pourriez utiliser pour vous faire du mal.'
	],
	distressTold:
		'La coordination a reçu votre signalement, mais n’est peut-être pas au travail. Ne l’attendez pas, s’il vous plaît.',
	privacyTitle: 'Comment vos données sont utilisées',
	privacyBack: 'Revenir au début',
	after: {
		title: (name) => `Bonjour ${name}. Prenez votre temps.`,
		happened: (day) => `Le ${day}, vous avez indiqué un signe d’urgence, et nous nous sommes arrêtés ici.`,
		how: {
			seen: 'Depuis, vous avez indiqué qu’un médecin ou les secours vous ont vu.',
			mistake: 'Depuis, vous avez indiqué que c’était une erreur.',
			'safe-now': 'Depuis, vous avez indiqué être en sécurité et avec quelqu’un.',
			outcome: 'Depuis, la coordination a noté ce qui s’est passé.'
		},
		ifAgain: (number) =>
			`Si cela revient, appelez aussitôt le ${number} ou le numéro d’urgence de l’endroit où vous êtes.`,
		noHurry: 'Votre poste peut attendre. Tout est enregistré, et votre lien reste valable.',
		another: 'Pas aujourd’hui',
		rested: (day) => `Pas de rappel avant le ${day}. Ouvrez ce lien quand vous le voudrez.`
	}
};
